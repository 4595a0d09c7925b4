/** How it can end, and what is computed of it. */
import type { Demonstration } from '../../../demonstration'
import { crossSection } from '../../../vessels/cylinder'
import { sizesOf } from '../judgement'
import { CLOSED, steamLedger } from '../ledger'
import type { SealedDrum } from './simulate'

export const logged = {
  used: ['waterCharge', 'purgeTime', 'sealDelay', 'bathTemperature', 'coolantFlow', 'poolDepth'],
  seen: ['hush', 'timeToBoil', 'timeToPlume', 'volumeLost'],
} as const

export const outcomes: Demonstration['outcomes'] = [
  { id: 'crush', look: 'gone', name: 'crushes', sentence: 'The drum folds in with a bang and is wrecked.' },
  { id: 'dent', look: 'partly', name: 'buckles', sentence: 'A side goes in with a thump, but the drum stands.' },
  { id: 'stand', look: 'nothing', name: 'stands', sentence: 'It stands there, however long you wait.' },
]

export const ledger: SealedDrum['ledger'] = steamLedger('when the shell gives way', CLOSED)

export const sizes: SealedDrum['sizes'] = (values, s) =>
  sizesOf(
    s,
    Math.max(crossSection(values.numbers.vesselDiameter), values.numbers.vesselDiameter * values.numbers.vesselHeight),
    values.choices.coolingMethod === 'ice-pool',
  )
