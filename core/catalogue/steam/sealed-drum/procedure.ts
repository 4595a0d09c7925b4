/** What is done, with what, and when it is ready. */
import { type Demonstration, FLAME_OR_PLATE } from '../../../demonstration'
import { heatingPlan } from '../filling'
import { readyFromPlan } from '../judgement'
import { BOIL_SEAL_COOL, COOLING_STEP, coolingKit } from '../metal-vessel'
import { repeatsInPool, standsInPool } from '../repeats'
import { waterWindowOf } from '../water-window'
import { drumOf, type SealedDrum } from './simulate'

const plan = (values: Parameters<typeof drumOf>[0]) => heatingPlan(values, drumOf(values).vessel)

export const shelf: Demonstration['shelf'] = [
  { step: 'charge', kind: 'vessel', shapes: ['cylinder'], materials: ['steel', 'aluminium'], capacity: [5e-3, 0.3] },
  { step: 'heat', kind: 'heater', heaters: FLAME_OR_PLATE },
  { step: 'cool', kind: 'bath' },
]

export const procedure: SealedDrum['procedure'] = [
  {
    id: 'charge',
    hazards: ['fuel'],
    parts: [
      'Pour ',
      { input: 'waterCharge' },
      ' of water at ',
      { input: 'chargeTemperature' },
      ' into a ',
      { input: 'vesselCondition' },
      ' ',
      { input: 'wallMaterial' },
      ' drum of ',
      { input: 'vesselVolume' },
      ': ',
      { input: 'vesselDiameter' },
      ' across, ',
      { input: 'vesselHeight' },
      ' tall, ',
      { input: 'wallThickness' },
      ' thick, hoops ',
      { input: 'hoopSpacing' },
      ' apart, bung hole ',
      { input: 'mouthDiameter' },
      '. Both bungs out.',
    ],
  },
  ...BOIL_SEAL_COOL,
  COOLING_STEP,
]

export const kit: SealedDrum['kit'] = values => [
  'drum of known history, both bungs out',
  'bung with a sound seal, and its wrench',
  'heater',
  'a way to shut the burner off from a distance',
  'stand that can be pulled away, or a lever and gloves to shift the drum',
  ...coolingKit(values),
  'heat-proof gloves',
  'eye protection',
  'ear protection',
  'barrier tape',
  'clock',
]

export const ready: NonNullable<SealedDrum['ready']> = (values, s) => readyFromPlan(plan(values), s)

export const standsInBath: NonNullable<SealedDrum['standsInBath']> = standsInPool

export const repeats: NonNullable<SealedDrum['repeats']> = repeatsInPool(values => drumOf(values).vessel)

export const waterWindow: NonNullable<SealedDrum['waterWindow']> = values =>
  waterWindowOf(plan(values), values.numbers.waterCharge, 1800)
