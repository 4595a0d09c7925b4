import { FOR_ALL, say, SHARED_KIT, tell, type Reader, type ShelfItemDocument } from '~~/core'
import type { ActListed } from './order-acts'

const PLACES: Record<string, string> = {
  vessel: 'a vessel that will do',
  heater: 'a heater',
  bath: 'a bath',
  pump: 'a pump',
}

export interface Kit {
  lines: { name: string; count: number }[]
  missing: string[]
  /** kg */ ice: number
}

/** What there is to share. */
export interface Stage {
  heaters: number
  /** pairs of them */ hands: number
}

/** How many of a line to carry that so many acts ask for. */
function carried(line: string, acts: number, { heaters, hands }: Stage): number {
  const sharing = SHARED_KIT[line]
  if (sharing === undefined) return acts
  if (sharing === 'heaters') return Math.min(acts, Math.max(1, heaters))
  return sharing === 'hands' ? hands : 1
}

/** What to carry for all acts together, and what the Shelf can't give. */
export function kitList(
  acts: readonly ActListed[],
  stage: Stage,
  items: readonly ShelfItemDocument[],
  readerOf: (demonstration?: string) => Reader,
): Kit {
  const asked = new Map<string, { name: string; acts: number }>()
  const missing: string[] = []
  for (const { act, demonstration, kit, lacking } of acts) {
    for (const line of kit) {
      const name = tell(line, readerOf(demonstration))
      // By what is said of it, in whatever language: shared things go by their English words.
      const key = typeof line === 'string' ? line : name
      asked.set(key, { name, acts: (asked.get(key)?.acts ?? 0) + 1 })
    }
    for (const kind of lacking) missing.push(tell(say`Missing: ${PLACES[kind]} for ${act.title}`, readerOf()))
  }
  // Ice is bought by the bag: all of it together.
  const ice = acts.reduce((sum, act) => sum + act.ice, 0)
  const low = items
    .filter(i => i.kind === 'consumable' && i.count <= i.restockAt)
    .map(i => tell(say`${i.name}: few left`, readerOf()))
  return {
    lines: [...asked]
      .filter(([key]) => !asked.has(`${key}${FOR_ALL}`))
      .map(([key, { name, acts: wanted }]) => ({ name, count: carried(key, wanted, stage) }))
      .sort((a, b) => a.name.localeCompare(b.name, readerOf().locale)),
    missing: [...missing, ...low],
    ice,
  }
}
