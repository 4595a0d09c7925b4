/** What is done, with what, and when it is ready. */
import { TOUCHABLE } from '../../../cautions'
import type { Demonstration } from '../../../demonstration'
import type { EggOut } from './simulate'

export const shelf: Demonstration['shelf'] = [
  {
    step: 'turn',
    kind: 'vessel',
    shapes: ['bottle'],
    materials: ['glass'],
    capacity: [0.08e-3, 6e-3],
    mouth: [0.025, 0.06],
  },
]

export const procedure: EggOut['procedure'] = [
  {
    id: 'turn',
    parts: [
      'Rinse the ash out of the bottle (',
      { input: 'vesselVolume' },
      ', neck ',
      { input: 'neckDiameter' },
      '). Turn it over so that the egg (',
      { input: 'eggDiameter' },
      ' across, ',
      { input: 'eggMass' },
      ') sits in the neck, ',
      { input: 'eggEnd' },
      ' first, ',
      { input: 'eggSkin' },
      '.',
    ],
  },
  {
    id: 'push',
    hazards: ({ numbers: n, choices }) =>
      choices.method === 'warming' && n.warmTemperature >= TOUCHABLE
        ? ['scald', 'pressure', 'projectile']
        : ['pressure', 'projectile'],
    marks: ['sealed'],
    parts: ({ choices }) =>
      choices.method === 'warming'
        ? [
            'Now ',
            { input: 'method' },
            ': hold the bottle under water at ',
            { input: 'warmTemperature' },
            ', neck pointing at nobody.',
          ]
        : [
            'Now ',
            { input: 'method' },
            ': blow with ',
            { input: 'breathPressure' },
            ' for ',
            { input: 'breathTime' },
            ', take the mouth away and turn the neck off.',
          ],
    duration: s => s.results.hush,
  },
  {
    id: 'plain',
    parts: [
      'It won’t? Push it back, cut it up with a long knife and rinse it out. That is the plain way, and no defeat.',
    ],
  },
]

export const kit: EggOut['kit'] = values => [
  'the bottle with its egg',
  'bowl',
  values.choices.method === 'warming' ? 'warm water and a jug' : 'cloth for the mouth of the bottle',
  'long knife, for the plain way',
  'eye protection',
]
