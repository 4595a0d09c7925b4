import { celsius, type Input, ROOM_INPUTS } from '../../../demonstration'
import { quantity } from '../inputs'
import { icedBath, softBottleFace, softExplanation, softWhy, SOFT_BATH, SOFT_COEFFICIENTS, SOFT_VESSEL } from '../soft-bottle-face'
import { afterFailure, cautions, gates } from './cautions'
import { simulate } from './simulate'

const INPUTS: readonly Input[] = [
  ...ROOM_INPUTS, ...SOFT_VESSEL,
  quantity('waterCharge', { name: 'hot water in the bottle', default: 80e-6, range: [5e-6, 2e-3], usual: [20e-6, 300e-6], lever: [-40e-6, 60e-6] }),
  quantity('chargeTemperature', { default: 273.15 + 80, usual: [323.15, 368.15], spread: { shape: 'normal', absolute: 2 }, lever: [-10, 5, 10] }),
  {
    id: 'swirlTime', name: 'swirling before the cap', kind: 'quantity', quantity: 'time', units: ['s', 's'], group: 'heat',
    default: 8, range: [0.5, 120], usual: [1, 30], spread: { shape: 'lognormal', relative: 0.25 }, lever: [-4, 5, 10],
  },
  ...SOFT_BATH,
  {
    id: 'swirling', name: 'how much faster swirled water gives off vapour', kind: 'quantity', quantity: 'fraction', units: ['%', '%'], group: 'coefficient',
    default: 6, range: [1, 40], usual: [1, 20], spread: { shape: 'lognormal', relative: 0.5 },
    source: '100 %: a still surface; swirled water wets the whole wall, some five to ten times the surface; assumption',
  },
  ...SOFT_COEFFICIENTS,
]

export const hotWaterBottle = softBottleFace({
  id: 'hot-water-bottle', name: 'Hot-water bottle', summary: 'A soft fizzy-drink bottle with a little hot water, swirled, capped, into an ice bath: it folds.',
  teaching: {
    wrongIdea: { idea: 'The hot air shrinks and that is all.', answer: 'Air alone would lose a fifth or so. Most of what was in the bottle was vapour, and vapour can go altogether.' },
    before: ['What does the swirling do?', 'Would cold water in the bottle do as well?'],
    after: ['What drove the air out?', 'What happens when I open the cap?'],
    elsewhere: ['A flask of tea that is hard to open.', 'A drink bottle left in a hot car, then shut.'],
  },
  people: { performs: 11, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'steam', effect: 'The bottle crackles and folds in a few seconds, with no flame in the room.', topics: ['air pressure', 'condensation', 'gas laws', 'particle model'], ages: [7, 16] },
  inputs: INPUTS,
  logged: { used: ['waterCharge', 'chargeTemperature', 'swirlTime', 'bathTemperature', 'poolDepth'], seen: ['hush', 'volumeLost'] },
  procedure: [
    {
      id: 'charge', hazards: ['scald', 'heat'],
      parts: [
        'Pour ', { input: 'waterCharge' }, ' of water at ', { input: 'chargeTemperature' }, ' into a soft bottle of ', { input: 'vesselVolume' }, ': ', { input: 'vesselDiameter' }, ' across, ', { input: 'vesselHeight' },
        ' tall, wall ', { input: 'wallThickness' }, ', mouth ', { input: 'mouthDiameter' }, '.',
      ],
    },
    { id: 'swirl', parts: ['Swirl it, open, for ', { input: 'swirlTime' }, '.'], duration: s => s.details.sealing },
    { id: 'cap', hazards: ['pressure'], marks: ['sealed'], parts: ['Screw the cap tight.'] },
    { id: 'cool', hazards: [], parts: icedBath, duration: s => s.results.hush },
  ],
  simulate,
  kit: () => ['soft fizzy-drink bottles, labels off', 'caps', 'kettle and thermometer', 'funnel', 'measuring cylinder', 'deep tub', 'ice', 'glove', 'eye protection', 'tray'],
  why: (_values, s) => softWhy(s, `Swirled, the water at ${celsius(s.details.liquidAtSeal!)} fills the bottle with vapour and drives air out:`),
  explanation: softExplanation('most of the vapour turns back into water'),
})
