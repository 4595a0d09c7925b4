/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { card } from './inputs'
import type { CardAndGlass } from './simulate'

export const shelf: Demonstration['shelf'] = []

export const procedure: CardAndGlass['procedure'] = [
  {
    id: 'fill',
    parts: [
      'Fill a glass, ',
      { input: 'glassDiameter' },
      ' across and ',
      { input: 'glassHeight' },
      ' high, to ',
      { input: 'fillShare' },
      ' of its height with water at ',
      { input: 'waterTemperature' },
      '; wet its rim.',
    ],
  },
  {
    id: 'turn',
    hazards: ['load'],
    marks: ['sealed'],
    parts: ['Lay ', { input: 'card' }, ' on it, hand flat against it, and turn it over above a bowl.'],
  },
  {
    id: 'hold',
    parts: ['Take the hand away and hold it for ', { input: 'holdTime' }, '.'],
    duration: s => s.results.hush,
  },
]

export const kit: CardAndGlass['kit'] = values => [
  'glass or tumbler',
  card(values).name,
  'bowl',
  'water',
  'mop',
  'ruler',
]
