/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import { JAR_RESULTS } from '../inputs'
export const logged = {
  used: ['balloonStart', 'targetPressure'],
  seen: ['balloonEnd', 'finalPressure', 'timeToPump'],
} as const

export const results = [
  ...JAR_RESULTS,
  result('balloonEnd', 'balloon across at the end', 'cm'),
  result('balloonGrowth', 'times as wide as at the start', '1'),
  result('startToFill', 'size to start with so that it nearly fills the jar', 'cm'),
  result('hump', 'most that the skin ever presses', 'kPa'),
  result('hush', 'until it nearly fills the jar', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  {
    id: 'fills',
    look: 'gone',
    name: 'nearly fills the jar',
    sentence: 'The balloon swells until it nearly fills the jar.',
  },
  {
    id: 'touches',
    look: 'partly',
    name: 'presses against the glass',
    sentence: 'The balloon swells until it presses against the glass.',
  },
  {
    id: 'small',
    look: 'nothing',
    name: 'stays small',
    sentence: 'The balloon swells a little and stays well away from the glass.',
  },
  { id: 'bursts', look: 'harm', name: 'bursts', sentence: 'The balloon bursts in the jar.' },
]
