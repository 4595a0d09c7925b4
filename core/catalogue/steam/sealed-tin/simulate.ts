/** A tin boiled out, capped and cooled. */
import type { Detail, Demonstration } from '../../../demonstration'
import { boilSealCool } from '../metal-vessel'
import { tinOf } from '../tin-wall'
import type { SealedTinValues } from './inputs'

export const simulate = (values: SealedTinValues, detail: Detail, refinement = 1) =>
  boilSealCool(values, tinOf(values), detail, refinement)
export type SealedTinRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type SealedTin = Demonstration<SealedTinValues, SealedTinRun>
