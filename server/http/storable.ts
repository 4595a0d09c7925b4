/** What JSON may hold and a database or a file may not: nesting without end, and text that is no text. */
const DEEPEST = 24

/** Why text can't be kept, or undefined. PostgreSQL keeps no NUL; half a surrogate pair is no character in UTF-8. */
function unstorableText(text: string): string | undefined {
  if (text.includes('\0')) return 'text without the character NUL'
  return text.isWellFormed() ? undefined : 'text of whole characters: it holds half of one'
}

/**
 * The first thing in parsed JSON that can't be stored.
 *
 * @returns its place as "a.b.0" and what is accepted there; undefined where all is well
 */
export function unstorable(
  json: unknown,
  place: readonly string[] = [],
): { place: string; accepted: string } | undefined {
  if (place.length > DEEPEST) return { place: place.join('.'), accepted: `at most ${DEEPEST} levels, one in another` }
  if (typeof json === 'string') {
    const accepted = unstorableText(json)
    return accepted === undefined ? undefined : { place: place.join('.'), accepted }
  }
  if (typeof json !== 'object' || json === null) return undefined
  for (const [key, value] of Object.entries(json)) {
    const accepted = unstorableText(key)
    if (accepted !== undefined)
      return { place: [...place, JSON.stringify(key)].join('.'), accepted: `a name of ${accepted}` }
    const found = unstorable(value, [...place, key])
    if (found) return found
  }
  return undefined
}
