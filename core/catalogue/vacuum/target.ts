/** A pressure to stop at that the gauge never shows. */
import type { Advice, Has } from '../../demonstration'
import { apart, asPressure, asTime, say } from '../../sentence'

/** Share of the pressure that nobody reads off a gauge. */
const READ_TO = 0.02

/** @param results of the pumping, at whose end `finalPressure` is reached */
export function targetMissed(
  { numbers: n }: Has<'targetPressure' | 'ultimatePressure'>,
  { finalPressure: reached, timeToPump }: Record<'finalPressure' | 'timeToPump', number>,
): Advice[] {
  if (reached <= n.targetPressure * (1 + READ_TO)) return []
  const [wanted, best, shown] = [n.targetPressure, n.ultimatePressure, reached].map(p => asPressure(p))
  if (n.ultimatePressure >= n.targetPressure)
    return [
      { text: say`The gauge never shows ${wanted}: ${best} is the best this pump does; here it stops at ${shown}.` },
    ]
  const [stops, sought] = apart(shown, wanted)
  return [
    {
      text: say`After ${asTime(timeToPump)} the gauge shows ${stops} and not ${sought}: a quicker pump, a tighter seal,
        or more time.`,
    },
  ]
}
