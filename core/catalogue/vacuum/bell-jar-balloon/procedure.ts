/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { pumpWords } from '../inputs'
import { jarKit } from '../pumped'
import type { BellJarBalloon } from './simulate'

export const shelf: Demonstration['shelf'] = [
  { step: 'jar', kind: 'vessel', shapes: ['bell-jar'], capacity: [0.1e-3, 60e-3] },
  { step: 'pump', kind: 'pump' },
]

export const procedure: BellJarBalloon['procedure'] = [
  {
    id: 'jar',
    parts: [
      'Grease the rim of a ',
      { input: 'jarKind' },
      ', of ',
      { input: 'jarVolume' },
      ' (',
      { input: 'jarDiameter' },
      ' across, ',
      { input: 'jarHeight' },
      ' high inside).',
    ],
  },
  {
    id: 'balloon',
    hazards: ['burst'],
    parts: [
      'Blow up a balloon, ',
      { input: 'balloonSlack' },
      ' across before it stretches, to only ',
      { input: 'balloonStart' },
      ' across; knot it; hang or lay it in the middle.',
    ],
  },
  {
    id: 'pump',
    hazards: ['glass-under-difference', 'vacuum'],
    marks: ['sealed'],
    parts: values => [
      'Pump with a ',
      ...pumpWords(values),
      ' until the gauge shows ',
      { input: 'targetPressure' },
      ', for at most ',
      { input: 'pumpTime' },
      '.',
    ],
    duration: s => s.results.timeToPump,
  },
  { id: 'air', parts: ['Let the air back in slowly: it shrinks to what it was.'] },
]

export const kit: BellJarBalloon['kit'] = values =>
  jarKit(values, 'round balloons, several', 'ruler or callipers', 'thread')
