/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import type { SuctionCup } from './simulate'

export const shelf: Demonstration['shelf'] = []

export const procedure: SuctionCup['procedure'] = [
  {
    id: 'press',
    parts: [
      'Wet the rim of ',
      { input: 'cup' },
      ' (',
      { input: 'cupDiameter' },
      ' across, ',
      { input: 'cupVolume' },
      ' under it) and press it hard on ',
      { input: 'surface' },
      '.',
    ],
  },
  {
    id: 'lift',
    hazards: ['load'],
    marks: ['sealed'],
    parts: ['Pull straight up, smoothly: it lifts ', { input: 'loadMass' }, ' for ', { input: 'liftTime' }, '.'],
    duration: s => s.results.hush,
  },
  { id: 'off', parts: ['Set it down; lift one edge of the rim with a fingernail: it is off.'] },
]

export const kit: SuctionCup['kit'] = () => [
  'plunger or rubber sheet',
  'wet cloth',
  'stool or small table with a smooth top',
  'mat',
  'spring balance',
]
