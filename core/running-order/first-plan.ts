/**
 * A plan that can be performed, found in a moment: act after act, each as early as it can go on a heater, keeping the
 * best few ways to share the heaters out. It tells the exact search where to begin and what it need not look at, and
 * stands where that search runs out of time.
 */
import type { Act } from './act'
import { CHANGE, COST, heatersFor, LIGHT, type PlannedAct, type Stagecraft } from './stagecraft'

/** Ways to share the heaters out that are followed at once. */
const KEPT = 60

interface Way {
  planned: PlannedAct[]
  /** s at which each heater can take the next vessel */ free: number[]
  cost: number
}

/** Two moments closer than this are one, s: sums of what was added differ in their last bits. */
const MOMENT = 1e-6

/**
 * When a vessel goes on the heat and is lifted: not before `lift`, on a heater that is free at `free`.
 * With one pair of hands it is not put on between the lift of another and the end of that show.
 */
function slot(act: Act, lift: number, free: number, shows: readonly PlannedAct[], hands: number) {
  const inTheWay = (on: number): PlannedAct | undefined =>
    hands < 2 ? shows.find(show => on > show.lift - LIGHT + MOMENT && on < show.done - MOMENT) : undefined
  let latest = Math.max(lift, free + act.heating + act.early)
  for (;;) {
    const best = latest - act.heating - act.early
    const blocked = inTheWay(best)
    if (!blocked) return { on: best, lift: latest }
    let on = best
    for (let show: PlannedAct | undefined = blocked; show; show = inTheWay(on)) on = show.lift - LIGHT
    if (on >= Math.max(free, latest - act.heating - act.wait)) return { on, lift: latest }
    // No moment within what it may wait: it goes on after the show that is in the way.
    latest = blocked.done + act.heating + act.early
  }
}

function withAct(way: Way, act: Act, heater: number | undefined, { hands, before }: Stagecraft): Way {
  const last = way.planned.at(-1)
  const earliest = Math.max((last?.done ?? 0) + act.talk, act.target ?? 0)
  const { on, lift } =
    heater === undefined
      ? { on: earliest, lift: earliest }
      : slot(act, earliest, Math.max(-before, way.free[heater]), way.planned, hands)
  const ready = heater === undefined ? lift : on + act.heating
  const off = act.target === undefined ? 0 : lift - act.target
  const planned = {
    ...{ id: act.id, heatOn: on, ready, lift, done: lift + act.show, waits: lift - ready, off },
    ...(heater !== undefined && { heater }),
  }
  return {
    planned: [...way.planned, planned],
    free: way.free.map((at, h) => (h === heater ? lift + CHANGE : at)),
    cost: way.cost + COST.missed * Math.abs(off) + COST.waiting * planned.waits + COST.lift * lift,
  }
}

/** @returns undefined where an act has no heater that will do */
export function firstPlan(acts: readonly Act[], stage: Stagecraft): PlannedAct[] | undefined {
  let ways: Way[] = [{ planned: [], free: new Array<number>(stage.heaters).fill(-Infinity), cost: 0 }]
  for (const act of acts) {
    ways = ways.flatMap(way => {
      if (act.heating <= 0) return [withAct(way, act, undefined, stage)]
      // Of heaters that are alike and free at the same time, one stands for all.
      const seen = new Set<string>()
      return heatersFor(act, stage).flatMap(heater => {
        const kind = `${way.free[heater]} ${stage.powers?.[heater] ?? ''}`
        if (seen.has(kind)) return []
        seen.add(kind)
        return [withAct(way, act, heater, stage)]
      })
    })
    ways.sort((a, b) => a.cost - b.cost || sum(a.free) - sum(b.free))
    ways.splice(KEPT)
  }
  return ways[0]?.planned
}

const sum = (free: readonly number[]): number => free.reduce((total, at) => total + Math.max(at, -1e6), 0)
