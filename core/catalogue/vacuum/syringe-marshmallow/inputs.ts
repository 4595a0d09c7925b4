/** What is stated, and what does not go together. */
import {
  blank,
  type Check,
  coefficient,
  defineInputs,
  ROOM_INPUTS,
  type ValuesOf,
  over,
  under,
} from '../../../demonstration'
import { heldByHand, withinMarks } from '../syringe-checks'
import { asPressure, asVolume, say } from '../../../sentence'

/** Most over the room that a capped syringe is pressed to, Pa; assumption: caps are not made to hold more. */
const MOST_PRESS = 100e3

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  {
    id: 'way',
    name: 'plunger',
    kind: 'choice',
    group: 'pump',
    default: 'out',
    lever: true,
    choices: [
      { id: 'out', name: 'pulled out' },
      { id: 'in', name: 'pushed in' },
    ],
  },
  blank('barrelVolume', 'syringe up to its last mark', 'mL', 'vessel', 60e-6, [5e-6, 300e-6], [20e-6, 150e-6], 0, {
    tells: 'vessel',
  }),
  blank('bore', 'inside of the barrel', 'mm', 'vessel', 0.0267, [8e-3, 0.05], [0.015, 0.04], 0.01),
  blank('foamVolume', 'marshmallow', 'mL', 'load', 3.5e-6, [0.2e-6, 60e-6], [1e-6, 12e-6], 0.1),
  blank(
    'shutAt',
    'mark when the nozzle is shut',
    'mL',
    'vessel',
    ({ choices }) => (choices.way === 'in' ? 50e-6 : 15e-6),
    [2e-6, 300e-6],
    [6e-6, 100e-6],
    0.01,
  ),
  blank(
    'moveTo',
    'mark it is moved to',
    'mL',
    'pump',
    ({ choices }) => (choices.way === 'in' ? 27e-6 : 55e-6),
    [2e-6, 300e-6],
    [6e-6, 150e-6],
    0.01,
    { lever: [-5e-6, 5e-6] },
  ),
  blank('moveTime', 'moved in', 's', 'pump', 1.5, [0.1, 60], [0.5, 10], { shape: 'lognormal', relative: 0.2 }),
  blank('holdTime', 'held there for', 's', 'load', 5, [0.1, 600], [1, 60], { shape: 'lognormal', relative: 0.2 }),
  coefficient(
    'gasShare',
    'gas in the marshmallow',
    '%',
    0.62,
    [0.1, 0.95],
    [0.4, 0.8],
    { shape: 'normal', relative: 0.08 },
    'a marshmallow weighs about half as much as water, sugar syrup a third more than water; assumption, weigh one',
  ),
  coefficient(
    'roomToGrow',
    'times its gas when it is taut',
    '1',
    3.6,
    [1.05, 8],
    [2, 5],
    0.12,
    'assumption, measured by letting one swell until it grows no more',
  ),
  coefficient(
    'foamStiffness',
    'stiffness before it is taut',
    'kPa',
    2.5e3,
    [10, 100e3],
    [500, 10e3],
    0.3,
    'soft foam some kPa (Gibson & Ashby, Cellular Solids, 2nd ed., ch. 5, order of magnitude)',
  ),
  coefficient(
    'leakTime',
    'time in which its gas would seep out',
    's',
    45,
    [1, 1e5],
    [10, 200],
    0.5,
    'a swollen marshmallow sinks within a minute or so; assumption',
  ),
  coefficient(
    'leakArea',
    'leak of cap and plunger',
    'mm2',
    3e-11,
    [0, 1e-8],
    [0, 1e-9],
    0.9,
    'a good one holds its mark for half a minute; assumption',
  ),
])
export type SyringeMarshmallowValues = ValuesOf<typeof inputs>

export const check: Check<SyringeMarshmallowValues> = values => {
  const { numbers: n, choices } = values
  // Boyle for all that is gas, foam and air alike.
  const solid = n.foamVolume * (1 - n.gasShare)
  const press = n.stationPressure * ((n.shutAt - solid) / Math.max(n.moveTo - solid, 1e-9) - 1)
  const faults = [...withinMarks(values, 'shutAt', 'moveTo'), ...heldByHand(values, Math.abs(press))]
  if (n.foamVolume > 0.5 * n.shutAt) {
    faults.push({
      input: 'foamVolume',
      message: say`given ${asVolume(n.foamVolume, { digits: 4 })}; accepted: at most
        ${asVolume(0.5 * n.shutAt, { digits: 4, toward: 'below' })}, half of the mark`,
    })
  }
  if (choices.way === 'out' ? under(n.moveTo, 1.05 * n.shutAt) : over(n.moveTo, 0.95 * n.shutAt)) {
    faults.push({
      input: 'moveTo',
      message: say`given ${asVolume(n.moveTo, { digits: 4 })}; accepted:
        ${
          choices.way === 'out'
            ? say`at least ${asVolume(1.05 * n.shutAt, { digits: 4, toward: 'above' })}`
            : say`at most ${asVolume(0.95 * n.shutAt, { digits: 4, toward: 'below' })}`
        }, some way from where the nozzle is shut`,
    })
  }
  if (choices.way === 'in' && press > MOST_PRESS) {
    const least = solid + (n.stationPressure * (n.shutAt - solid)) / (n.stationPressure + MOST_PRESS)
    faults.push({
      input: 'moveTo',
      message: say`given ${asVolume(n.moveTo, { digits: 4 })}; refused: that makes
        ${asPressure(press, { digits: 4 })} over the room, and a cap may fly off at anybody; accepted: at least
        ${asVolume(least, { digits: 4, toward: 'above' })}`,
    })
  }
  return faults
}
