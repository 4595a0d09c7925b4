/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { CandleJar } from './simulate'

export const logged = { used: ['jarVolume', 'flamePower', 'candles'], seen: ['level', 'flameTime', 'bubbles'] } as const

export const results = [
  result('level', 'water rises', 'cm'),
  result('share', 'of the jar’s volume', '%'),
  result('levelCooling', 'of it by cooling', 'mm'),
  result('levelCondensation', 'by vapour turned to dew, less what the flame made', 'mm'),
  result('levelOxygen', 'by oxygen used, less carbon dioxide made', 'mm'),
  result('flameTime', 'flame lasts', 's'),
  result('bubbles', 'gas that bubbles out', 'mL'),
  result('hottest', 'gas at its hottest', 'degC'),
  result('oxygenLeft', 'oxygen left', '%'),
  result('peakPressureDifference', 'greatest pressure difference', 'Pa'),
  result('hush', 'until the rise is seen', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'rises', look: 'gone', name: 'rises', sentence: 'The flame dies, and then the water rises in the jar.' },
  {
    id: 'drowned',
    look: 'partly',
    name: 'drowns the flame',
    sentence: 'The water reaches the flame before it has died.',
  },
  { id: 'gurgles', look: 'part-filled', name: 'runs the dish dry', sentence: 'The dish runs dry and air gurgles in.' },
  { id: 'little', look: 'nothing', name: 'hardly rises', sentence: 'The flame dies; the water hardly rises.' },
]

export const ledger: CandleJar['ledger'] = ({ details: d }) => ({
  moment: 'at the end',
  difference: d.difference,
  rows: [
    { id: 'cooling', cause: 'the gas getting colder than it was caught', pressure: d.cooled },
    ...(d.bubbled > 0 ? [{ id: 'bubbles', cause: 'warm gas that bubbled out', pressure: d.bubbled }] : []),
    { id: 'wall', cause: 'vapour turned to dew, less what the flame still made', pressure: d.condensed },
    { id: 'oxygen', cause: 'oxygen used up, less carbon dioxide made', pressure: d.chemistry },
    ...(Math.abs(d.letIn) > 1
      ? [{ id: 'air', cause: 'room air that gurgled in (gives back)', pressure: d.letIn }]
      : []),
    {
      id: 'inflow',
      cause: 'room taken by water that came in (gives back)',
      pressure: d.difference - d.cooled - d.bubbled - d.condensed - d.chemistry - (Math.abs(d.letIn) > 1 ? d.letIn : 0),
    },
  ],
})

export const sizes: CandleJar['sizes'] = (values, s) => [
  {
    id: 'lifted',
    name: 'water held up',
    value: s.results.share * values.numbers.jarVolume * 1000,
    quantity: 'mass',
    units: ['g', 'oz'],
    note: 'by the difference between inside and outside',
  },
]
