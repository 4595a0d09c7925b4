/** How it can end, and what is computed of it. */
import { type Demonstration, HUSH, result } from '../../../demonstration'
import type { SyringeBoil } from './simulate'

export const logged = { used: ['waterTemperature', 'airLeft', 'pullTo'], seen: ['hush', 'boilTime'] } as const

export const results = [
  result('hush', 'pull until it boils', 's', HUSH),
  result('boilTime', 'boils for', 's'),
  result('boilPressure', 'pressure at which it starts', 'kPa'),
  result('lowestPressure', 'lowest pressure in the syringe', 'kPa'),
  result('finalPressure', 'pressure in the syringe at the end', 'kPa'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('pull', 'pull that holds it', 'N'),
  result('neededStart', 'coldest water that would boil in it', 'degC'),
  result('endTemperature', 'water at the end', 'degC'),
  result('evaporated', 'water turned to vapour', 'g'),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'boils', look: 'gone', name: 'boils', sentence: 'The warm water boils in the hand.' },
  { id: 'few', look: 'partly', name: 'shows a few bubbles', sentence: 'A few bubbles rise, then it is still.' },
  {
    id: 'still',
    look: 'nothing',
    name: 'does not boil',
    sentence: 'The plunger comes out, and the water stays still.',
  },
]

export const ledger: SyringeBoil['ledger'] = ({ details: d }) => ({
  moment: 'while it is held',
  difference: d.difference,
  rows: [
    { id: 'stretched', cause: 'the little air left in, given more room', pressure: d.difference + d.vapourPressure },
    { id: 'steam', cause: 'vapour that the water gave off (gives back)', pressure: -d.vapourPressure },
  ],
})

export const sizes: SyringeBoil['sizes'] = (values, s) => [
  {
    id: 'pull',
    name: 'pull of the hand',
    value: s.results.pull,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'greatest difference × bore; friction comes on top',
  },
  {
    id: 'most',
    name: 'most it could be',
    value: values.numbers.stationPressure * s.details.surface,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'outside pressure × bore',
  },
]
