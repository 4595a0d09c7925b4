/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { BalloonLine } from './simulate'

export const logged = { used: ['blownTo', 'nozzleDiameter', 'balloonShape'], seen: ['runLength', 'runTime'] } as const

export const results = [
  result('runLength', 'runs', 'm'),
  result('runTime', 'in', 's'),
  result('topSpeed', 'fastest', 'm/s'),
  result('arrivalSpeed', 'arrives with', 'm/s'),
  result('thrust', 'thrust at the start', 'N'),
  result('airTime', 'air lasts', 's'),
  result('airVolume', 'air blown in', 'L'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('hush', 'to the end of the line', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'arrives', look: 'gone', name: 'runs to the end', sentence: 'The balloon runs to the end of the line.' },
  { id: 'short', look: 'partly', name: 'stops on the way', sentence: 'The balloon stops on the way.' },
  { id: 'stands', look: 'nothing', name: 'hardly moves', sentence: 'The balloon hisses and hardly moves.' },
  { id: 'bursts', look: 'harm', name: 'bursts', sentence: 'The balloon bursts before it is let go.' },
]

export const ledger: BalloonLine['ledger'] = ({ details: d }) => ({
  moment: 'blown up: a negative difference is more inside than outside',
  difference: -d.difference,
  rows: [{ id: 'skin', cause: 'the stretched skin', pressure: -d.difference }],
})

export const sizes: BalloonLine['sizes'] = (_values, s) => [
  {
    id: 'thrust',
    name: 'thrust',
    value: s.results.thrust,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'at the start',
  },
]
