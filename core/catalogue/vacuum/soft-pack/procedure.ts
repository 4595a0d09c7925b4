/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { pumpWords } from '../inputs'
import { jarKit } from '../pumped'
import { isSealed, isUnderway } from './inputs'
import type { SoftPack } from './simulate'

export const shelf: Demonstration['shelf'] = [
  { step: 'jar', kind: 'vessel', shapes: ['bell-jar'], capacity: [0.1e-3, 60e-3] },
  { step: 'pump', kind: 'pump' },
]

export const procedure: SoftPack['procedure'] = [
  {
    id: 'jar',
    parts: values => [
      isUnderway(values) ? 'Take ' : 'Put ',
      { input: 'pack' },
      ' (',
      { input: 'packGas' },
      ` of gas in all) ${isUnderway(values) ? 'along in' : 'into'} `,
      { input: 'where' },
      ...(isUnderway(values)
        ? ['.']
        : [
            ...(values.choices.where === 'jar' ? [': a ', { input: 'jarKind' }, ', of '] : [': ']),
            { input: 'jarVolume' },
            ', ',
            { input: 'jarDiameter' },
            ' across, ',
            { input: 'jarHeight' },
            ' high.',
          ]),
    ],
  },
  {
    id: 'pump',
    hazards: values => [
      ...(values.choices.where === 'jar' ? (['glass-under-difference'] as const) : []),
      ...(isSealed(values) ? (['burst'] as const) : []),
    ],
    marks: ['sealed'],
    parts: values =>
      isUnderway(values)
        ? [
            'The way up takes ',
            { input: 'pumpTime' },
            ', and the air falls to ',
            { input: 'targetPressure' },
            ': read the pocket barometer.',
          ]
        : [
            'Pump with a ',
            ...pumpWords(values),
            ' down to ',
            { input: 'targetPressure' },
            ', within ',
            { input: 'pumpTime' },
            '.',
          ],
    duration: s => s.results.timeToPump,
  },
  {
    id: 'hold',
    parts: values => [isUnderway(values) ? 'Stay up there for ' : 'Hold for ', { input: 'holdTime' }, '.'],
  },
  {
    id: 'air',
    parts: values => [
      isUnderway(values) ? 'On the way down the air comes back: look again.' : 'Let the air back and look again.',
    ],
  },
]

export const kit: SoftPack['kit'] = values =>
  isUnderway(values)
    ? ['sealed packets', 'pocket barometer', 'camera', 'notebook']
    : jarKit(values, 'packets or marshmallows', 'one like it outside the jar to compare')
