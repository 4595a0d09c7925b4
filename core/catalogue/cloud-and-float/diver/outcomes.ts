/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { Diver } from './simulate'

export const logged = {
  used: ['waterInBulb', 'ballastMass', 'waterTemperature'],
  seen: ['sinkTime', 'returnTime'],
} as const

export const results = [
  result('squeezeToSink', 'squeeze that sinks it', 'kPa'),
  result('handForce', 'hand presses with', 'N'),
  result('freeboard', 'spare buoyancy, of its air', '%'),
  result('sinkTime', 'sinks in', 's'),
  result('returnTime', 'comes back in', 's'),
  result('waterToTrim', 'water to draw in for an easy dive', 'mL'),
  result('perFiveKelvin', 'five Celsius degrees warmer asks for this much more', 'kPa'),
  result('staysBelow', 'depth itself squeezes it by', 'kPa'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('hush', 'squeeze to bottom', 's', HUSH),
]

export const outcomes: Demonstration['outcomes'] = [
  {
    id: 'dives',
    look: 'gone',
    name: 'dives and comes back',
    sentence: 'The diver sinks when squeezed and comes back when let go.',
  },
  {
    id: 'floats',
    look: 'nothing',
    name: 'stays at the top',
    sentence: 'The diver stays at the top however hard one squeezes.',
  },
  { id: 'stays', look: 'partly', name: 'stays down', sentence: 'The diver sinks and does not come back.' },
  { id: 'sunk', look: 'harm', name: 'sinks by itself', sentence: 'The diver sinks before anybody squeezes.' },
]

export const ledger: Diver['ledger'] = ({ details: d }) => ({
  moment: 'squeezed: a negative difference is more inside than outside',
  difference: -d.difference,
  rows: [{ id: 'air', cause: 'the hand on the bottle’s wall', pressure: -d.difference }],
})

export const sizes: Diver['sizes'] = (_values, s) => [
  {
    id: 'handForce',
    name: 'hand presses with',
    value: s.results.handForce ?? 0,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'squeeze that sinks it × area of the hand on the wall',
  },
]
