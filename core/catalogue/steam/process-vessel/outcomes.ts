/** How it can end, and what is computed of it. */
import type { Demonstration } from '../../../demonstration'
import { sizesOf } from '../judgement'
import { CLOSED, steamLedger } from '../ledger'
import { steamResults } from '../results'
import type { ProcessVessel } from './simulate'

export const logged = { used: [], seen: [] } as const

export const results = steamResults(
  'boilingTemperature',
  'residualAirFraction',
  'steamMass',
  'criticalPressureDifference',
  'peakPressureDifference',
  'floorPressure',
  'reliefArea',
  'outsideForce',
  'peakNetForce',
  'talkTime',
  'hush',
  'volumeLost',
)

export const outcomes: Demonstration['outcomes'] = [
  {
    id: 'held',
    look: 'filled',
    name: 'stays within its rating',
    sentence: 'Air comes in as fast as steam goes; nothing happens to the tank.',
  },
  {
    id: 'over',
    look: 'partly',
    name: 'goes past its rating',
    sentence: 'The tank stands, but at a vacuum it is not built for.',
  },
  { id: 'cave', look: 'gone', name: 'caves in', sentence: 'The shell folds in.' },
]

export const ledger: ProcessVessel['ledger'] = steamLedger('when the shell gives way', CLOSED)

export const sizes: ProcessVessel['sizes'] = (values, s) =>
  sizesOf(s, values.numbers.vesselDiameter * values.numbers.vesselHeight, false)
