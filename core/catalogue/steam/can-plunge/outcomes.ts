import { crossSection } from '../../../vessels/cylinder'
import { sizesOf } from '../judgement'
import { steamLedger } from '../ledger'
import { steamResults } from '../results'
import type { OutcomeSpec } from '../../../demonstration'
import { CRUSHED, VISIBLE } from '../capped'
import type { CanPlunge } from './simulate'

/** Fraction of what is left of the can's volume that counts as mostly filled. */
const MOSTLY = 0.5

export const outcomes: readonly OutcomeSpec[] = [
  { id: 'crush', look: 'gone', name: 'crushes', sentence: 'The can is squashed flat or badly crumpled, with a bang.' },
  {
    id: 'dent',
    look: 'partly',
    name: 'dents',
    sentence: 'A side buckles in and stays dented, but the can keeps most of its shape.',
  },
  {
    id: 'both',
    look: 'part-filled',
    name: 'crumples and fills',
    sentence: 'The can crumples a little, and is mostly full of water when it is lifted out.',
  },
  {
    id: 'fill',
    look: 'filled',
    name: 'fills',
    sentence: 'The can keeps its shape and is mostly full of water when it is lifted out.',
  },
  {
    id: 'nothing',
    look: 'nothing',
    name: 'nothing',
    sentence: 'Nothing to see: it keeps its shape and holds little water.',
  },
]

/** Which of the outcomes the room sees; volumes in m3, `lost` a fraction. */
export function outcomeOf(lost: number, drawnIn: number, capacity: number): string {
  if (lost >= CRUSHED) return 'crush'
  const full = drawnIn >= MOSTLY * capacity * (1 - lost)
  if (lost >= VISIBLE) return full ? 'both' : 'dent'
  return full ? 'fill' : 'nothing'
}

export const results = steamResults(
  'boilingTemperature',
  'timeToBoil',
  'timeToPlume',
  'timeToDry',
  'waterLeft',
  'residualAirFraction',
  'steamMass',
  'criticalPressureDifference',
  'peakPressureDifference',
  'floorPressure',
  'outsideForce',
  'peakNetForce',
  'hush',
  'waterDrawnIn',
  'volumeLost',
  'bathTemperatureAfter',
)

export const logged = {
  used: ['waterCharge', 'purgeTime', 'transferTime', 'bathTemperature', 'mouthDepth', 'heaterPower'],
  seen: ['hush', 'waterDrawnIn', 'volumeLost', 'timeToBoil', 'timeToPlume', 'bathTemperatureAfter'],
} as const

export const ledger: CanPlunge['ledger'] = steamLedger('when the wall gives way')

export const sizes: CanPlunge['sizes'] = (values, simulation) =>
  sizesOf(
    simulation,
    Math.max(crossSection(values.numbers.vesselDiameter), values.numbers.vesselDiameter * values.numbers.vesselHeight),
    true,
  )
