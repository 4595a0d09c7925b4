/** What is seen of it at a moment. */
import { kPa, said, valueAt } from '../../../demonstration'
import { eggShapes, torn } from '../egg'
import type { EggOut } from './simulate'

export const drawing: EggOut['drawing'] = (values, s, time) => {
  const [pressure, through, temperature] = ['pressure', 'through', 'gasTemperature'].map(c =>
    valueAt(s.trace, c, time),
  ) as [number, number, number]
  const outside = s.details.stationPressure
  // Inside the neck (0.55) to out of it (0): the way in, backwards.
  const { shapes, form } = eggShapes(
    values,
    0.5 * (1 - through),
    through > 0.6 && torn(values),
    { air: pressure / outside, vapour: 0 },
    true,
  )
  const high = form.height * 1.12
  shapes.push(
    { kind: 'push', stuff: 'inside-air', from: [0, high * 0.62], to: [0, high * 0.42] },
    {
      kind: 'note',
      at: [form.diameter * 0.62, high * 0.8],
      anchor: 'start',
      stuff: 'ink',
      said: ['inside ', kPa(pressure)],
    },
    {
      kind: 'note',
      at: [form.diameter * 0.62, high * 0.68],
      anchor: 'start',
      stuff: 'outside-air',
      said: ['outside ', kPa(outside)],
    },
    {
      kind: 'note',
      at: [-form.diameter * 0.62, high * 0.8],
      anchor: 'end',
      stuff: 'ink',
      said: ['gas ', said(temperature, 'temperature', 'degC', 'degF')],
    },
  )
  return {
    frame: {
      left: -2.6 * form.diameter,
      right: 2.6 * form.diameter,
      bottom: -0.3 * form.height,
      top: 1.16 * form.height,
    },
    shapes,
    caption: [through > 0.5 ? 'Out.' : 'More inside than outside: the gas pushes the egg down and out.'],
  }
}
