/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { BottleLine } from './simulate'

export const logged = { used: ['bottleVolume', 'ventDiameter'], seen: ['runLength', 'runTime'] } as const

export const results = [
  result('runLength', 'runs', 'm'),
  result('runTime', 'in', 's'),
  result('topSpeed', 'fastest', 'm/s'),
  result('arrivalSpeed', 'arrives with', 'm/s'),
  result('arrivalEnergy', 'energy at the end', 'J'),
  result('impulse', 'push in all', 'N s'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('ratingShare', 'of the stated limit', '%'),
  result('levelFirstRow', 'noise at the first row', 'dB'),
  result('hush', 'to the end of the line', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'arrives', look: 'gone', name: 'runs to the end', sentence: 'The bottle runs to the end of the line.' },
  { id: 'short', look: 'partly', name: 'stops on the way', sentence: 'The bottle stops on the way.' },
  { id: 'over', look: 'harm', name: 'is over the bottle’s limit', sentence: 'The bottle could burst.' },
]

export const ledger: BottleLine['ledger'] = ({ details: d }) => ({
  moment: 'at its greatest: a negative difference is more inside than outside',
  difference: -d.difference,
  rows: [
    { id: 'cooling', cause: 'hot gas that wants more room, less what the hole lets out', pressure: -d.difference },
  ],
})

export const sizes: BottleLine['sizes'] = (_values, s) => [
  {
    id: 'peak',
    name: 'over the room at most',
    value: s.results.peakPressureDifference,
    quantity: 'pressure',
    units: ['kPa', 'psi'],
    note: 'with this hole',
  },
  ...(s.results.arrivalEnergy === undefined
    ? []
    : [
        {
          id: 'arrivalEnergy',
          name: 'energy at the end',
          value: s.results.arrivalEnergy,
          quantity: 'energy' as const,
          units: ['J', 'ft lbf'] as const,
          note: 'into the padded stop',
        },
      ]),
]
