/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { CloudBottle } from './simulate'

export const logged = { used: ['gaugePressure', 'nuclei', 'liquid'], seen: ['cloudTime'] } as const

export const results = [
  result('opticalDepth', 'optical depth of the cloud', '1'),
  result('liquidWater', 'droplets in a cubic metre', 'g'),
  result('dropRadius', 'droplets’ radius', 'mm'),
  result('coldest', 'gas at its coldest', 'degC'),
  result('dryCold', 'without vapour it would reach', 'degC'),
  result('supersaturation', 'greatest saturation ratio', '%'),
  result('hush', 'let go until the cloud', 's', HUSH),
  result('cloudTime', 'cloud stays for', 's'),
  result('strokes', 'strokes', '1'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('stopperForce', 'push on the stopper', 'N'),
  result('ratingShare', 'of the stated limit', '%'),
  result('storedEnergy', 'work stored in the gas', 'J'),
]

export const outcomes: Demonstration['outcomes'] = [
  {
    id: 'cloud',
    look: 'gone',
    name: 'shows a cloud',
    sentence: 'A white cloud fills the bottle at once, and even the back row sees it.',
  },
  { id: 'faint', look: 'partly', name: 'shows a faint haze', sentence: 'A faint haze that only the front row sees.' },
  { id: 'clear', look: 'nothing', name: 'stays clear', sentence: 'The bottle stays clear.' },
]

export const ledger: CloudBottle['ledger'] = ({ details: d }) => ({
  moment: 'from held to coldest',
  difference: d.difference,
  rows: [
    { id: 'pumped', cause: 'gas that left when it was let go', pressure: d.difference - d.coolingRow },
    { id: 'cooling', cause: 'the gas getting colder as it expands', pressure: d.coolingRow },
  ],
})

export const sizes: CloudBottle['sizes'] = (_values, s) => [
  {
    id: 'stopperForce',
    name: 'push on the stopper',
    value: s.results.stopperForce,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'gauge pressure × mouth',
  },
  {
    id: 'storedEnergy',
    name: 'work stored in the gas',
    value: s.results.storedEnergy,
    quantity: 'energy',
    units: ['J', 'ft lbf'],
    note: 'adiabatic expansion to the room',
  },
]
