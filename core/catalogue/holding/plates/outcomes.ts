/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { Plates } from './simulate'

export const logged = { used: ['sealDiameter', 'loadMass'], seen: ['finalPressure', 'holdTime'] } as const

export const results = [
  result('holdingForce', 'holds at first', 'N'),
  result('holdingAtLoad', 'holds when loaded', 'N'),
  result('pull', 'pull, with the jerk', 'N'),
  result('safetyFactor', 'holding force over pull', '1'),
  result('proofLoad', 'proof load first', 'N'),
  result('holdTime', 'would hold this load for', 's'),
  result('mostPossible', 'most with nothing left inside', 'N'),
  result('finalPressure', 'pressure between them', 'kPa'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('timeToPump', 'time at the pump', 's'),
  result('strokes', 'strokes', '1'),
  result('hush', 'holds for', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'holds', look: 'gone', name: 'holds to the end', sentence: 'The plates hold until the valve is opened.' },
  {
    id: 'parts',
    look: 'partly',
    name: 'lets go while loaded',
    sentence: 'They hold for a while, then let go with a bang.',
  },
  { id: 'weak', look: 'nothing', name: 'does not take the load', sentence: 'They part as soon as the load is on.' },
]

export const ledger: Plates['ledger'] = ({ details: d }) => ({
  moment: 'when the load comes on',
  difference: d.difference,
  rows: [
    { id: 'pumped', cause: 'air taken out by the pump', pressure: d.difference + d.leaked },
    { id: 'leak', cause: 'air that leaked back (gives back)', pressure: -d.leaked },
  ],
})

export const sizes: Plates['sizes'] = (_values, s) => [
  {
    id: 'holdingForce',
    name: 'holding force',
    value: s.results.holdingForce,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'difference × area inside the seal, pulled not quite straight',
  },
  {
    id: 'most',
    name: 'most with nothing left inside',
    value: s.results.mostPossible,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'outside pressure × the same area',
  },
]
