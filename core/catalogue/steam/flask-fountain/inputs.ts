/** What is stated, and what does not go together. */
import { ROOM_INPUTS, defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { GRAVITY } from '../../../substances/water-transport'
import { belowBoiling, drawsNoAir, waterFits } from '../checks'
import { atMost } from '../../fits'
import { DIPPED_COEFFICIENTS } from '../dipped-face'
import { bearsTheChill, FLASK_BOTTOM, GLASS_STATE, roundBottom, soundGlass, thickEnough } from '../glass-checks'
import { choice, quantities, quantity } from '../inputs'
import { pow } from '../../../elementary'
import { flaskVessel, type SteamVessel } from '../../../mechanisms/steam-vessel'
import { SOLIDS } from '../../../substances/solids'
import { keptWet } from '../dry-glass'
import { heatingPlan } from '../filling'
import { crossSection } from '../../../vessels/cylinder'
import { asLength, say } from '../../../sentence'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  quantity('vesselVolume', { default: 1e-3, range: [0.1e-3, 10e-3], usual: [0.25e-3, 3e-3] }),
  choice('glassKind', { default: 'borosilicate' }),
  FLASK_BOTTOM,
  GLASS_STATE,
  quantity('wallThickness', {
    name: 'glass thickness',
    default: 1.8e-3,
    range: [0.5e-3, 6e-3],
    usual: [1e-3, 3e-3],
    spread: { shape: 'normal', relative: 0.15 },
  }),
  ...quantities('stemLength', 'stemDiameter'),
  quantity('waterCharge', {
    name: 'water in the flask',
    default: 60e-6,
    range: [5e-6, 5e-3],
    usual: [20e-6, 300e-6],
    lever: [-30e-6, 40e-6],
  }),
  quantity('chargeTemperature', { default: 273.15 + 60 }),
  quantity('heaterPower', { default: 1000 }),
  quantity('heatingEfficiency', { default: 0.35 }),
  quantity('purgeTime', { default: 60, usual: [0, 300], lever: [-30, 30, 60] }),
  quantity('transferTime', { name: 'from the heat, turned over, stem in the bucket', default: 4, lever: [-2, 3, 8] }),
  quantity('bathTemperature', { name: 'water in the bucket', default: 288.15 }),
  quantity('bathVolume', { name: 'bucket', default: 10e-3 }),
  quantity('mouthDepth', { name: 'stem under the surface', default: 0.1, usual: [0.02, 0.3], lever: [] }),
  ...DIPPED_COEFFICIENTS.map(i =>
    i.id === 'poolRetained'
      ? {
          ...i,
          default: 0.6,
          spread: { shape: 'uniform' as const, below: 0.3, above: 0.3 },
          source:
            'the stem reaches a little way above the stopper, so that much of the water stays behind it; assumption',
        }
      : i,
  ),
  ...quantities('stemFriction', 'shockLimit'),
])
export type FlaskFountainValues = ValuesOf<typeof inputs>

/** How far the water of a bucket that is filled as deep as it is wide sinks as the flask fills, m. */
const sinks = ({ numbers: n }: FlaskFountainValues): number =>
  n.vesselVolume / crossSection(pow((4 / Math.PI) * n.bathVolume, 1 / 3))

export const flaskOf = ({ numbers: n }: FlaskFountainValues): SteamVessel =>
  flaskVessel({ capacity: n.vesselVolume, wallThickness: n.wallThickness, mouthDiameter: n.stemDiameter }, SOLIDS.glass)

export const check: Check<FlaskFountainValues> = values => {
  const faults = [
    ...bearsTheChill(values, 'bathTemperature'),
    ...soundGlass(values),
    ...roundBottom(values),
    ...thickEnough(values),
    ...belowBoiling(values, 'chargeTemperature', 'bathTemperature'),
    ...waterFits(values, 'flask'),
    ...drawsNoAir(values, 'flask', sinks(values), 'bucket'),
    ...atMost(values, 'mouthDepth', 'stemLength', "the stem's length"),
    ...(1000 * GRAVITY * values.numbers.stemLength > 0.9 * values.numbers.stationPressure
      ? [
          {
            input: 'stemLength',
            message: say`given ${asLength(values.numbers.stemLength, { digits: 4 })}; accepted: at most
            ${asLength((0.9 * values.numbers.stationPressure) / 1000 / GRAVITY, {
              digits: 4,
              toward: 'below',
            })}, nine tenths of
            what the air here can hold up`,
          },
        ]
      : []),
  ]
  return faults.length > 0 ? faults : keptWet(heatingPlan(values, flaskOf(values)), 'flask', 'purgeTime')
}
