/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import type { EggInBottle } from './simulate'

export const shelf: Demonstration['shelf'] = [
  {
    step: 'bottle',
    kind: 'vessel',
    shapes: ['bottle'],
    materials: ['glass'],
    capacity: [0.08e-3, 6e-3],
    mouth: [0.025, 0.06],
  },
]

export const procedure: EggInBottle['procedure'] = [
  {
    id: 'bottle',
    parts: [
      'Take a bottle of ',
      { input: 'vesselVolume' },
      ' with a neck ',
      { input: 'neckDiameter' },
      ' wide inside, and a hard-boiled egg, ',
      { input: 'eggDiameter' },
      ' across without its shell (',
      { input: 'eggMass' },
      ').',
    ],
  },
  { id: 'ready', parts: ['Make neck and egg ', { input: 'eggSkin' }, '; the ', { input: 'eggEnd' }, ' goes first.'] },
  {
    id: 'light',
    hazards: ({ choices }) =>
      choices.heating === 'hot-water' ? ['scald', 'chilled-glass'] : ['flame', 'heat', 'chilled-glass'],
    parts: ({ choices }) =>
      choices.heating === 'hot-water'
        ? [
            'Heat the gas with ',
            { input: 'heating' },
            ': rinse with water at ',
            { input: 'rinseTemperature' },
            ', pour it out, and stand the bottle in water at ',
            { input: 'coolingTemperature' },
            '.',
          ]
        : [
            'Heat the gas with ',
            { input: 'heating' },
            ': ',
            ...(choices.heating === 'matches'
              ? [{ input: 'matches' }, ' match(es)']
              : [{ input: 'paperMass' }, ' of paper']),
            ', dropped in ',
            { input: 'litDelay' },
            ' after lighting (sets free ',
            { input: 'flamePower' },
            ' for ',
            { input: 'burnTime' },
            ').',
          ],
  },
  {
    id: 'egg',
    marks: ['sealed'],
    parts: ['Set the egg on the neck within ', { input: 'eggDelay' }, '. It may dance; once it sits still, hush.'],
    duration: s => s.results.hush,
  },
]

export const kit: EggInBottle['kit'] = values => [
  'bottle with a wide neck',
  'boiled, shelled eggs, several sizes',
  'callipers',
  ...(values.choices.heating === 'hot-water'
    ? ['kettle', 'bowl of cold water', 'heat-proof gloves']
    : ['paper strips or matches', 'lighter', 'wet cloth', 'tongs']),
  ...(values.choices.eggSkin === 'oiled' ? ['a little oil'] : []),
  'eye protection',
]
