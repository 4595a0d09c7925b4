/** How it can end, and what is computed of it. */
import type { Demonstration } from '../../../demonstration'
import { crossSection } from '../../../vessels/cylinder'
import { FILL_OUTCOMES } from '../dipped-face'
import { sizesOf } from '../judgement'
import { steamLedger } from '../ledger'
import { flaskOf } from './inputs'
import type { FlaskFountain } from './simulate'

export const logged = {
  used: ['waterCharge', 'purgeTime', 'transferTime', 'bathTemperature', 'mouthDepth'],
  seen: ['hush', 'timeToFill', 'waterDrawnIn', 'timeToPlume'],
} as const

export const outcomes: Demonstration['outcomes'] = FILL_OUTCOMES('flask')

export const ledger: FlaskFountain['ledger'] = steamLedger('when water comes over the top')

export const sizes: FlaskFountain['sizes'] = (values, s) => sizesOf(s, crossSection(flaskOf(values).diameter), false)
