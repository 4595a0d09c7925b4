/** How it can end, and what is computed of it. */
import { type Demonstration, HUSH, result } from '../../../demonstration'
import type { SyringeMarshmallow } from './simulate'

export const logged = { used: ['foamVolume', 'shutAt', 'moveTo'], seen: ['size', 'sizeAfter'] } as const

export const results = [
  result('size', 'its size then, against before', '%'),
  result('sizeAfter', 'its size when let back', '%'),
  result('extremePressure', 'pressure in the syringe then', 'kPa'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('hold', 'push or pull that holds it', 'N'),
  result('hush', 'until it is moved', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'changes', look: 'gone', name: 'changes size', sentence: 'The marshmallow changes its size for all to see.' },
  { id: 'little', look: 'nothing', name: 'hardly changes', sentence: 'The marshmallow looks much as before.' },
]

export const ledger: SyringeMarshmallow['ledger'] = ({ details: d }) => ({
  moment: 'with the plunger moved',
  difference: d.difference,
  rows: [
    { id: 'moved', cause: 'the gas in the syringe, given more room or less by the plunger', pressure: d.difference },
  ],
})

export const sizes: SyringeMarshmallow['sizes'] = (_values, s) => [
  {
    id: 'hold',
    name: 'what the hand holds',
    value: s.results.hold,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'difference × bore; friction comes on top',
  },
]
