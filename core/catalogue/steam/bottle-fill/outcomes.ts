/** How it can end, and what is computed of it. */
import type { Demonstration } from '../../../demonstration'
import { crossSection } from '../../../vessels/cylinder'
import { DIPPED_RESULTS, FILL_OUTCOMES } from '../dipped-face'
import { sizesOf } from '../judgement'
import { steamLedger } from '../ledger'
import { steamResults } from '../results'
import type { BottleFill } from './simulate'

export const logged = {
  used: ['waterCharge', 'purgeTime', 'transferTime', 'bathTemperature', 'mouthDepth', 'stopperTime'],
  seen: ['hush', 'timeToFill', 'waterDrawnIn', 'timeToPlume'],
} as const

export const results = [...DIPPED_RESULTS, ...steamResults('blowEnergy')]

export const outcomes: Demonstration['outcomes'] = FILL_OUTCOMES('bottle')

export const ledger: BottleFill['ledger'] = steamLedger('when water comes through the neck')

export const sizes: BottleFill['sizes'] = (values, s) =>
  sizesOf(s, crossSection(values.numbers.vesselDiameter), false).concat([
    {
      id: 'pull',
      name: 'pull on the bottle',
      value: s.results.peakPull,
      quantity: 'force',
      units: ['N', 'lbf'],
      note: 'greatest difference × neck area: down, into the bowl',
    },
    {
      id: 'jolt',
      name: 'jolt in the hand',
      value: s.results.peakWallForce,
      quantity: 'force',
      units: ['N', 'lbf'],
      note: 'momentum of the jet on the far end, at its fastest',
    },
    {
      id: 'impulse',
      name: 'push to take up',
      value: s.results.inflowImpulse,
      quantity: 'impulse',
      units: ['N s', 'lbf s'],
      note: 'all the momentum that comes in',
    },
  ])
