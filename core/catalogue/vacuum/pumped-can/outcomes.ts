/** How it can end, and what is computed of it. */
import { type Demonstration, HUSH, result } from '../../../demonstration'
import type { PumpedCan } from './simulate'

export const logged = {
  used: ['pumpTime', 'ultimatePressure'],
  seen: ['hush', 'talkTime', 'volumeLost', 'finalPressure'],
} as const

export const results = [
  result('criticalPressureDifference', 'difference the wall holds', 'kPa'),
  result('peakPressureDifference', 'greatest difference', 'kPa'),
  result('floorPressure', 'lowest pressure it could reach', 'kPa'),
  result('finalPressure', 'pressure inside at the end', 'kPa'),
  result('timeToPump', 'time at the pump', 's'),
  result('strokes', 'strokes', '1'),
  result('outsideForce', 'outside air on the whole surface', 'N'),
  result('peakNetForce', 'greatest difference on the whole surface', 'N'),
  result('work', 'work the air can do', 'J'),
  result('hush', 'pump on to the wall giving way', 's', HUSH),
  { ...result('talkTime', 'panels talk after', 's'), firstPop: true },
  { ...result('volumeLost', 'volume lost', '%'), weighed: 'lost' as const },
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'crush', look: 'gone', name: 'crumples', sentence: 'The sides cave in and the tin is wrecked.' },
  { id: 'dent', look: 'partly', name: 'buckles', sentence: 'A side goes in, but the tin keeps most of its shape.' },
  { id: 'stand', look: 'nothing', name: 'stands', sentence: 'The panels may tick, but it stands.' },
]

/** At the moment that decides, no room is lost yet: all of it is the pump's. */
export const ledger: PumpedCan['ledger'] = ({ results, details }) => {
  const goes = results.hush !== undefined
  const difference = goes ? results.criticalPressureDifference : details.difference
  return {
    moment: goes ? 'when the wall gives way' : 'at the end of the pumping',
    rows: [{ id: 'pumped', cause: 'air taken out by the pump, less what leaked in', pressure: difference }],
    difference,
  }
}

export const sizes: PumpedCan['sizes'] = (values, { results: r }) => [
  {
    id: 'outsideForce',
    name: 'outside air on all sides',
    value: r.outsideForce,
    quantity: 'force',
    units: ['kN', 'lbf'],
    note: 'outside pressure × whole surface: the air inside balances it until the pump runs',
  },
  {
    id: 'faceForce',
    name: 'resultant on one face',
    value:
      r.peakPressureDifference *
      Math.max(values.numbers.vesselWidth, values.numbers.vesselDepth) *
      values.numbers.vesselHeight,
    quantity: 'force',
    units: ['kN', 'lbf'],
    note: 'greatest difference × its largest face: what a scale would read',
  },
  {
    id: 'work',
    name: 'work the air can do',
    value: r.work,
    quantity: 'energy',
    units: ['J', 'ft lbf'],
    note: 'greatest difference × capacity',
  },
]
