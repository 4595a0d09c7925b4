import { isDeepStrictEqual } from 'node:util'
import { attemptReading, readStaging, type Fault, type RunningOrderDocument } from '../../core'
import { refusal } from './faults'

/**
 * Checks the stagings of a running order as the Bench does. One that stands there already, with the same values, is let
 * be: it may have been right when it was written, and what is mended beside it must not wait for it.
 *
 * @throws a refusal that names each act by its place
 */
export function checkActs({ acts }: RunningOrderDocument, stored?: RunningOrderDocument): void {
  const stated = ({ staging }: RunningOrderDocument['acts'][number]) => [staging.demonstration, staging.inputs]
  const known = stored?.acts.map(stated) ?? []
  const faults = acts.flatMap((act, i): Fault[] => {
    // The database gives keys back in an order of its own.
    if (known.some(k => isDeepStrictEqual(k, stated(act)))) return []
    const { faults = [] } = attemptReading(() => readStaging(act.staging))
    return faults.map(f => ({ input: `acts.${i}.${f.input}`, message: f.message }))
  })
  if (faults.length > 0) throw refusal(faults)
}
