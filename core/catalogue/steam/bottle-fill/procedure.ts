/** What is done, with what, and when it is ready. */
import { type Demonstration, FLAME_OR_PLATE, UNDER_GLASS, type SentencePart } from '../../../demonstration'
import { readyFromPlan } from '../judgement'
import type { BottleFill } from './simulate'
import { bottleHeating, onHeat, type BottleFillValues } from './inputs'

const at = (input: string) => ({ input })

/** What each way of filling asks for, and no other. */
const FILLED_BY = (choices: BottleFillValues['choices']): SentencePart[] =>
  choices.fillMethod === 'flame'
    ? [
        ' (',
        at('heaterPower'),
        ', of which ',
        at('heatingEfficiency'),
        ' gets in): ',
        at('purgeTime'),
        ' of boiling after the plume. Heat off.',
      ]
    : choices.fillMethod === 'microwave'
      ? [
          ' (',
          at('heaterPower'),
          ', of which ',
          at('heatingEfficiency'),
          ' gets in): ',
          at('ovenTime'),
          ' in all; it rolls and rattles, the window fogs, water jumps. Oven off; wait ',
          at('ovenWait'),
          ', look for bubbles, then take it out.',
        ]
      : ['.']

export const shelf: Demonstration['shelf'] = [
  { step: 'charge', kind: 'vessel', shapes: ['bottle'], materials: ['glass'], capacity: [50e-6, 5e-3] },
  { step: 'fill', kind: 'heater', heaters: [...FLAME_OR_PLATE, 'microwave'], power: UNDER_GLASS },
  { step: 'bath', kind: 'bath' },
]

export const procedure: BottleFill['procedure'] = [
  {
    id: 'bath',
    parts: ['Fill a deep bowl with ', { input: 'bathVolume' }, ' of water at ', { input: 'bathTemperature' }, '.'],
  },
  {
    id: 'charge',
    parts: values => [
      'Take a bottle of ',
      { input: 'glassKind' },
      ', ',
      { input: 'vesselVolume' },
      ': ',
      { input: 'vesselDiameter' },
      ' across, ',
      { input: 'vesselHeight' },
      ' tall, glass ',
      { input: 'wallThickness' },
      ', neck ',
      { input: 'neckDiameter' },
      ' wide and ',
      { input: 'neckLength' },
      ' long, ',
      { input: 'glassState' },
      ...(onHeat(values)
        ? [
            '. In it ',
            { input: 'waterCharge' },
            ' of water at ',
            { input: 'chargeTemperature' },
            ' and a boiling chip.',
          ]
        : ['.']),
    ],
  },
  {
    id: 'fill',
    hazards: ({ choices }) => (choices.fillMethod === 'flame' ? ['heat', 'flame', 'scald'] : ['heat', 'scald']),
    marks: ['heat-on', 'plume'],
    parts: ({ choices }) => ['Fill it with steam by ', { input: 'fillMethod' }, ...FILLED_BY(choices)],
    duration: s => (s.details.timeOfLifting > 0 ? s.details.timeOfLifting : undefined),
  },
  {
    id: 'turn',
    hazards: ['scald', 'chilled-glass'],
    marks: ['lifted'],
    parts: [
      'Turn it over and have the mouth in the water within ',
      { input: 'transferTime' },
      ', ',
      { input: 'mouthDepth' },
      ' under, ',
      { input: 'mouthClearance' },
      ' above the bottom.',
    ],
    duration: s => s.details.sealing - s.details.timeOfLifting,
  },
  {
    id: 'open',
    hazards: ['glass-under-difference'],
    marks: ['sealed'],
    parts: ({ numbers: n }) =>
      n.stopperTime > 0
        ? [
            'Let it stand stoppered, ',
            { input: 'stopperPlace' },
            ', for ',
            { input: 'stopperTime' },
            '; then pull the stopper out under water.',
          ]
        : ['Hold on with both hands (stoppered, ', { input: 'stopperPlace' }, ': ', { input: 'stopperTime' }, ').'],
    duration: s => s.results.timeToFill,
  },
]

export const kit: BottleFill['kit'] = values => [
  'bottle of sound, unscratched glass, and spares',
  ...(onHeat(values)
    ? values.choices.fillMethod === 'microwave'
      ? ['microwave and a wooden stick']
      : ['heater', 'heat spreader']
    : ['kettle', 'funnel']),
  'deep plastic bowl, a folded cloth on its bottom',
  'stopper that can be pulled under water',
  'cloth',
  'heat-proof gloves',
  'eye protection for all',
  'clock',
]

export const ready: NonNullable<BottleFill['ready']> = (values, s) =>
  onHeat(values)
    ? readyFromPlan(bottleHeating(values), s, values.choices.fillMethod === 'microwave')
    : {
        watch: [
          { sign: 'The glass is too hot to hold at once after it is emptied.', worth: 'it was warmed through' },
          { sign: 'No cold draught over the mouth; turned over at once.', worth: 'each second lets room air in' },
        ],
        earliest: 0,
        dryAt: undefined,
        lowFlame: undefined,
      }
