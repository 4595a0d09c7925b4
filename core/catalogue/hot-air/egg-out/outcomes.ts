/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { EggOut } from './simulate'

export const logged = { used: ['method', 'breathPressure', 'warmTemperature'], seen: ['hush'] } as const

export const results = [
  result('neededDifference', 'needed to push the egg out', 'kPa'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('neededTemperature', 'or warm the gas to', 'degC'),
  result('hush', 'until it comes', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'whole', look: 'gone', name: 'comes out whole', sentence: 'The egg slides out in one piece.' },
  { id: 'pieces', look: 'harm', name: 'comes out in pieces', sentence: 'The egg comes out, but in pieces.' },
  { id: 'stays', look: 'nothing', name: 'stays in', sentence: 'The egg stays in the bottle.' },
]

export const ledger: EggOut['ledger'] = ({ details: d }) => ({
  moment: 'when it goes, or at the end: a negative difference is more inside than outside',
  difference: -d.difference,
  rows: [
    { id: 'cooling', cause: 'the gas getting warmer', pressure: -d.cooled },
    { id: 'steam', cause: 'damp in it turning to vapour', pressure: -d.steam },
    { id: 'air', cause: 'air blown in', pressure: -d.breath },
  ],
})

export const sizes: EggOut['sizes'] = (values, s) => [
  {
    id: 'push',
    name: 'gas pushing on the egg',
    value: s.results.peakPressureDifference * 0.785 * values.numbers.neckDiameter * values.numbers.neckDiameter,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'difference × the neck’s opening',
  },
]
