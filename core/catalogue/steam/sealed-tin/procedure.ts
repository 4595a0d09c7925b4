/** What is done, with what, and when it is ready. */
import { type Demonstration, FLAME_OR_PLATE } from '../../../demonstration'
import { heatingPlan } from '../filling'
import { readyFromPlan } from '../judgement'
import { BOIL_SEAL_COOL, COOLING_STEP, coolingKit } from '../metal-vessel'
import { repeatsInPool, standsInPool } from '../repeats'
import { waterWindowOf } from '../water-window'
import { TIN_WORDS, tinOf } from '../tin-wall'
import type { SealedTinValues } from './inputs'
import type { SealedTin } from './simulate'

const plan = (values: SealedTinValues) => heatingPlan(values, tinOf(values).vessel)

export const shelf: Demonstration['shelf'] = [
  {
    step: 'charge',
    kind: 'vessel',
    shapes: ['box', 'cylinder'],
    materials: ['steel', 'aluminium'],
    capacity: [0.3e-3, 30e-3],
  },
  { step: 'heat', kind: 'heater', heaters: FLAME_OR_PLATE },
  { step: 'cool', kind: 'bath' },
]

export const procedure: SealedTin['procedure'] = [
  {
    id: 'charge',
    hazards: ['fuel'],
    parts: [
      'Pour ',
      { input: 'waterCharge' },
      ' of water at ',
      { input: 'chargeTemperature' },
      ' into a ',
      ...TIN_WORDS,
      ' thick, mouth ',
      { input: 'mouthDiameter' },
      '. Cap off.',
    ],
  },
  ...BOIL_SEAL_COOL,
  COOLING_STEP,
]

export const kit: SealedTin['kit'] = values => [
  'tin and spares, never used for anything flammable',
  'cap that screws tight, with its seal',
  'heater',
  'measuring cylinder',
  ...coolingKit(values),
  'heat-proof gloves',
  'eye protection',
  'thermometer',
  'clock',
]

export const ready: NonNullable<SealedTin['ready']> = (values, s) => readyFromPlan(plan(values), s)

export const standsInBath: NonNullable<SealedTin['standsInBath']> = standsInPool

export const repeats: NonNullable<SealedTin['repeats']> = repeatsInPool(values => tinOf(values).vessel)

export const waterWindow: NonNullable<SealedTin['waterWindow']> = values =>
  waterWindowOf(plan(values), values.numbers.waterCharge, 600)
