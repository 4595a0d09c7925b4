/** What is done, with what, and when it is ready. */
import { type Demonstration, FLAME_OR_PLATE, UNDER_GLASS } from '../../../demonstration'
import { heatingPlan } from '../filling'
import { readyFromPlan } from '../judgement'
import { flaskOf } from './inputs'
import type { FlaskFountain } from './simulate'

export const shelf: Demonstration['shelf'] = [
  { step: 'charge', kind: 'vessel', shapes: ['flask'], materials: ['glass'] },
  { step: 'heat', kind: 'heater', heaters: FLAME_OR_PLATE, power: UNDER_GLASS },
  { step: 'bath', kind: 'bath' },
]

export const procedure: FlaskFountain['procedure'] = [
  {
    id: 'bath',
    parts: [
      'Stand a bucket with ',
      { input: 'bathVolume' },
      ' of water at ',
      { input: 'bathTemperature' },
      ' under the stand.',
    ],
  },
  {
    id: 'charge',
    parts: [
      'Put ',
      { input: 'waterCharge' },
      ' of water at ',
      { input: 'chargeTemperature' },
      ' into a ',
      { input: 'vesselVolume' },
      ' flask, ',
      { input: 'flaskBottom' },
      ', of ',
      { input: 'glassKind' },
      ', ',
      { input: 'glassState' },
      ', ',
      { input: 'wallThickness' },
      ' thick, with a stem ',
      { input: 'stemLength' },
      ' long and ',
      { input: 'stemDiameter' },
      ' in bore through its stopper.',
    ],
  },
  {
    id: 'heat',
    hazards: ['heat', 'flame', 'scald', 'pressure'],
    marks: ['heat-on', 'plume'],
    parts: [
      'Heat it at ',
      { input: 'heaterPower' },
      ' (',
      { input: 'heatingEfficiency' },
      ' gets in) until steam comes steadily from the stem.',
    ],
    duration: s => s.results.timeToPlume,
  },
  {
    id: 'purge',
    hazards: ['heat'],
    parts: ['Let it boil on for ', { input: 'purgeTime' }, '.'],
    duration: s => (s.results.timeToPlume === undefined ? undefined : s.details.timeOfLifting - s.results.timeToPlume),
  },
  {
    id: 'turn',
    hazards: ['scald', 'chilled-glass', 'glass-under-difference'],
    marks: ['lifted', 'sealed'],
    parts: [
      'Heat off. Turn it over into the stand, stem ',
      { input: 'mouthDepth' },
      ' under water, within ',
      { input: 'transferTime' },
      '. Hush.',
    ],
    duration: s => s.results.timeToFill,
  },
]

export const kit: FlaskFountain['kit'] = () => [
  'round-bottomed flask, sound glass',
  'stopper with the long stem',
  'stand that takes it upside down',
  'heater',
  'bucket, with coloured water',
  'heat-proof gloves',
  'screen or guard',
  'eye protection for all',
  'clock',
]

export const ready: NonNullable<FlaskFountain['ready']> = (values, s) =>
  readyFromPlan(heatingPlan(values, flaskOf(values)), s)
