/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import type { BalloonLine } from './simulate'

export const shelf: Demonstration['shelf'] = []

export const procedure: BalloonLine['procedure'] = [
  {
    id: 'line',
    parts: [
      'Stretch a smooth line of ',
      { input: 'lineLength' },
      ' (climbing ',
      { input: 'lineSlope' },
      ') with a straw on it.',
    ],
  },
  {
    id: 'blow',
    hazards: ['burst'],
    parts: [
      'Blow up a ',
      { input: 'balloonShape' },
      ' (',
      { input: 'balloonSlack' },
      ' across before it stretches, ',
      { input: 'rubberMass' },
      ') to ',
      { input: 'blownTo' },
      ', nozzle ',
      { input: 'nozzleDiameter' },
      '; tape it under the straw (',
      { input: 'strawMass' },
      ').',
    ],
  },
  {
    id: 'go',
    hazards: ['projectile'],
    marks: ['sealed'],
    parts: ['Count down and let go.'],
    duration: s => s.results.runTime,
  },
]

export const kit: BalloonLine['kit'] = () => [
  'balloons, round and long',
  'smooth fishing line',
  'straws',
  'tape',
  'clip',
  'tape measure',
  'clock',
]
