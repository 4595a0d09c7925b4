/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import { JAR_RESULTS } from '../inputs'
export const logged = { used: ['stopDifference', 'trappedAir'], seen: ['level', 'finalPressure'] } as const

export const results = [
  ...JAR_RESULTS,
  result('level', 'water stands', 'cm'),
  result('spillPressure', 'jar pressure at which it spills', 'kPa'),
  result('spillDifference', 'that is below the room by', 'kPa'),
  result('hush', 'until it is seen to climb', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'climbs', look: 'gone', name: 'climbs and stands', sentence: 'The water climbs the tube and stands there.' },
  {
    id: 'spills',
    look: 'filled',
    name: 'spills over',
    sentence: 'The water shoots up the tube and spills into the jar.',
  },
  { id: 'hardly', look: 'nothing', name: 'hardly moves', sentence: 'The water hardly moves.' },
]
