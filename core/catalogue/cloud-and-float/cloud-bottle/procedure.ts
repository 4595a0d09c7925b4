/** What is done, with what, and when it is ready. */
import { type Demonstration } from '../../../demonstration'
import { bottleOf } from './inputs'
import type { CloudBottle } from './simulate'
import { asVolume, say } from '../../../sentence'

export const shelf: Demonstration['shelf'] = [
  { step: 'bottle', kind: 'vessel', shapes: ['bottle'], materials: ['PET'] },
]

export const procedure: CloudBottle['procedure'] = [
  {
    id: 'bottle',
    hazards: ({ choices }) => (choices.liquid === 'ethanol' ? ['flame'] : []),
    parts: ({ choices }) => [
      'Swirl ',
      ...(choices.liquid === 'ethanol' ? [{ input: 'spirits' }, ' of '] : ['a spoonful of ']),
      { input: 'liquid' },
      ' in a ',
      { input: 'bottleKind' },
      ', of ',
      { input: 'vesselVolume' },
      ' (',
      { input: 'vesselDiameter' },
      ' across, mouth ',
      { input: 'stopperDiameter' },
      '; with its stopper good for ',
      { input: 'pressureRating' },
      ').',
    ],
  },
  {
    id: 'nuclei',
    hazards: ({ choices }) => (choices.nuclei === 'smoke' ? ['flame'] : []),
    parts: ['In it: ', { input: 'nuclei' }, '. Light: ', { input: 'light' }, '.'],
  },
  {
    id: 'press',
    hazards: ({ choices }) => (choices.way === 'squeeze' ? ['pressure'] : ['pressure', 'projectile']),
    parts: ({ choices }) => [
      'Now ',
      { input: 'way' },
      ...(choices.way === 'squeeze'
        ? [': squeezed to ', { input: 'squeezePressure' }]
        : [
            ': to ',
            { input: 'gaugePressure' },
            ' with ',
            { input: 'strokeVolume' },
            ' a stroke of ',
            { input: 'strokeTime' },
          ]),
      '. Hold for ',
      { input: 'holdTime' },
      '.',
    ],
    duration: s => s.details.sealing,
  },
  {
    id: 'release',
    marks: ['sealed'],
    parts: ['Let go, all within ', { input: 'releaseTime' }, '.'],
    duration: s => s.results.hush,
  },
  { id: 'again', parts: ['Press again: it clears. Let go: it is back.'] },
]

export const kit: CloudBottle['kit'] = values => [
  bottleOf(values).name,
  'stopper with valve, or cap',
  values.choices.way === 'squeeze' ? 'two strong hands' : 'pump with gauge',
  values.choices.liquid === 'ethanol'
    ? say`ethanol, ${asVolume(values.numbers.spirits)}, no more in the room`
    : 'warm water, a spoonful',
  ...(values.choices.nuclei === 'smoke' ? ['match for the smoke'] : []),
  'torch and black card',
  'eye protection',
]
