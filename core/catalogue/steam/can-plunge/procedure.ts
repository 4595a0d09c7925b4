import { type Demonstration, FLAME_OR_PLATE } from '../../../demonstration'
import { readyFromPlan } from '../judgement'
import { waterWindowOf } from '../water-window'
import { heatingOf, type CanPlunge } from './simulate'
import { SCALDS } from '../../../cautions'
import { asMass, say } from '../../../sentence'

const at = (input: string) => ({ input })

/** Stagings read as these sentences; the inputs in them are the controls. */
export const procedure: CanPlunge['procedure'] = [
  {
    id: 'bath',
    hazards: ({ numbers: n }) => (n.bathTemperature >= SCALDS ? ['scald'] : []),
    parts: ({ numbers: n }) => [
      'Fill the bowl with ',
      at('bathVolume'),
      ' of water',
      ...(n.iceMass > 0 ? [' and ', at('iceMass'), ' of ice'] : [' (ice: ', at('iceMass'), ')']),
      '; stir to ',
      at('bathTemperature'),
      ...(n.restedCount > 0
        ? ['. ', at('restedCount'), ' went into it before this one.']
        : ['. It is fresh (cans before this one: ', at('restedCount'), ').']),
    ],
  },
  {
    id: 'charge',
    parts: [
      'Pour ',
      at('waterCharge'),
      ' of water at ',
      at('chargeTemperature'),
      ' into a ',
      at('vesselCondition'),
      ' ',
      at('wallMaterial'),
      ' can of ',
      at('vesselVolume'),
      ': ',
      at('vesselDiameter'),
      ' across, ',
      at('vesselHeight'),
      ' tall, ',
      at('wallThickness'),
      ' thick, mouth ',
      at('mouthDiameter'),
      '.',
    ],
  },
  {
    id: 'heat',
    hazards: ['heat', 'flame'],
    marks: ['heat-on', 'plume'],
    parts: [
      'Stand it on the hot ',
      at('heaterPower'),
      ' heater (',
      at('heatingEfficiency'),
      ' of that gets in) until a steady plume shows.',
    ],
    duration: s => s.results.timeToPlume,
  },
  {
    id: 'purge',
    hazards: ['heat'],
    parts: ['Let it boil on for ', at('purgeTime'), '.'],
    duration: s => (s.results.timeToPlume === undefined ? undefined : s.details.timeOfLifting - s.results.timeToPlume),
  },
  {
    id: 'lift',
    hazards: ['scald', 'heat'],
    marks: ['lifted'],
    parts: ['Lift it with tongs, turn it over, and have the mouth in the water within ', at('transferTime'), '.'],
    duration: s => s.details.sealing - s.details.timeOfLifting,
  },
  {
    id: 'plunge',
    hazards: ['scald', 'vacuum'],
    marks: ['sealed'],
    parts: ['Push the mouth ', at('mouthDepth'), ' under and hold it there. Hush.'],
    duration: s => s.results.hush,
  },
]

export const shelf: Demonstration['shelf'] = [
  { step: 'bath', kind: 'bath' },
  { step: 'charge', kind: 'vessel', shapes: ['cylinder'], materials: ['aluminium', 'steel'], capacity: [50e-6, 6e-3] },
  { step: 'heat', kind: 'heater', heaters: FLAME_OR_PLATE },
]

export const kit: CanPlunge['kit'] = values => [
  'can, rinsed, and as many spares as the forecast says',
  'measuring spoon or small cylinder',
  'heater',
  'bowl',
  ...(values.numbers.iceMass > 0 ? [say`ice, ${asMass(values.numbers.iceMass, { digits: 3 })} a bowl`] : []),
  'tongs that grip a wet can',
  'heat-proof gloves',
  'eye protection',
  'thermometer',
  'clock',
  'tray and towel',
]

export const ready: NonNullable<CanPlunge['ready']> = (values, simulation) =>
  readyFromPlan(heatingOf(values), simulation)

export const waterWindow: NonNullable<CanPlunge['waterWindow']> = values =>
  waterWindowOf(heatingOf(values), values.numbers.waterCharge)
