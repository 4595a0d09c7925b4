import { celsius, type Gate } from '../../../demonstration'
import { applying, SCALDS } from '../../../cautions'
import { softBottleCautions, softBottleFailure } from '../soft-bottle-cautions'
import type { HotWaterBottle } from './simulate'

/** PET bottles shrink and twist above about this, K: the glass transition of the stretched wall, from memory. */
const BEARS = 273.15 + 82

export const gates: readonly Gate[] = [
  {
    step: 'charge',
    text: 'Bottle stands in a tray, held by the neck with a glove; goggles on for whoever pours.',
    guards: ['scald'],
  },
  {
    step: 'cap',
    text: 'Cap on only when the swirling is over and the bottle stands still.',
    guards: ['pressure', 'vacuum'],
  },
]
export const cautions: HotWaterBottle['cautions'] = (values, s) =>
  applying(
    softBottleCautions(values),
    {
      id: 'softens',
      step: 'charge',
      severity: values.numbers.chargeTemperature > BEARS ? 'raised' : 'usual',
      covers: ['heat'],
      hazard:
        `Bottle plastic softens from about 70 °C and shrinks and twists above ${celsius(BEARS)}; hot ` +
        'water may slop out as it gives.',
      control:
        'Water at 80 °C is hot enough; stand the bottle in a tray, hold it by the neck with a glove, pour ' +
        'through a funnel.',
    },
    {
      id: 'swells',
      step: 'cap',
      severity: s.details.liquidAtSeal >= SCALDS ? 'raised' : 'usual',
      covers: ['pressure', 'vacuum'],
      hazard:
        'Swirled or shaken after the cap is on, it swells and squirts, since vapour still forms (water at ' +
        `${celsius(s.details.liquidAtSeal)}).`,
      control: 'Swirl first, then cap; not shaken closed; cap pointing away from faces; into the ice at once.',
    },
  )
export const afterFailure: HotWaterBottle['afterFailure'] = softBottleFailure
