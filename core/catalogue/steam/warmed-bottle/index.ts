import { celsius, type Input, ROOM_INPUTS } from '../../../demonstration'
import { TOUCHABLE } from '../../../cautions'
import { quantity } from '../inputs'
import { RINSE_COEFFICIENTS } from '../rinse-inputs'
import { icedBath, softBottleFace, softExplanation, softWhy, SOFT_BATH, SOFT_COEFFICIENTS, SOFT_VESSEL } from '../soft-bottle-face'
import { afterFailure, cautions, gates } from './cautions'
import { simulate } from './simulate'

const INPUTS: readonly Input[] = [
  ...ROOM_INPUTS, ...SOFT_VESSEL,
  quantity('waterCharge', { name: 'hot water to warm it', default: 500e-6, range: [20e-6, 5e-3], usual: [100e-6, 1e-3], lever: [-250e-6, 300e-6] }),
  quantity('chargeTemperature', { default: 273.15 + 65, usual: [308.15, 353.15], lever: [-10, 10] }),
  {
    id: 'standTime', name: 'hot water stands in it for', kind: 'quantity', quantity: 'time', units: ['s', 's'], group: 'heat',
    default: 20, range: [0.5, 600], usual: [3, 60], spread: { shape: 'lognormal', relative: 0.2 }, lever: [-10, 20],
  },
  quantity('sealDelay', { name: 'emptied to capped', default: 3, lever: [-2, 5] }),
  ...SOFT_BATH, ...RINSE_COEFFICIENTS, ...SOFT_COEFFICIENTS,
]

export const warmedBottle = softBottleFace({
  id: 'warmed-bottle', name: 'Warmed bottle', summary: 'A soft bottle warmed with hot tap water, emptied, capped, into an ice bath: mostly cooling air.',
  teaching: {
    wrongIdea: { idea: 'Cold gets into the bottle and pulls it in.', answer: 'Cold is not a thing that moves. The warm air inside pushes less as it cools; the room pushes as before.' },
    before: ['Will it fold as much as with boiling water?', 'Which matters more: warm inside or cold outside?'],
    after: ['How much of the air was missing?', 'Why is this gentler than with steam?'],
    elsewhere: ['Bottles brought down from a mountain.', 'A football in winter.', 'Car tyres on a cold morning.'],
  },
  people: { performs: 9, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'steam', effect: 'The bottle buckles gently: no steam to be seen, warm tap water is enough.', topics: ['gas laws', 'air pressure', 'heating and cooling'], ages: [7, 16] },
  inputs: INPUTS, brimful: true,
  logged: { used: ['waterCharge', 'chargeTemperature', 'sealDelay', 'bathTemperature', 'poolDepth'], seen: ['hush', 'volumeLost'] },
  procedure: [
    {
      id: 'charge', hazards: ({ numbers: n }) => n.chargeTemperature! >= TOUCHABLE ? ['scald'] : [],
      parts: [
        'Pour ', { input: 'waterCharge' }, ' of water at ', { input: 'chargeTemperature' }, ' into a soft bottle of ', { input: 'vesselVolume' }, ' (', { input: 'vesselDiameter' }, ' across, ', { input: 'vesselHeight' },
        ' tall, wall ', { input: 'wallThickness' }, ', mouth ', { input: 'mouthDiameter' }, '), open, in a tray; let it stand for ', { input: 'standTime' }, ', tilt it once so that the whole wall is warm, and pour it out.',
      ],
    },
    { id: 'cap', marks: ['sealed'], parts: ['Screw the cap tight within ', { input: 'sealDelay' }, ' of emptying it.'], duration: s => s.details.sealing },
    { id: 'cool', parts: icedBath, duration: s => s.results.hush },
  ],
  simulate,
  kit: () => ['soft drink bottles, labels off', 'caps', 'hot tap water or kettle', 'thermometer', 'deep tub', 'ice', 'towel', 'eye protection'],
  why: (_values, s) => softWhy(s, `The wall is warmed to ${celsius(s.details.overheat!)}; the film left on it steams into the air that came in as it was emptied:`),
  explanation: softExplanation('some of the damp in it turns back into water too'),
})
