/** What is done, with what, and when it is ready. */
import { type Demonstration, FLAME_OR_PLATE, UNDER_GLASS } from '../../../demonstration'
import { heatingPlan } from '../filling'
import { readyFromPlan } from '../judgement'
import { flaskOf } from './inputs'
import type { BalloonIntoFlask } from './simulate'

export const shelf: Demonstration['shelf'] = [
  { step: 'charge', kind: 'vessel', shapes: ['flask'], materials: ['glass'], capacity: [0.1e-3, 5e-3] },
  { step: 'heat', kind: 'heater', heaters: FLAME_OR_PLATE, power: UNDER_GLASS },
]

export const procedure: BalloonIntoFlask['procedure'] = [
  {
    id: 'charge',
    hazards: ['glass-under-difference'],
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
      ' thick, its neck ',
      { input: 'mouthDiameter' },
      ' across. Have a balloon ready, ',
      { input: 'balloonSlack' },
      ' across before it stretches, blown up once and let out.',
    ],
  },
  {
    id: 'heat',
    hazards: ['heat', 'flame', 'scald'],
    marks: ['heat-on', 'plume'],
    parts: [
      'Leave it open. Heat it at ',
      { input: 'heaterPower' },
      ' (',
      { input: 'heatingEfficiency' },
      ' gets in) until steam comes steadily from the neck.',
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
    id: 'off',
    hazards: ['heat', 'scald'],
    marks: ['lifted'],
    parts: ['Heat off, and the flask off the heat, with a clamp or gloves, onto a cork mat.'],
  },
  {
    id: 'cover',
    hazards: ['closed-hot-vessel', 'scald'],
    marks: ['sealed'],
    parts: [
      'Only when it no longer boils, and within ',
      { input: 'sealDelay' },
      ' of the heat, stretch the balloon over the neck, empty and hanging down outside. Hands off.',
    ],
    duration: s => s.details.sealing - s.details.timeOfLifting,
  },
  {
    id: 'cool',
    hazards: ['chilled-glass'],
    parts: ({ choices }) =>
      choices.coolingMethod === 'pour'
        ? [
            'After ',
            { input: 'coolDelay' },
            ' cool it by ',
            { input: 'coolingMethod' },
            ', ',
            { input: 'coolantFlow' },
            ' at ',
            { input: 'bathTemperature' },
            ', from an arm’s length, the screen between. Hush.',
          ]
        : ['Cool it by ', { input: 'coolingMethod' }, ', nobody’s hand near it. Hush.'],
    duration: s => s.results.timeToRound ?? s.results.giveUpTime,
  },
]

export const kit: BalloonIntoFlask['kit'] = ({ choices }) => [
  'flask of heat-proof glass, sound',
  'balloons, blown up once and let out',
  'heater',
  'clamp or heat-proof gloves',
  'cork mat',
  'screen or guard',
  'eye protection for all',
  ...(choices.coolingMethod === 'pour' ? ['jug and tray'] : []),
  'clock',
]

export const ready: NonNullable<BalloonIntoFlask['ready']> = (values, s) =>
  readyFromPlan(heatingPlan(values, flaskOf(values)), s)
