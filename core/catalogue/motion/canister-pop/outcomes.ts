/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { CanisterPop } from './simulate'
import { asEnergy, say } from '../../../sentence'

export const logged = { used: ['canisterVolume', 'firstRow'], seen: ['riseHeight'] } as const

export const results = [
  result('launchSpeed', 'lid leaves at', 'm/s'),
  result('reach', 'could fly', 'm'),
  result('riseHeight', 'straight up it rises', 'm'),
  result('clearNeeded', 'keep clear', 'm'),
  result('lidEnergy', 'energy of the lid', 'J'),
  result('levelFirstRow', 'bang at the first row', 'dB'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('storedEnergy', 'work stored in the gas', 'J'),
  result('hush', 'lit until it pops', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  {
    id: 'clear',
    look: 'gone',
    name: 'pops and lands in the cleared space',
    sentence: 'The lid flies off and lands in front of the first row.',
  },
  {
    id: 'beyond',
    look: 'harm',
    name: 'could reach the first row',
    sentence: 'The lid flies off and reaches the people.',
  },
  { id: 'holds', look: 'nothing', name: 'lid holds', sentence: 'The lid stays on.' },
]

export const ledger: CanisterPop['ledger'] = ({ details: d }) => ({
  moment: 'as the lid lets go: a negative difference is more inside than outside',
  difference: -d.difference,
  rows: [{ id: 'cooling', cause: 'hot gas that wants more room', pressure: -d.difference }],
})

export const sizes: CanisterPop['sizes'] = (_values, s) => [
  {
    id: 'lidEnergy',
    name: 'energy of the lid',
    value: s.results.lidEnergy,
    quantity: 'energy',
    units: ['J', 'ft lbf'],
    note: say`${asEnergy(3)} hurt an eye for good`,
  },
  {
    id: 'storedEnergy',
    name: 'work stored in the gas',
    value: s.results.storedEnergy,
    quantity: 'energy',
    units: ['J', 'ft lbf'],
    note: 'as the lid lets go',
  },
]
