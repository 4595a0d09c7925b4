/** A pressure to stop at that the gauge never shows. */
import type { Advice, Has } from '../../demonstration'
import { apart, asPressure, asTime, say } from '../../sentence'

/** Share of the pressure that nobody reads off a gauge. */
const READ_TO = 0.02

const MORE = 'a quicker pump, a tighter seal, or more time'
/** Over what the pump does at best by so much there is another cause. */
const SOMEWHAT = 1.2

/** Stopped this much before its time is up it is not for want of time: as much leaks in as the pump takes. */
const IN_TIME = 0.99

/** @param results of the pumping, at whose end `finalPressure` is reached */
export function targetMissed(
  { numbers: n }: Has<'targetPressure' | 'ultimatePressure' | 'pumpTime'>,
  { finalPressure: reached, timeToPump }: Record<'finalPressure' | 'timeToPump', number>,
): Advice[] {
  if (reached <= n.targetPressure * (1 + READ_TO)) return []
  const better = timeToPump < IN_TIME * n.pumpTime ? 'a tighter seal, or a quicker pump' : MORE
  const [stops, sought] = apart(asPressure(reached), asPressure(n.targetPressure))
  if (n.ultimatePressure < n.targetPressure)
    return [{ text: say`After ${asTime(timeToPump)} the gauge shows ${stops} and not ${sought}: ${better}.` }]
  const best = asPressure(n.ultimatePressure)
  return [
    {
      text:
        reached > n.ultimatePressure * SOMEWHAT
          ? say`The gauge never shows ${sought}: ${best} is the best this pump does, and here it stops at ${stops}:
              ${better}.`
          : say`The gauge never shows ${sought}: ${best} is the best this pump does; here it stops at ${stops}.`,
    },
  ]
}
