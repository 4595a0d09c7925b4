/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import type { BalloonInGlass } from './simulate'

export const shelf: Demonstration['shelf'] = []

export const procedure: BalloonInGlass['procedure'] = [
  {
    id: 'place',
    parts: [
      'Hang a balloon (',
      { input: 'balloonSlack' },
      ' across before it stretches) ',
      { input: 'insertDepth' },
      ' deep into a ',
      { input: 'surface' },
      ' glass, ',
      { input: 'glassDiameter' },
      ' across inside, ',
      { input: 'glassMass' },
      ' in all.',
    ],
  },
  {
    id: 'blow',
    hazards: ['burst'],
    marks: ['sealed'],
    parts: ['Blow it up to ', { input: 'blownTo' }, ' across above the rim; pinch it.'],
    duration: s => s.results.timeToBlow,
  },
  { id: 'lift', hazards: ['load'], parts: ['Lift it by the balloon, over a cloth.'] },
]

export const kit: BalloonInGlass['kit'] = () => [
  'round balloons',
  'tumblers of several weights',
  'cloth',
  'water to weigh them down',
  'kitchen scale',
]
