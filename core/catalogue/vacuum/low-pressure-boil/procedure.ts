/** What is done, with what, and when it is ready. */
import { TOUCHABLE } from '../../../cautions'
import type { Demonstration } from '../../../demonstration'
import { pumpWords } from '../inputs'
import { jarKit } from '../pumped'
import type { LowPressureBoil } from './simulate'

export const shelf: Demonstration['shelf'] = [
  { step: 'jar', kind: 'vessel', shapes: ['bell-jar'], capacity: [0.1e-3, 60e-3] },
  { step: 'pump', kind: 'pump' },
]

export const procedure: LowPressureBoil['procedure'] = [
  {
    id: 'water',
    hazards: ({ numbers: n }) => (n.waterTemperature >= TOUCHABLE ? ['scald'] : []),
    parts: [
      'Put ',
      { input: 'waterVolume' },
      ' of water at ',
      { input: 'waterTemperature' },
      ' with a boiling chip into a beaker ',
      { input: 'beakerDiameter' },
      ' across; show the thermometer.',
    ],
  },
  {
    id: 'jar',
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
    parts: values => ['Pump with a ', ...pumpWords(values), ' for at most ', { input: 'pumpTime' }, '.'],
    duration: s => s.results.hush,
  },
  { id: 'air', parts: ['Let the air in: it stops at once. Read the thermometer again.'] },
]

export const kit: LowPressureBoil['kit'] = values =>
  jarKit(values, 'beaker', 'boiling chips', 'thermometer', 'kettle', 'trap')
