/** What is seen of it at a moment. */
import { kPa, said, type Shape, valueAt } from '../../../demonstration'
import { eggShapes, torn } from '../egg'
import type { EggInBottle } from './simulate'

export const drawing: EggInBottle['drawing'] = (values, s, time) => {
  const [pressure, temperature, oxygen, through] = ['pressure', 'gasTemperature', 'oxygen', 'through'].map(c =>
    valueAt(s.trace, c, time),
  ) as [number, number, number, number]
  const { sealing, stationPressure, flameOut, lastSeal } = s.details
  const on = time >= sealing
  const dancing = on && time < lastSeal && s.results.danceTime > 0
  const { shapes, form, eggHigh } = eggShapes(values, through, through > 0.5 && torn(values), {
    air: (pressure / stationPressure) * Math.min(1, 300 / temperature),
    vapour: 0,
  })
  const high = form.height
  const burning = values.choices.heating !== 'hot-water' && time < flameOut
  const list: Shape[] = shapes
  if (!on) list.splice(1, list.length - 2)
  if (!on)
    list.push({
      kind: 'round',
      at: [form.diameter * 0.95, high + eggHigh * 0.7],
      across: values.numbers.eggDiameter,
      high: eggHigh,
      stuff: 'food',
    })
  if (dancing)
    list.push(
      {
        kind: 'push',
        stuff: 'inside-air',
        from: [form.neck * 0.5, high + 0.002],
        to: [form.neck * 0.5 + 0.02, high + 0.016],
      },
      {
        kind: 'push',
        stuff: 'inside-air',
        from: [-form.neck * 0.5, high + 0.002],
        to: [-form.neck * 0.5 - 0.02, high + 0.016],
      },
    )
  if (burning) list.push({ kind: 'flame', at: [0, 0.004], high: high * 0.32 })
  else if (values.choices.heating !== 'hot-water')
    list.push({
      kind: 'body',
      points: [
        [-0.01, 0.003],
        [0.012, 0.006],
      ],
      stuff: 'ink',
      open: true,
      thick: 3,
    })
  if (on && !dancing && through < 0.4)
    list.push({ kind: 'push', stuff: 'outside-air', from: [0, high + eggHigh * 1.35], to: [0, high + eggHigh * 0.9] })
  list.push(
    {
      kind: 'note',
      at: [-form.diameter * 0.62, high * 0.42],
      anchor: 'end',
      stuff: 'ink',
      said: ['gas ', said(temperature, 'temperature', 'degC', 'degF')],
    },
    {
      kind: 'note',
      at: [-form.diameter * 0.62, high * 0.28],
      anchor: 'end',
      stuff: 'outside-air',
      said: ['oxygen ', said(oxygen, 'fraction', '%', '%')],
    },
    {
      kind: 'note',
      at: [form.diameter * 0.62, high * 0.42],
      anchor: 'start',
      stuff: 'outside-air',
      said: ['outside ', kPa(stationPressure)],
    },
    {
      kind: 'note',
      at: [form.diameter * 0.62, high * 0.28],
      anchor: 'start',
      stuff: 'ink',
      said: ['inside ', kPa(pressure)],
    },
  )
  return {
    frame: { left: -2.6 * form.diameter, right: 2.6 * form.diameter, bottom: -0.03 * high, top: high + eggHigh * 1.5 },
    shapes: list,
    caption: [
      !on
        ? 'Hot gas leaves through the open neck.'
        : dancing
          ? 'The egg dances: hot gas still gets out under it.'
          : through > 0.02
            ? torn(values)
              ? 'In, and torn.'
              : 'In it goes.'
            : 'Sealed: the gas cools, the room pushes. Hush.',
    ],
  }
}
