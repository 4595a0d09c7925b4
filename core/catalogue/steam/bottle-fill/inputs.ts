/** What is stated, and what does not go together. */
import {
  blank,
  coefficient,
  ROOM_INPUTS,
  type Values,
  defineInputs,
  type ValuesOf,
  type Check,
  type Has,
} from '../../../demonstration'
import { cylinderVessel, type SteamVessel } from '../../../mechanisms/steam-vessel'
import type { HeatingPlan } from '../../../mechanisms/heating'
import { SOLIDS } from '../../../substances/solids'
import { keptWet } from '../dry-glass'
import { heatingPlan, roomOf } from '../filling'
import { enclosedVolume } from '../../../vessels/cylinder'
import { belowBoiling, drawsNoAir, glassWall, waterFits } from '../checks'
import { atMost, capacityFits } from '../../fits'
import { DIPPED_COEFFICIENTS } from '../dipped-face'
import { bearsTheChill, borneChill, GLASS_STATE, noTorch, soundGlass } from '../glass-checks'
import { saturationTemperature } from '../../../substances/water'
import { USUAL_CHILL } from '../../../cautions'
import { choice, quantities, quantity } from '../inputs'
import { RINSE_COEFFICIENTS } from '../rinse-inputs'

/** Through a neck the water comes as a thick, stirred column that splashes. */
const NECK_SPLASH = {
  default: ({ numbers: n }: Values) => 4000 * (0.036 / n.neckDiameter!) * (0.036 / n.neckDiameter!),
  usual: [500, 30e3] as const,
  spread: { shape: 'lognormal' as const, relative: 1 },
  source:
    'Weber number at which half of it turns to drops: water that falls back on water splashes from ' +
    'some hundreds on (A. L. Yarin, Annu. Rev. Fluid Mech. 38 (2006) 159, order of magnitude); the ' +
    'plunge stirs it, and a thick column more than a thin one; assumption',
}

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  quantity('vesselVolume', { default: 700e-6, range: [50e-6, 5e-3], usual: [250e-6, 1.5e-3] }),
  quantity('vesselDiameter', { default: 0.08 }),
  quantity('vesselHeight', { default: 0.2 }),
  choice('glassKind'),
  quantity('wallThickness', {
    name: 'glass thickness',
    default: 3e-3,
    range: [0.5e-3, 8e-3],
    usual: [1.5e-3, 5e-3],
    spread: { shape: 'normal', relative: 0.15 },
  }),
  quantity('neckDiameter', { usual: [0.01, 0.05] }),
  ...quantities('neckLength'),
  quantity('waterCharge', {
    name: 'water in the bottle',
    default: 30e-6,
    range: [2e-6, 2e-3],
    usual: [10e-6, 120e-6],
    lever: [-15e-6, 20e-6],
  }),
  quantity('chargeTemperature', { default: 273.15 + 60 }),
  choice('fillMethod', {
    choices: [...choice('fillMethod').choices, { id: 'torch', name: 'a gas torch on the glass' }],
  }),
  GLASS_STATE,
  quantity('heaterPower', { name: 'flame or microwave', default: 800, usual: [200, 1500] }),
  quantity('heatingEfficiency', {
    default: ({ choices }) => (choices.fillMethod === 'microwave' ? 0.35 : 0.4),
    usual: [0.1, 0.7],
    source:
      "a few tens of millilitres take up about a third of a microwave's rated power, a litre nearly all " +
      'of it; a flame under glass about 0.4; from memory',
  }),
  quantity('purgeTime', { default: 90, usual: [0, 240], lever: [-20, 20, 60] }),
  quantity('ovenTime'),
  blank(
    'ovenWait',
    'chip in it, waiting after the oven stops',
    's',
    'heat',
    2,
    [0.5, 120],
    [1, 20],
    { shape: 'lognormal', relative: 0.2 },
    { lever: [3, 10] },
  ),
  quantity('transferTime', { name: 'from the heat, or emptied, into the water', default: 2, lever: [-1, 2, 5] }),
  {
    id: 'stopperTime',
    name: 'stoppered for',
    kind: 'quantity',
    quantity: 'time',
    units: ['s', 's'],
    group: 'cooling',
    default: 0,
    range: [0, 1800],
    usual: [0, 60],
    spread: { shape: 'lognormal', relative: 0.2 },
    lever: [10],
  },
  {
    id: 'stopperPlace',
    name: 'where it stands stoppered',
    kind: 'choice',
    group: 'cooling',
    default: 'water',
    choices: [
      { id: 'water', name: 'mouth under water' },
      { id: 'air', name: 'in the air, on wood' },
    ],
  },
  quantity('bathTemperature', {
    // Under high pressure steam is hotter: the water is then as much warmer as soda-lime glass wants it.
    default: ({ numbers }: Values) =>
      Math.max(301.15, saturationTemperature(numbers.stationPressure!) - borneChill(USUAL_CHILL['soda-lime']) + 0.5),
    lever: [-10, 10],
  }),
  quantity('bathVolume', { default: 8e-3 }),
  quantity('mouthDepth', { default: 0.05 }),
  quantity('mouthClearance'),
  ...DIPPED_COEFFICIENTS.filter(i => i.id !== 'splashWeber'),
  quantity('splashWeber', NECK_SPLASH),
  ...quantities('plungeSpeed', 'bathTransferFactor', 'shockLimit', 'slamLimit'),
  coefficient(
    'grip',
    'pull that the hand on it holds',
    'N',
    60,
    [1, 500],
    [20, 150],
    0.35,
    'a wet bottle in a cloth, from memory of grip and lift; assumption',
  ),
  coefficient(
    'blowLimit',
    'blow on the bowl that it bears',
    'J',
    2.5,
    [0.05, 100],
    [0.5, 10],
    0.5,
    'an empty bottle dropped half a metre on something hard often breaks: m g h of half a kilogram; a ' +
      'cloth in the bowl takes most of it; assumption',
  ),
  ...RINSE_COEFFICIENTS,
  {
    id: 'pouringLoss',
    name: 'how far boiling water cools in being poured',
    kind: 'quantity',
    quantity: 'temperatureDifference',
    units: ['K', 'degF'],
    group: 'coefficient',
    default: 5,
    range: [0.5, 40],
    usual: [1, 15],
    spread: { shape: 'lognormal', relative: 0.4 },
    source: 'kettle to bottle through a funnel; assumption',
  },
])
export type BottleFillValues = ValuesOf<typeof inputs>

