import { icedBath } from '../soft-bottle-face'
import type { HotWaterBottle } from './simulate'

export const procedure: HotWaterBottle['procedure'] = [
  {
    id: 'charge',
    hazards: ['scald', 'heat'],
    parts: [
      'Pour ',
      { input: 'waterCharge' },
      ' of water at ',
      { input: 'chargeTemperature' },
      ' into a soft bottle of ',
      { input: 'vesselVolume' },
      ': ',
      { input: 'vesselDiameter' },
      ' across, ',
      { input: 'vesselHeight' },
      ' tall, wall ',
      { input: 'wallThickness' },
      ', mouth ',
      { input: 'mouthDiameter' },
      '.',
    ],
  },
  { id: 'swirl', parts: ['Swirl it, open, for ', { input: 'swirlTime' }, '.'], duration: s => s.details.sealing },
  { id: 'cap', hazards: ['pressure'], marks: ['sealed'], parts: ['Screw the cap tight.'] },
  { id: 'cool', hazards: [], parts: icedBath, duration: s => s.results.hush },
]

export const kit: HotWaterBottle['kit'] = () => [
  'soft fizzy-drink bottles, labels off',
  'caps',
  'kettle',
  'thermometer',
  'funnel',
  'measuring cylinder',
  'deep tub',
  'ice',
  'heat-proof gloves',
  'eye protection',
  'tray',
]
