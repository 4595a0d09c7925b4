/** What is stated, and what does not go together. */
import { ROOM_INPUTS, defineInputs, type Check, type ValuesOf } from '../../../demonstration'
import { quantities } from '../../steam/inputs'
import { TIN_INPUTS, tinFits } from '../../steam/tin-wall'
import { LEAK, PUMP_INPUTS, pumpChoice, pumpingTime } from '../inputs'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  ...TIN_INPUTS,
  pumpChoice('two-stage'),
  ...PUMP_INPUTS,
  pumpingTime(120),
  LEAK,
  ...quantities('knockDown', 'edgeHolding', 'panelCrown', 'residualLoad', 'packingStiffness'),
])
export type PumpedCanValues = ValuesOf<typeof inputs>

export const check: Check<PumpedCanValues> = values => tinFits(values)
