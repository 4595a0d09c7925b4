/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { pumpWords } from '../../vacuum/inputs'
import type { Plates } from './simulate'

export const shelf: Demonstration['shelf'] = [{ step: 'pump', kind: 'pump' }]

export const procedure: Plates['procedure'] = [
  {
    id: 'grease',
    parts: [
      'Wipe and grease the rims of a pair of ',
      { input: 'pairShape' },
      ', ',
      { input: 'sealDiameter' },
      ' across inside the seal, ',
      { input: 'chamberVolume' },
      ' of air between them.',
    ],
  },
  {
    id: 'pump',
    hazards: ['vacuum'],
    parts: values => [
      'Pump with a ',
      ...pumpWords(values),
      ' for at most ',
      { input: 'pumpTime' },
      '; shut the valve.',
    ],
    duration: s => s.results.timeToPump,
  },
  {
    id: 'hang',
    hazards: ['load'],
    marks: ['sealed'],
    parts: [
      'After ',
      { input: 'waitTime' },
      ' hang ',
      { input: 'loadMass' },
      ' on it for ',
      { input: 'hangTime' },
      '.',
    ],
    duration: s => s.results.hush,
  },
  { id: 'open', parts: ['Load off first; then open the valve: they part by themselves.'] },
]

export const kit: Plates['kit'] = () => [
  'pair of plates or half-spheres with handles',
  'pump, hose, valve',
  'gauge',
  'vacuum grease',
  'lint-free cloth',
  'weights for the proof load',
  'strap as a second hold',
  'mat',
]
