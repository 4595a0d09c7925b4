/**
 * Everybody who watches a show through this process: what changed is fetched once and sent to all, votes gathered, so
 * that three hundred pages ask for nothing.
 */
import { listMarks } from '../database/shows'
import { listRounds } from '../database/votes'
import { hear, type Changed } from './announcements'
import { streams } from '../watching/metrics'

/** Marks that belong together come within a moment; votes come by the dozen. ms */
const GATHER = { marks: 10, votes: 250 } as const
type Gathered = keyof typeof GATHER

/** `marks`: those that are new; `rounds`: the votes as they stand; `changed`: ask for everything. */
export type Push = (event: 'marks' | 'rounds' | 'changed', data: string) => void

class Watched {
  readonly pushes = new Set<Push>()
  private readonly timers = new Map<Gathered, NodeJS.Timeout>()
  private readonly seen = new Set<string>()
  private stop = () => {}

  constructor(private readonly show: string) {}

  async begin(): Promise<void> {
    this.stop = await hear(this.show, what => this.changed(what))
    for (const { id } of await listMarks(this.show)) this.seen.add(id)
  }

  end(): void {
    this.stop()
    for (const timer of this.timers.values()) clearTimeout(timer)
  }

  private changed(what: Changed): void {
    if (what === 'connection') return this.tell('changed', 'connection')
    // Readings are for whoever draws them, who has them from the logger.
    if (what === 'readings' || this.timers.has(what)) return
    this.timers.set(
      what,
      setTimeout(() => {
        this.timers.delete(what)
        // Where the database does not answer, the pages ask again by themselves.
        void (what === 'marks' ? this.tellMarks() : this.tellRounds()).catch(() => this.tell('changed', what))
      }, GATHER[what]),
    )
  }

  private async tellMarks(): Promise<void> {
    const fresh = (await listMarks(this.show)).filter(m => !this.seen.has(m.id))
    for (const { id } of fresh) this.seen.add(id)
    if (fresh.length > 0) this.tell('marks', JSON.stringify(fresh))
  }

  private async tellRounds(): Promise<void> {
    this.tell('rounds', JSON.stringify(await listRounds(this.show)))
  }

  private tell(event: Parameters<Push>[0], data: string): void {
    for (const push of this.pushes) push(event, data)
  }
}

const watched = new Map<string, { show: Watched; begun: Promise<void> }>()

/** @returns a function that ends it */
export async function watch(showId: string, push: Push): Promise<() => void> {
  let entry = watched.get(showId)
  if (!entry) {
    const show = new Watched(showId)
    watched.set(showId, (entry = { show, begun: show.begin() }))
  }
  const { show, begun } = entry
  show.pushes.add(push)
  streams.inc()
  const leave = () => {
    if (show.pushes.delete(push)) streams.dec()
    if (show.pushes.size > 0 || watched.get(showId)?.show !== show) return
    watched.delete(showId)
    show.end()
  }
  try {
    await begun
  } catch (error) {
    leave()
    throw error
  }
  return leave
}
