import type { Gate } from '../../../demonstration'
import { softBottleCautions, softBottleFailure } from '../soft-bottle-cautions'
import type { WarmedBottle } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'charge',
    text: 'Bottle stands in a tray; goggles on for whoever pours; nobody shakes a closed bottle of hot water.',
    guards: ['scald'],
  },
  { step: 'cap', text: 'Empty first, cap after: no hot water stays inside.', guards: ['vacuum'] },
]
export const cautions: WarmedBottle['cautions'] = values => softBottleCautions(values)
export const afterFailure: WarmedBottle['afterFailure'] = softBottleFailure
