/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { SuctionCup } from './simulate'

export const logged = { used: ['loadMass', 'surface'], seen: ['hush'] } as const

export const results = [
  result('holdingForce', 'holds', 'N'),
  result('pull', 'pull, with the jerk', 'N'),
  result('safetyFactor', 'holding force over pull', '1'),
  result('lowestPressure', 'pressure under the cup', 'kPa'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('mostDifference', 'most this cup can make', 'kPa'),
  result('holdTime', 'the leak lets it hold for', 's'),
  result('hush', 'comes off after', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'lifts', look: 'gone', name: 'lifts and holds', sentence: 'It lifts and holds as long as wanted.' },
  { id: 'later', look: 'partly', name: 'lifts, then lets go', sentence: 'It lifts, then lets go.' },
  { id: 'off', look: 'nothing', name: 'comes off', sentence: 'The cup comes off with a pop.' },
]

export const ledger: SuctionCup['ledger'] = ({ details: d }) => ({
  moment: 'while it is lifted',
  difference: d.difference,
  rows: [{ id: 'stretched', cause: 'the air it kept, given more room by the pull', pressure: d.difference }],
})

export const sizes: SuctionCup['sizes'] = (values, s) => [
  {
    id: 'holdingForce',
    name: 'holding force',
    value: s.results.holdingForce,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'difference it can make × area',
  },
  {
    id: 'most',
    name: 'most any cup of this width could',
    value: values.numbers.stationPressure * s.details.area,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'outside pressure × area',
  },
]
