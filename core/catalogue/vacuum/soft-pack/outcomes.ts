/** How it can end, and what is computed of it. */
import { type Demonstration, type Ledger, result, HUSH } from '../../../demonstration'
import { JAR_RESULTS } from '../inputs'
import { jarLedger, jarSizes } from '../pumped'
import { isUnderway } from './inputs'
import type { SoftPack, SoftPackRun } from './simulate'

export const logged = { used: ['packGas', 'targetPressure'], seen: ['growth', 'shrunkTo', 'finalPressure'] } as const

export const results = [
  ...JAR_RESULTS,
  result('growth', 'times its size at most', '1'),
  result('packDifference', 'most it pushes against its skin', 'kPa'),
  result('shrunkTo', 'size afterwards, against before', '%'),
  result('hush', 'until it is seen to grow', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'swells', look: 'gone', name: 'swells', sentence: 'It swells up, and holds.' },
  { id: 'opens', look: 'harm', name: 'opens', sentence: 'It swells until it pops open.' },
  { id: 'little', look: 'nothing', name: 'hardly changes', sentence: 'It hardly changes.' },
]

export const sizes: SoftPack['sizes'] = (values, s) =>
  isUnderway(values)
    ? [
        {
          id: 'packDifference',
          name: 'pushing on its skin',
          value: s.results.packDifference,
          quantity: 'pressure',
          units: ['kPa', 'psi'],
          note: 'inside less outside of the packet',
        },
      ]
    : jarSizes(values, s)

export const ledger = (s: SoftPackRun): Ledger =>
  s.details.underway === 1
    ? {
        moment: 'up there',
        rows: [{ id: 'climbed', cause: 'less air above than where it was shut in', pressure: s.details.difference }],
        difference: s.details.difference,
      }
    : jarLedger(s)
