/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { pumpWords } from '../inputs'
import type { BalloonEmptied } from './simulate'

export const shelf: Demonstration['shelf'] = [{ step: 'pump', kind: 'pump' }]

export const procedure: BalloonEmptied['procedure'] = [
  {
    id: 'balloon',
    hazards: ['burst'],
    parts: [
      'Pull a balloon (',
      { input: 'balloonSlack' },
      ' across before it stretches), blown up to ',
      { input: 'balloonStart' },
      ', over the hose and bind it.',
    ],
  },
  {
    id: 'pump',
    hazards: ['vacuum'],
    marks: ['sealed'],
    parts: values => ['Pump with a ', ...pumpWords(values), ' for at most ', { input: 'pumpTime' }, '.'],
    duration: s => s.results.hush,
  },
  { id: 'compare', parts: ['Again with another pump: it is flat sooner or later, not flatter.'] },
]

export const kit: BalloonEmptied['kit'] = () => [
  'round balloons',
  'pump and hose',
  'thread or cable tie',
  'gauge',
  'clock',
  'eye protection',
]
