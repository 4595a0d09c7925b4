/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import { JAR_RESULTS } from '../inputs'
import type { LowPressureBoil } from './simulate'

export const logged = {
  used: ['waterTemperature', 'waterVolume'],
  seen: ['hush', 'endTemperature', 'boilPressure'],
} as const

export const results = [
  ...JAR_RESULTS,
  result('neededStart', 'coldest water that this pump can boil here', 'degC'),
  result('boilPressure', 'pressure at which it starts', 'kPa'),
  result('hush', 'until it boils', 's', HUSH),
  result('boilTime', 'boils for', 's'),
  result('endTemperature', 'water at the end', 'degC'),
  result('evaporated', 'water turned to vapour', 'g'),
  result('localBoilingPoint', 'would boil in the open at', 'degC'),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'boils', look: 'gone', name: 'boils', sentence: 'The water boils for all to see, without a flame.' },
  { id: 'few', look: 'partly', name: 'shows a few bubbles', sentence: 'A few bubbles rise, then it is still.' },
  { id: 'still', look: 'nothing', name: 'does not boil', sentence: 'The water stays still.' },
]

export const ledger: LowPressureBoil['ledger'] = ({ details: d }) => ({
  moment: 'at the end of the pumping',
  difference: d.difference,
  rows: [
    {
      id: 'pumped',
      cause: 'air taken out by the pump, less what leaked in',
      pressure: d.difference + d.vapourPressure,
    },
    { id: 'steam', cause: 'vapour that the water gave off (gives back)', pressure: -d.vapourPressure },
  ],
})
