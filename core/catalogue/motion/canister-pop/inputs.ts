import {
  blank,
  coefficient,
  ROOM_INPUTS,
  defineInputs,
  type Values,
  type ValuesOf,
  type Fault,
} from '../../../demonstration'
import { BURNS_IN, WORST_RISE, noOxygen } from '../planned-only'
import { asPressure, say } from '../../../sentence'
/** Overpressure that the poorest mixture of the usual spread still makes, of the room's. */
const POOREST = 1

/** Share of that at which the lid must have let go. Our own rule. */
const LETS_GO = 0.6

/** Share of it at which a usual one does. */
const USUAL_SHARE = 0.5

/** A lid that may hold shuts a burning gas in: refused, and so is oxygen. */
export function check(values: CanisterPopValues): Fault[] {
  const most = LETS_GO * POOREST * values.numbers.stationPressure
  return [
    ...noOxygen(values),
    ...(values.numbers.releaseGauge > most
      ? [
          {
            input: 'releaseGauge',
            message: say`given ${asPressure(values.numbers.releaseGauge, { digits: 4 })}; refused: a lid that
              tight may hold, and shuts a burning gas in; accepted: at most ${asPressure(most, {
                digits: 4,
                toward: 'below',
              })}`,
          },
        ]
      : []),
  ]
}

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  blank('canisterVolume', 'canister', 'mL', 'vessel', 60e-6, [5e-6, 0.5e-3], [20e-6, 300e-6], 0.03, {
    lever: [-30e-6, 100e-6],
  }),
  blank('lidDiameter', 'lid', 'mm', 'vessel', 0.035, [0.008, 0.12], [0.02, 0.08], 0.01),
  blank('lidMass', 'lid weighs', 'g', 'vessel', 3e-3, [0.2e-3, 0.2], [1e-3, 0.03], 0.03),
  blank('lidTravel', 'lid’s rim deep', 'mm', 'vessel', 0.006, [0.0005, 0.05], [0.002, 0.02], 0.1),
  BURNS_IN,
  blank('standHeight', 'stands over the floor', 'm', 'load', 1, [0, 3], [0, 1.5], 0.02),
  blank('firstRow', 'first row from it', 'm', 'load', 12, [1, 100], [3, 30], 0.02, { lever: [-4, 5] }),
  coefficient(
    'releaseGauge',
    'overpressure at which the lid lets go',
    'kPa',
    // In thinner air the gas burns to less: a lid for there lets go sooner.
    ({ numbers }: Values) => Math.min(45e3, USUAL_SHARE * POOREST * numbers.stationPressure!),
    [2e3, 700e3],
    [10e3, 200e3],
    0.35,
    'a push-on lid: pull it off with a spring balance and divide by its area; assumption',
  ),
  coefficient(
    'pressureRise',
    'pressure it could rise to, of the room’s',
    '1',
    4.5,
    [1.2, WORST_RISE],
    [2, WORST_RISE],
    { shape: 'triangular', below: 2.5, above: 3.5 },
    'closed and well mixed 7 to 8 (NFPA 68); a poor mixture less',
  ),
  coefficient(
    'burnTime',
    'it burns within',
    's',
    0.03,
    [0.001, 1],
    [0.005, 0.1],
    0.4,
    'flame speed of a few m/s over some centimetres; assumption',
  ),
  coefficient(
    'soundShare',
    'share of the energy that becomes sound',
    '%',
    3e-4,
    [1e-6, 0.05],
    [1e-5, 5e-3],
    0.7,
    'bangs of small charges: thousandths and less; assumption',
  ),
])
export type CanisterPopValues = ValuesOf<typeof inputs>
