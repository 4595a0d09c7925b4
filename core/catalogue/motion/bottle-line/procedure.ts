/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { OPEN_QUESTION } from '../planned-only'
import type { BottleLine } from './simulate'
import { asVolume, say } from '../../../sentence'

export const shelf: Demonstration['shelf'] = []

export const procedure: BottleLine['procedure'] = [
  {
    id: 'line',
    hazards: ['fuel', 'pressure'],
    parts: [
      'Stretch a line of ',
      { input: 'lineLength' },
      ' with a padded stop at its end, first row ',
      { input: 'firstRow' },
      ' from it. Hang a ',
      { input: 'bottleKind' },
      ' (',
      { input: 'bottleVolume' },
      ', ',
      { input: 'bottleDiameter' },
      ' across, ',
      { input: 'bottleMass' },
      '; good for ',
      { input: 'pressureRating' },
      '), hole in the cap ',
      { input: 'ventDiameter' },
      '; it runs ',
      { input: 'guide' },
      ' and burns in ',
      { input: 'burnsIn' },
      '. ',
      OPEN_QUESTION,
    ],
  },
  {
    id: 'go',
    hazards: ['fuel', 'projectile'],
    marks: ['sealed'],
    parts: ['By the school’s own written steps, from the side, at arm’s length, on a count.'],
    duration: s => s.results.runTime,
  },
  { id: 'air', parts: ['Bottle away for good: once used it is softened. No second try with the same bottle.'] },
]

export const kit: BottleLine['kit'] = () => [
  say`bottle of ${asVolume(5e-4)} for fizzy drinks, new`,
  'cap with its hole',
  'nylon line and two strong points',
  'padded stop',
  'hooks',
  'eye protection',
  'ear protection',
  'fire blanket and extinguisher',
  'barrier tape',
  'the signed assessment',
]
