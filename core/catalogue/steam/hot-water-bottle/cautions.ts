import { type Gate } from '../../../demonstration'
import { applying, SCALDS } from '../../../cautions'
import { softBottleCautions, softBottleFailure } from '../soft-bottle-cautions'
import type { HotWaterBottle } from './simulate'
import { asTemperature, say } from '../../../sentence'

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
      hazard: say`Bottle plastic softens from about ${asTemperature(343.15)} and shrinks and twists above
        ${asTemperature(BEARS)}; hot water may slop out as it gives.`,
      control: say`Water at ${asTemperature(353.15)} is hot enough; stand the bottle in a tray, hold it by the
        neck with a glove, pour through a funnel.`,
    },
    {
      id: 'swells',
      step: 'cap',
      severity: s.details.liquidAtSeal >= SCALDS ? 'raised' : 'usual',
      covers: ['pressure', 'vacuum'],
      hazard: say`Swirled or shaken after the cap is on, it swells and squirts, since vapour still forms (water at
        ${asTemperature(s.details.liquidAtSeal)}).`,
      control: 'Swirl first, then cap; not shaken closed; cap pointing away from faces; into the ice at once.',
    },
  )
export const afterFailure: HotWaterBottle['afterFailure'] = softBottleFailure