/** Heated with water in it, and not filled from a kettle. */
export const onHeat = ({ choices }: Has<never, 'fillMethod'>): boolean =>
  choices.fillMethod === 'flame' || choices.fillMethod === 'microwave'

/** Mouth and bowl are not known to the millimetre. */
const IN_NEARLY_ALL = 1.5
/** How far the water of a bowl with upright walls may sink under the mouth as the bottle fills, m. */
const sinks = ({ numbers: n }: BottleFillValues): number =>
  (IN_NEARLY_ALL * n.mouthClearance * n.vesselVolume) / Math.max(1e-9, n.bathVolume - n.vesselVolume)

export const bottleOf = ({ numbers: n }: BottleFillValues): SteamVessel =>
  cylinderVessel(
    {
      capacity: n.vesselVolume,
      diameter: n.vesselDiameter,
      height: n.vesselHeight,
      wallThickness: n.wallThickness,
      mouthDiameter: n.neckDiameter,
    },
    SOLIDS.glass,
  )

/** In a microwave nobody sees a plume: the time in the oven is what is set. */
export function bottleHeating(
  values: BottleFillValues,
  vessel = bottleOf(values),
  room = roomOf(values, vessel),
): HeatingPlan {
  const plan = heatingPlan(values, vessel, room)
  return values.choices.fillMethod === 'microwave' ? Object.assign(plan, { totalTime: values.numbers.ovenTime }) : plan
}

export const check: Check<BottleFillValues> = values => {
  const faults = [
    ...capacityFits(
      values,
      'vesselVolume',
      enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight }),
    ),
    ...bearsTheChill(values, 'bathTemperature'),
    ...soundGlass(values),
    ...noTorch(values),
    ...(onHeat(values) ? belowBoiling(values, 'chargeTemperature') : []),
    ...belowBoiling(values, 'bathTemperature'),
    ...waterFits(values, 'bottle'),
    ...drawsNoAir(values, 'bottle', sinks(values), 'bowl'),
    ...atMost(values, 'neckDiameter', 'vesselDiameter', "the bottle's diameter"),
    ...atMost(values, 'neckLength', 'vesselHeight', "the bottle's height"),
    ...glassWall(values),
  ]
  const inOven = values.choices.fillMethod === 'microwave'
  return faults.length > 0 || !onHeat(values)
    ? faults
    : keptWet(bottleHeating(values), 'bottle', inOven ? 'ovenTime' : 'purgeTime')
}
