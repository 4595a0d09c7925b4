/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { pumpWords } from '../inputs'
import { jarKit } from '../pumped'
import type { BellInVacuum } from './simulate'
import { asLength, say } from '../../../sentence'

export const shelf: Demonstration['shelf'] = [
  { step: 'jar', kind: 'vessel', shapes: ['bell-jar'], capacity: [0.1e-3, 60e-3] },
  { step: 'pump', kind: 'pump' },
]

export const procedure: BellInVacuum['procedure'] = [
  {
    id: 'jar',
    parts: [
      'Set a bell going, ',
      { input: 'mount' },
      ', under a ',
      { input: 'jarKind' },
      ', of ',
      { input: 'jarVolume' },
      ' (',
      { input: 'jarDiameter' },
      ' across, ',
      { input: 'jarHeight' },
      say` high): a sound meter ${asLength(1)} away reads `,
      { input: 'levelOutside' },
      '.',
    ],
  },
  {
    id: 'room',
    parts: [
      'Quiet: the room itself makes ',
      { input: 'roomNoise' },
      '; the farthest listener sits ',
      { input: 'listenerDistance' },
      ' away. Stop the pump to listen.',
    ],
  },
  {
    id: 'pump',
    hazards: ['glass-under-difference', 'vacuum'],
    marks: ['sealed'],
    parts: values => [
      'Pump with a ',
      ...pumpWords(values),
      ' down to ',
      { input: 'targetPressure' },
      ', for at most ',
      { input: 'pumpTime' },
      '.',
    ],
    duration: s => s.results.timeToPump,
  },
  { id: 'air', parts: ['Let the air in slowly: it comes back.'] },
]

export const kit: BellInVacuum['kit'] = values =>
  jarKit(values, 'mechanical or battery bell', 'rubber bands or foam', 'sound meter (a phone will do)')
