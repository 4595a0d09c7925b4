/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { CardAndGlass } from './simulate'

export const logged = { used: ['fillShare', 'glassHeight', 'card'], seen: ['hush'] } as const

export const results = [
  result('sag', 'card must hang lower by', 'mm'),
  result('sealedGap', 'and may by', 'mm'),
  result('peakPressureDifference', 'trapped air falls by', 'Pa'),
  result('waterHeld', 'water held', 'g'),
  result('waterWeight', 'it weighs', 'N'),
  result('airPush', 'room pushes up on the card with', 'N'),
  result('hush', 'holds for', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'holds', look: 'gone', name: 'holds', sentence: 'The card stays and the water with it.' },
  {
    id: 'later',
    look: 'partly',
    name: 'holds, then falls',
    sentence: 'It holds for a while, then the card goes limp and the water falls.',
  },
  {
    id: 'falls',
    look: 'nothing',
    name: 'falls at once',
    sentence: 'The card slips and the water falls as it is turned.',
  },
]

export const ledger: CardAndGlass['ledger'] = ({ details: d }) => ({
  moment: 'turned over',
  difference: d.difference,
  rows: [
    { id: 'stretched', cause: 'trapped air, given a little more room as the card hangs lower', pressure: d.difference },
  ],
})

export const sizes: CardAndGlass['sizes'] = (_values, s) => [
  {
    id: 'airPush',
    name: 'room pushing up',
    value: s.results.airPush,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'outside pressure × the rim’s area',
  },
  {
    id: 'waterWeight',
    name: 'water held',
    value: s.results.waterWeight,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'its weight',
  },
]
