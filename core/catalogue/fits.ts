/** Sizes that cannot all be true of one thing, or of two of which one stands in the other. */
import { over, under, type Has, type Fault } from '../demonstration'
import { asLength, asVolume, say } from '../sentence'

/** A little over what the outside encloses is how well a tape and a measuring jug agree. */
const MEASURED_TO = 1.03
/** A cone holds a third of the cylinder round it: what holds less than this share is a slip of the pen. */
const LEAST_SHARE = 0.2

/** Capacity against what the outside encloses, m3. @param by the lengths that it comes from, in words */
export function capacityFits<N extends string>(
  { numbers: n }: Has<NoInfer<N>>,
  input: N,
  enclosed: number,
  by = 'its diameter and height',
): Fault[] {
  const given = asVolume(n[input], { digits: 4 })
  if (over(n[input], enclosed * MEASURED_TO))
    return [
      {
        input,
        message: say`given ${given}; accepted: at most
          ${asVolume(enclosed, { digits: 4, toward: 'below' })}, what ${by} enclose`,
      },
    ]
  const least = enclosed * LEAST_SHARE
  if (under(n[input], least))
    return [
      {
        input,
        message: say`given ${given}; accepted: at least ${asVolume(least, { digits: 4, toward: 'above' })}, a fifth of
          what ${by} enclose: one of them is not so`,
      },
    ]
  return []
}

/** A number against the most that there is room for; its words say what sets the limit. */
const noMoreThan =
  (told: typeof asLength) =>
  <N extends string>({ numbers: n }: Has<NoInfer<N>>, input: N, limit: number, words: string): Fault[] =>
    over(n[input], limit)
      ? [
          {
            input,
            message: say`given ${told(n[input], { digits: 4 })}; accepted: at most ${words},
              ${told(limit, { digits: 4, toward: 'below' })}`,
          },
        ]
      : []
/** m */
export const lengthAtMost = noMoreThan(asLength)
/** m3 */
export const volumeAtMost = noMoreThan(asVolume)
/** One length against another, m. */
export const atMost = <N extends string>(values: Has<NoInfer<N>>, input: N, limit: N, words: string): Fault[] =>
  lengthAtMost(values, input, values.numbers[limit], words)
