/** How it can end, and what is computed of it. */
import type { Demonstration } from '../../../demonstration'
import { sizesOf } from '../judgement'
import { CLOSED, steamLedger } from '../ledger'
import type { SealedTin } from './simulate'

export const logged = {
  used: ['waterCharge', 'purgeTime', 'sealDelay', 'bathTemperature', 'coolantFlow', 'heaterPower'],
  seen: ['hush', 'talkTime', 'volumeLost', 'timeToBoil', 'timeToPlume'],
} as const

export const outcomes: Demonstration['outcomes'] = [
  { id: 'crush', look: 'gone', name: 'crumples', sentence: 'The sides cave in and the tin is wrecked.' },
  { id: 'dent', look: 'partly', name: 'buckles', sentence: 'A side goes in, but the tin keeps most of its shape.' },
  { id: 'stand', look: 'nothing', name: 'stands', sentence: 'The panels may tick, but it stands.' },
]

export const ledger: SealedTin['ledger'] = steamLedger('when the sides give way', CLOSED)

export const sizes: SealedTin['sizes'] = (values, s) =>
  sizesOf(s, Math.max(values.numbers.vesselWidth, values.numbers.vesselDepth) * values.numbers.vesselHeight, false)
