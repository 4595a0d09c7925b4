/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { BalloonInGlass } from './simulate'

export const logged = { used: ['blownTo', 'glassMass'], seen: ['hush'] } as const

export const results = [
  result('grip', 'friction can hold', 'N'),
  result('weight', 'glass pulls with', 'N'),
  result('safetyFactor', 'friction over pull', '1'),
  result('skinPressure', 'balloon over the room', 'kPa'),
  result('contactPressure', 'it presses on the glass with', 'kPa'),
  result('bestGrip', 'best friction on the way', 'N'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('timeToBlow', 'time to blow it up', 's'),
  result('hush', 'until it lifts', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'lifts', look: 'gone', name: 'lifts the glass', sentence: 'The balloon lifts the glass.' },
  { id: 'slides', look: 'nothing', name: 'slides out', sentence: 'The balloon slides out and the glass stays.' },
  { id: 'bursts', look: 'harm', name: 'bursts', sentence: 'The balloon bursts.' },
]

export const ledger: BalloonInGlass['ledger'] = ({ details: d }) => ({
  moment: 'blown up: a negative difference is more inside than outside',
  difference: -d.difference,
  rows: [
    { id: 'skin', cause: 'what stretching the skin in the glass takes up', pressure: -Math.min(d.taken, d.difference) },
    {
      id: 'air',
      cause: 'left over to press on the glass',
      pressure: -(d.difference - Math.min(d.taken, d.difference)),
    },
  ],
})

export const sizes: BalloonInGlass['sizes'] = (_values, s) => [
  {
    id: 'grip',
    name: 'friction can hold',
    value: s.results.grip,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'contact pressure × wall touched × friction',
  },
]
