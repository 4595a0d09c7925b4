/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { BalloonEmptied } from './simulate'

export const logged = { used: ['balloonStart', 'pumpSpeed'], seen: ['hush', 'finalPressure'] } as const

export const results = [
  result('hush', 'until it is flat', 's', HUSH),
  result('finalPressure', 'pressure in the hose at the end', 'kPa'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('greatestPossible', 'most that this pump can reach here', 'kPa'),
  result('squeeze', 'room pressing the two skins together', 'N'),
  result('timeToPump', 'time at the pump', 's'),
  result('strokes', 'strokes', '1'),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'flat', look: 'gone', name: 'pressed flat', sentence: 'The balloon shrinks, wrinkles and is pressed flat.' },
  {
    id: 'open',
    look: 'nothing',
    name: 'not yet flat',
    sentence: 'The balloon gets smaller but is not flat when the pump stops.',
  },
]

export const ledger: BalloonEmptied['ledger'] = ({ details: d }) => ({
  moment: 'at the end of the pumping',
  difference: d.difference,
  rows: [
    { id: 'pumped', cause: 'air taken out by the pump', pressure: d.first - d.stationPressure + d.difference },
    { id: 'skin', cause: 'the stretched skin, gone slack (gives back)', pressure: d.stationPressure - d.first },
  ],
})

export const sizes: BalloonEmptied['sizes'] = (values, s) => [
  {
    id: 'squeeze',
    name: 'room pressing the skins together',
    value: s.results.squeeze,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'difference × the slack balloon’s cross-section',
  },
  {
    id: 'most',
    name: 'most any pump could do',
    value: values.numbers.stationPressure,
    quantity: 'pressure',
    units: ['kPa', 'psi'],
    note: 'the pressure of the room',
  },
]
