/** What is done, with what, and when it is ready. */
import { TOUCHABLE } from '../../../cautions'
import { icedBath } from '../soft-bottle-face'
import type { WarmedBottle } from './simulate'

export const procedure: WarmedBottle['procedure'] = [
  {
    id: 'charge',
    hazards: ({ numbers: n }) => (n.chargeTemperature >= TOUCHABLE ? ['scald'] : []),
    parts: [
      'Pour ',
      { input: 'waterCharge' },
      ' of water at ',
      { input: 'chargeTemperature' },
      ' into a soft bottle of ',
      { input: 'vesselVolume' },
      ' (',
      { input: 'vesselDiameter' },
      ' across, ',
      { input: 'vesselHeight' },
      ' tall, wall ',
      { input: 'wallThickness' },
      ', mouth ',
      { input: 'mouthDiameter' },
      '), open, in a tray; let it stand for ',
      { input: 'standTime' },
      ', tilt it once so that the whole wall is warm, and pour it out.',
    ],
  },
  {
    id: 'cap',
    marks: ['sealed'],
    parts: ['Screw the cap tight within ', { input: 'sealDelay' }, ' of emptying it.'],
    duration: s => s.details.sealing,
  },
  { id: 'cool', parts: icedBath, duration: s => s.results.hush },
]

export const kit: WarmedBottle['kit'] = () => [
  'soft drink bottles, labels off',
  'caps',
  'hot tap water or kettle',
  'thermometer',
  'deep tub',
  'ice',
  'towel',
  'eye protection',
]
