/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { pumpWords } from '../inputs'
import { jarKit } from '../pumped'
import type { JarBarometer } from './simulate'

export const shelf: Demonstration['shelf'] = [
  { step: 'jar', kind: 'vessel', shapes: ['bell-jar'], capacity: [0.1e-3, 60e-3] },
  { step: 'pump', kind: 'pump' },
]

export const procedure: JarBarometer['procedure'] = [
  {
    id: 'jar',
    parts: [
      'Into a small bottle with coloured water put a stopper and a tube (',
      { input: 'tubeBore' },
      ' wide, ',
      { input: 'tubeHeight' },
      ' above the water) that reaches under the water; ',
      { input: 'trappedAir' },
      ' of air stay shut in above it.',
    ],
  },
  {
    id: 'cover',
    parts: [
      'Stand it under a ',
      { input: 'jarKind' },
      ', of ',
      { input: 'jarVolume' },
      ' (',
      { input: 'jarDiameter' },
      ' across, ',
      { input: 'jarHeight' },
      ' high).',
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
      { input: 'stopDifference' },
      ' below the room, for at most ',
      { input: 'pumpTime' },
      '.',
    ],
    duration: s => s.results.timeToPump,
  },
  { id: 'air', parts: ['Let a little air in: the water sinks. Stop it half-way and read the height.'] },
]

export const kit: JarBarometer['kit'] = values =>
  jarKit(values, 'small bottle, two-hole stopper, glass tube', 'coloured water', 'ruler', 'tray')
