/** What is stated, and what does not go together. */
import { ROOM_INPUTS, coefficient, defineInputs, type Check, type ValuesOf } from '../../../demonstration'
import { asLength, say } from '../../../sentence'
import { RUBBER, slackBalloon } from '../../vacuum/rubber-inputs'
import { lengthAtMost } from '../../fits'
import { belowBoiling, isWetted, waterFits } from '../checks'
import { bearsTheChill, FLASK_BOTTOM, GLASS_STATE, roundBottom, soundGlass, thickEnough } from '../glass-checks'
import { choice, quantities, quantity } from '../inputs'
import { flaskVessel, type SteamVessel } from '../../../mechanisms/steam-vessel'
import { SOLIDS } from '../../../substances/solids'
import { keptWet } from '../dry-glass'
import { heatingPlan } from '../filling'
import { sphereDiameter } from '../../../vessels/sphere'

/** A mouth that a folded balloon of its slack size goes through: this share of it, at least. */
const LEAST_MOUTH = 0.25

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  quantity('vesselVolume', { default: 0.5e-3, range: [0.1e-3, 5e-3], usual: [0.25e-3, 1e-3] }),
  quantity('mouthDiameter', { name: 'neck across', default: 0.028, range: [0.01, 0.1], usual: [0.02, 0.04] }),
  choice('glassKind', { default: 'borosilicate' }),
  FLASK_BOTTOM,
  GLASS_STATE,
  quantity('wallThickness', {
    name: 'glass thickness',
    default: 1.6e-3,
    range: [0.5e-3, 6e-3],
    usual: [1e-3, 3e-3],
    spread: { shape: 'normal', relative: 0.15 },
  }),
  slackBalloon(0.06),
  quantity('waterCharge', {
    name: 'water in the flask',
    default: 20e-6,
    range: [3e-6, 1e-3],
    usual: [10e-6, 100e-6],
    lever: [-10e-6, 20e-6],
  }),
  quantity('chargeTemperature', { default: 273.15 + 40 }),
  quantity('heaterPower', { default: 600 }),
  quantity('heatingEfficiency', { default: 0.35 }),
  quantity('purgeTime', { default: 45, usual: [0, 180], lever: [-20, 20, 60] }),
  quantity('sealDelay', {
    name: 'off the heat to balloon on',
    default: 8,
    range: [1, 300],
    usual: [3, 30],
    lever: [-3, 5, 15],
  }),
  quantity('coolDelay', { name: 'balloon on to cold water', default: 5, usual: [1, 60] }),
  {
    ...choice('coolingMethod'),
    default: 'still-air',
    choices: [
      { id: 'still-air', name: 'leaving it in the room’s air' },
      { id: 'pour', name: 'pouring water over it' },
    ],
  },
  quantity('bathTemperature', { name: 'water poured', default: 303.15, usual: [288.15, 323.15] }),
  quantity('coolantFlow'),
  ...quantities('purgeMixing', 'plumeVapourFraction', 'heaterLimit', 'airLayerFactor', 'surfaceConductance'),
  ...quantities('wettedFactor', 'bathTransferFactor', 'shockLimit'),
  coefficient(
    'crowding',
    'share of the flask that a balloon can fill',
    '%',
    0.92,
    [0.5, 1],
    [0.85, 0.97],
    { shape: 'triangular', below: 0.07, above: 0.05 },
    'a round balloon in a round flask leaves room at neck and bottom; assumption',
  ),
  ...RUBBER,
])
export type BalloonIntoFlaskValues = ValuesOf<typeof inputs>

export const flaskOf = ({ numbers: n }: BalloonIntoFlaskValues): SteamVessel =>
  flaskVessel(
    { capacity: n.vesselVolume, wallThickness: n.wallThickness, mouthDiameter: n.mouthDiameter },
    SOLIDS.glass,
  )

export const check: Check<BalloonIntoFlaskValues> = values => {
  const { numbers: n } = values
  const faults = [
    ...(isWetted(values) ? bearsTheChill(values, 'bathTemperature') : []),
    ...soundGlass(values),
    // A balloon that sticks in the neck leaves the flask under full vacuum, whatever its skin could hold.
    ...roundBottom(values),
    ...thickEnough(values),
    ...lengthAtMost(values, 'mouthDiameter', sphereDiameter(n.vesselVolume), 'the flask itself, as a sphere'),
    ...(n.mouthDiameter < LEAST_MOUTH * n.balloonSlack
      ? [
          {
            input: 'mouthDiameter',
            message: say`given ${asLength(n.mouthDiameter, { digits: 4 })}; accepted: at least
              ${asLength(LEAST_MOUTH * n.balloonSlack, { digits: 4, toward: 'above' })}, a quarter of the slack
              balloon, or it sticks in the neck and the flask stands under vacuum`,
          },
        ]
      : []),
    ...belowBoiling(values, 'chargeTemperature'),
    ...(isWetted(values) ? belowBoiling(values, 'bathTemperature') : []),
    ...waterFits(values, 'flask'),
  ]
  return faults.length > 0 ? faults : keptWet(heatingPlan(values, flaskOf(values)), 'flask', 'purgeTime')
}
