/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { pumpWords } from '../../vacuum/inputs'
import type { VacuumCannon } from './simulate'

export const shelf: Demonstration['shelf'] = [{ step: 'pump', kind: 'pump' }]

export const procedure: VacuumCannon['procedure'] = [
  {
    id: 'load',
    hazards: ['projectile'],
    parts: [
      'Put a ball (',
      { input: 'ballDiameter' },
      ' across, ',
      { input: 'ballMass' },
      ') into a clear tube of ',
      { input: 'tubeLength' },
      ', ',
      { input: 'tubeDiameter' },
      ' across inside, at the end away from the target; tape foil over both ends, muzzle ',
      { input: 'muzzleHeight' },
      ' over the floor.',
    ],
  },
  {
    id: 'pump',
    hazards: ['vacuum', 'projectile'],
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
  {
    id: 'fire',
    hazards: ['projectile'],
    marks: ['sealed'],
    parts: ['Pierce the foil behind the ball. Fast enough from ', { input: 'wantedSpeed' }, '.'],
    duration: s => s.results.hush,
  },
]

export const kit: VacuumCannon['kit'] = () => [
  'clear pipe made for pressure, no cracks',
  'light balls, several',
  'foil or tape for the ends',
  'pump and gauge',
  'target and backstop',
  'stand and clamps',
  'eye protection',
  'ear protection',
  'barrier tape',
]
