/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { pumpWords } from '../inputs'
import { jarKit } from '../pumped'
import type { SoftPack } from './simulate'

export const shelf: Demonstration['shelf'] = [
  { step: 'jar', kind: 'vessel', shapes: ['bell-jar'], capacity: [0.1e-3, 60e-3] },
  { step: 'pump', kind: 'pump' },
]

export const procedure: SoftPack['procedure'] = [
  {
    id: 'jar',
    parts: ({ choices }) => [
      'Put ',
      { input: 'pack' },
      ' (',
      { input: 'packGas' },
      ' of gas in all) into ',
      { input: 'where' },
      ...(choices.where === 'jar' ? [': a ', { input: 'jarKind' }, ' of '] : [': ']),
      { input: 'jarVolume' },
      ', ',
      { input: 'jarDiameter' },
      ' across, ',
      { input: 'jarHeight' },
      ' high.',
    ],
  },
  {
    id: 'pump',
    hazards: ({ choices }) => (choices.where === 'jar' ? ['glass-under-difference', 'burst'] : ['burst']),
    marks: ['sealed'],
    parts: values => [
      'Pump with a ',
      ...pumpWords(values),
      ' down to ',
      { input: 'targetPressure' },
      ', within ',
      { input: 'pumpTime' },
      ' (on a flight: the cabin’s pressure, and how long the climb takes).',
    ],
    duration: s => s.results.timeToPump,
  },
  { id: 'hold', parts: ['Hold for ', { input: 'holdTime' }, '.'] },
  { id: 'air', parts: ['Let the air back and look again.'] },
]

export const kit: SoftPack['kit'] = values =>
  values.choices.where === 'cabin'
    ? ['sealed packets', 'pocket barometer', 'camera', 'notebook']
    : jarKit(values, 'packets or marshmallows', 'one like it outside the jar to compare')
