/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { OPEN_QUESTION } from '../planned-only'
import type { CanisterPop } from './simulate'

export const shelf: Demonstration['shelf'] = []

export const procedure: CanisterPop['procedure'] = [
  {
    id: 'stand',
    hazards: ['fuel', 'flame'],
    parts: [
      'Clamp the canister (',
      { input: 'canisterVolume' },
      ', lid ',
      { input: 'lidDiameter' },
      ', ',
      { input: 'lidMass' },
      ', rim ',
      { input: 'lidTravel' },
      ' deep; burns in ',
      { input: 'burnsIn' },
      ') upright, ',
      { input: 'standHeight' },
      ' over the floor, lid up and away from lamps and detectors; first row ',
      { input: 'firstRow' },
      ' away. ',
      OPEN_QUESTION,
    ],
  },
  {
    id: 'pop',
    hazards: ['fuel', 'projectile'],
    marks: ['sealed'],
    parts: ['By the school’s own written steps, from behind a screen, at arm’s length, on a count.'],
    duration: s => s.results.hush,
  },
  { id: 'air', parts: ['Flame out, lid found, canister aired and cold before anything is done again.'] },
]

export const kit: CanisterPop['kit'] = () => [
  'canister with a push-on lid, unmarked by earlier use',
  'clamp and stand',
  'screen or guard',
  'eye protection for all',
  'ear protection for all',
  'fire blanket and extinguisher',
  'barrier tape',
  'the signed assessment',
]
