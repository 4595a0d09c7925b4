import { say, tell, type Fit, type Reader, type ShelfItemDocument } from '~~/core'
import type { OrderAct } from './order-acts'

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

/** What to carry, summed over the acts, and what the Shelf can't give. */
export function kitList(
  acts: readonly OrderAct[],
  fits: readonly Fit[],
  items: readonly ShelfItemDocument[],
  readerOf: (demonstration?: string) => Reader,
): Kit {
  const counts = new Map<string, number>()
  const missing: string[] = []
  for (const { read, act } of acts) {
    for (const name of read.demonstration.kit(read.values)) {
      const line = tell(name, readerOf(read.demonstration.id))
      counts.set(line, (counts.get(line) ?? 0) + 1)
    }
    const fit = fits.find(f => f.demonstration.id === read.demonstration.id)
    for (const place of fit?.missing ?? [])
      missing.push(tell(say`Missing: ${PLACES[place.kind]} for ${act.title}`, readerOf()))
  }
  // Ice is bought by the bag: all of it together.
  const ice = acts.reduce(
    (
      sum,
      {
        read: {
          values: { choices, numbers },
        },
      },
    ) => sum + (['ice-pool', undefined].includes(choices.coolingMethod) ? (numbers.iceMass ?? 0) : 0),
    0,
  )
  const low = items
    .filter(i => i.kind === 'consumable' && i.count <= i.restockAt)
    .map(i => tell(say`${i.name}: few left`, readerOf()))
  return {
    lines: [...counts]
      .map(([name, count]) => ({ name, count }))
      .sort((a, b) => a.name.localeCompare(b.name, readerOf().locale)),
    missing: [...missing, ...low],
    ice,
  }
}
