/** The wall of a metal vessel at a moment, for whoever wants to turn it and look at it. */
import { valueAt, type Trace } from '../../demonstration'
import { bodyOf, type CrushedShell, type ShellPlan } from '../../vessels/crushed-shell'

/** Hoops that stand apart evenly, none at the ends. */
function hoopsOf(height: number, spacing: number): number[] {
  const count = Math.max(0, Math.round(height / spacing) - 1)
  return Array.from({ length: count }, (_, i) => (height * (i + 1)) / (count + 1))
}

/**
 * @param numbers as they are stated: m³, m
 * @param wall across it, how many lobes it buckles into, and how far its hoops are apart, m
 * @param time s, of the trace
 */
export function shellAt(
  { vesselHeight, vesselVolume }: { vesselHeight: number; vesselVolume: number },
  { plan, lobes, hoopSpacing }: { plan: ShellPlan; lobes: number; hoopSpacing?: number },
  trace: Trace,
  time: number,
): CrushedShell {
  const body = bodyOf(plan, vesselHeight, vesselVolume)
  return {
    plan,
    ...body,
    lobes,
    lost: valueAt(trace, 'volumeLost', time),
    hoops: hoopSpacing === undefined ? [] : hoopsOf(body.height, hoopSpacing),
  }
}
