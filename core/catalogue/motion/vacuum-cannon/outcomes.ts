/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { VacuumCannon } from './simulate'
import { asEnergy, say } from '../../../sentence'

export const logged = {
  used: ['targetPressure', 'tubeLength'],
  seen: ['muzzleSpeed', 'finalPressure', 'timeToPump'],
} as const

export const results = [
  result('muzzleSpeed', 'leaves at', 'm/s'),
  result('hush', 'foil to muzzle', 's', HUSH),
  result('energy', 'energy of the ball', 'J'),
  result('reach', 'could fly', 'm'),
  result('exclusion', 'keep clear', 'm'),
  result('timeToPump', 'time at the pump', 's'),
  result('strokes', 'strokes', '1'),
  result('finalPressure', 'pressure in the tube', 'kPa'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('foilForce', 'room on the foil', 'N'),
  result('lumpedSpeed', 'by the lumped-mass estimate', 'm/s'),
  result('flightTime', 'time in the tube', 's'),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'fast', look: 'gone', name: 'is fast', sentence: 'The ball shoots out too fast to see.' },
  { id: 'slow', look: 'partly', name: 'is slow', sentence: 'The ball comes out, but your eye can follow it.' },
  { id: 'stuck', look: 'nothing', name: 'stays in the tube', sentence: 'The ball stays in the tube.' },
]

export const ledger: VacuumCannon['ledger'] = ({ details: d }) => ({
  moment: 'before the foil is pierced',
  difference: d.difference,
  rows: [{ id: 'pumped', cause: 'air taken out by the pump, less what leaked in', pressure: d.difference }],
})

export const sizes: VacuumCannon['sizes'] = (_values, s) => [
  {
    id: 'energy',
    name: 'energy of the ball',
    value: s.results.energy,
    quantity: 'energy',
    units: ['J', 'ft lbf'],
    note: say`${asEnergy(10)} break thin sheet and skin`,
  },
  {
    id: 'foilForce',
    name: 'room on the foil',
    value: s.results.foilForce,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'difference × the tube’s section',
  },
  {
    id: 'reach',
    name: 'could fly',
    value: s.results.reach,
    quantity: 'length',
    units: ['m', 'ft'],
    note: 'with air drag, best angle',
  },
]
