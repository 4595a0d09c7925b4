/** What is done, and with what. */
import type { Demonstration } from '../../../demonstration'
import { TIN_WORDS } from '../../steam/tin-wall'
import { isDriven, pumpWords } from '../inputs'
import type { PumpedCan } from './simulate'

export const shelf: Demonstration['shelf'] = [
  {
    step: 'tin',
    kind: 'vessel',
    shapes: ['box', 'cylinder'],
    materials: ['steel', 'aluminium'],
    capacity: [0.3e-3, 30e-3],
  },
  { step: 'pump', kind: 'pump' },
]

export const procedure: PumpedCan['procedure'] = [
  {
    id: 'tin',
    parts: [
      'Take an empty, dry, ',
      ...TIN_WORDS,
      ' thick. Press a stopper with the hose into its mouth, ',
      { input: 'mouthDiameter' },
      ' across.',
    ],
  },
  {
    id: 'pump',
    hazards: ['vacuum'],
    marks: ['sealed'],
    parts: values => [
      'Everybody behind the screen. Pump with a ',
      ...pumpWords(values),
      ' for at most ',
      { input: 'pumpTime' },
      '. Hush.',
    ],
    duration: s => s.results.hush,
  },
  {
    id: 'air',
    parts: ['Stop the pump and let the air back in through the valve before anybody comes near. Pass it round.'],
  },
]

export const kit: PumpedCan['kit'] = values => [
  'tin and spares, clean and dry',
  'stopper with a hose that holds a vacuum, and an air valve',
  isDriven(values) ? 'pump with a trap' : 'hand pump',
  'pressure gauge',
  'screen or guard',
  'eye protection for all',
  'cut-proof gloves',
]
