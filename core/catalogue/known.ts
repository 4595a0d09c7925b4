/**
 * The demonstrations that are at hand. The server and the tests have all of them from the start
 * (`core/catalogue/everything`); a page or a worker fetches those that it is about before it shows anything.
 */
import type { Demonstration } from '../demonstration'
import { DEMONSTRATION_IDS, DIRECTORY } from './directory'

const known = new Map<string, Demonstration>()

export function know(demonstrations: readonly Demonstration[]): void {
  for (const demonstration of demonstrations) known.set(demonstration.id, demonstration)
}

/**
 * Fetches those that are not at hand yet; an id that nobody knows is passed over.
 * @throws where the file of one can't be fetched
 */
export async function loadDemonstrations(ids: Iterable<string> = DEMONSTRATION_IDS): Promise<void> {
  const wanted = [...new Set(ids)].filter(id => !known.has(id) && Object.hasOwn(DIRECTORY, id))
  know(await Promise.all(wanted.map(id => DIRECTORY[id]())))
}

/**
 * @returns undefined for an id that nobody knows
 * @throws RangeError for a demonstration that has not been fetched: a page forgot to
 */
export function findDemonstration(id: string): Demonstration | undefined {
  const found = known.get(id)
  if (!found && Object.hasOwn(DIRECTORY, id)) throw new RangeError(`${id} is used before it has been fetched`)
  return found
}

/** Those at hand, in the gallery's order. */
export const knownDemonstrations = (): Demonstration[] => DEMONSTRATION_IDS.flatMap(id => known.get(id) ?? [])
