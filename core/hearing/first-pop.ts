/** The first pop of a wall that gives way by and by. */
import type { Onset } from './onsets'

/** Nearer to what begins or ends the hush than this a sound is its echo, s. */
const ECHO = 0.03

/**
 * @param ends of the hush, s into the sound @param expected s from its beginning in which a first pop can come
 * @returns undefined where none is heard there: then nothing is said of one
 */
export function firstPop(
  onsets: readonly Onset[],
  ends: { readonly seal: number; readonly gone: number },
  expected: readonly [least: number, most: number] | undefined,
): Onset | undefined {
  if (!expected) return undefined
  const [least, most] = expected
  return onsets.find(
    ({ time }) =>
      time > Math.max(ends.seal + ECHO, ends.seal + least) && time < Math.min(ends.gone - ECHO, ends.seal + most),
  )
}
