/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import { JAR_RESULTS } from '../inputs'
export const logged = {
  used: ['targetPressure', 'roomNoise', 'levelOutside'],
  seen: ['levelAfter', 'finalPressure', 'hush'],
} as const

export const results = [
  ...JAR_RESULTS,
  result('levelBefore', 'heard before', 'dB'),
  result('levelAfter', 'heard at the end', 'dB'),
  result('drop', 'quieter by', 'dB'),
  result('mountFloor', 'what comes through the mount', 'dB'),
  result('vanishPressure', 'pressure at which it is lost in the room', 'kPa'),
  result('hush', 'until it is not heard', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'silent', look: 'gone', name: 'is not heard any more', sentence: 'The hammer still moves; nothing is heard.' },
  { id: 'faint', look: 'partly', name: 'is much fainter', sentence: 'It gets much fainter but can still be heard.' },
  { id: 'heard', look: 'nothing', name: 'is heard as before', sentence: 'It sounds much as before.' },
  {
    id: 'never',
    look: 'harm',
    name: 'was not heard to begin with',
    sentence: 'The room is too loud to hear it at all.',
  },
]
