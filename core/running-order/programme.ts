/**
 * The show as a mixed-integer linear programme, in the CPLEX LP format. Times in s from the start of the show.
 *
 * Heaters are shared out by saying which vessel follows which on the same one (variables z), since heaters that are
 * alike then need no names; every "if" (a big M) is as tight as a plan that is known already allows: nothing that costs
 * more than that one is looked at.
 */
import type { Act } from './act'
import { CHANGE, COST, costOf, heatersFor, LIGHT, type PlannedAct, type Stagecraft } from './stagecraft'

const term = (factor: number, name: string): string =>
  `${factor < 0 ? '-' : '+'} ${Math.abs(factor).toFixed(4)} ${name}`
const num = (x: number): string => x.toFixed(3)
/** Bounds are rounded outwards: the known plan must not lie a hair outside of them. */
const least = (x: number): string => (Math.floor(x * 1000) / 1000).toFixed(3)
const most = (x: number): string => (Math.ceil(x * 1000) / 1000).toFixed(3)

export interface Programme {
  text: string
  /** the known plan, by variable */ start: Record<string, number>
}

/** Earliest lift of each act, s, were there a heater for each. */
function earliestLifts(acts: readonly Act[], before: number): number[] {
  const earliest: number[] = []
  acts.forEach((act, i) => {
    const onStage = i === 0 ? act.talk : earliest[i - 1] + acts[i - 1].show + act.talk
    earliest.push(act.heating > 0 ? Math.max(onStage, act.heating + act.early - before) : onStage)
  })
  return earliest
}

/** Latest lift of each act, s, in any plan that costs no more than the known one. */
function latestLifts(acts: readonly Act[], earliest: readonly number[], cost: number): number[] {
  const ends = earliest.reduce((total, e) => total + Math.max(0, e), 0)
  const latest = acts.map((act, i) => {
    const byEnd = cost / COST.lift - (ends - Math.max(0, earliest[i]))
    return act.target === undefined ? byEnd : Math.min(byEnd, act.target + cost / COST.missed)
  })
  for (let i = acts.length - 2; i >= 0; i--)
    latest[i] = Math.min(latest[i], latest[i + 1] - acts[i].show - acts[i + 1].talk)
  // Rounding of the text must not cut the known plan off.
  return latest.map((at, i) => Math.max(at, earliest[i]) + 0.01)
}

/** Heaters that are alike, and how many there are of them. */
function groupsOf({ heaters, powers }: Stagecraft): number[][] {
  const groups = new Map<number | undefined, number[]>()
  for (let h = 0; h < heaters; h++) groups.set(powers?.[h], [...(groups.get(powers?.[h]) ?? []), h])
  return [...groups.values()]
}

/** Acts in the order in which they are shown. @param known a plan that can be performed */
export function programme(acts: readonly Act[], stage: Stagecraft, known: readonly PlannedAct[]): Programme {
  const { hands, before } = stage
  const goal: string[] = []
  const rules: string[] = []
  const bounds: string[] = []
  const start: Record<string, number> = {}
  const whole: string[] = []
  const binary = (name: string, value: boolean): string => {
    whole.push(name)
    start[name] = value ? 1 : 0
    return name
  }
  const earliest = earliestLifts(acts, before)
  const latest = latestLifts(acts, earliest, costOf(known))
  const groups = groupsOf(stage)
  const hot = acts.flatMap((a, i) => (a.heating > 0 ? [i] : []))
  const fitting = acts.map(act => {
    const heaters = act.heating > 0 ? heatersFor(act, stage) : []
    return groups.flatMap((group, g) => (group.some(h => heaters.includes(h)) ? [g] : []))
  })
  const isIn = (i: number, g: number): boolean => groups[g].includes(known[i].heater ?? -1)
  /** the vessel that stood on the same heater before, in the known plan */
  const predecessor = acts.map((_, j) => hot.findLast(i => i < j && known[i].heater === known[j].heater))
  /** earliest and latest moment at which a vessel goes on the heat, s */
  const on = acts.map((act, i) => ({
    from: Math.max(-before, earliest[i] - act.wait - act.heating),
    to: latest[i] - act.early - act.heating,
  }))

  acts.forEach((act, i) => {
    const { lift, off, waits } = known[i]
    bounds.push(`${least(Math.min(earliest[i], lift))} <= c${i} <= ${most(Math.max(latest[i], lift))}`)
    start[`c${i}`] = lift
    goal.push(term(COST.lift, `c${i}`))
    if (act.target !== undefined) {
      goal.push(term(COST.missed, `late${i}`), term(COST.missed, `soon${i}`))
      rules.push(`+ c${i} - late${i} + soon${i} = ${num(act.target)}`)
      start[`late${i}`] = Math.max(0, off)
      start[`soon${i}`] = Math.max(0, -off)
    }
    if (i > 0) rules.push(`+ c${i} - c${i - 1} >= ${num(acts[i - 1].show + act.talk)}`)
    if (act.heating <= 0) return
    bounds.push(`${least(Math.min(act.early, waits))} <= w${i} <= ${most(Math.max(act.wait, waits))}`)
    goal.push(term(COST.waiting, `w${i}`))
    start[`w${i}`] = waits
    // Not on before the room is open.
    rules.push(`+ c${i} - w${i} >= ${num(act.heating - before)}`)
  })

  const followers = new Map<number, string[]>()
  const firsts = groups.map((): string[] => [])
  for (const j of hot) {
    const ways: string[] = []
    for (const g of fitting[j]) {
      const first = binary(`f${j}_${g}`, predecessor[j] === undefined && isIn(j, g))
      ways.push(first)
      firsts[g].push(first)
      if (fitting[j].length > 1) rules.push(`+ ${first} - ${binary(`x${j}_${g}`, isIn(j, g))} <= 0`)
    }
    if (fitting[j].length > 1) rules.push(`${fitting[j].map(g => `+ x${j}_${g}`).join(' ')} = 1`)
    for (const i of hot.filter(i => i < j && fitting[i].some(g => fitting[j].includes(g)))) {
      const follows = binary(`z${i}_${j}`, predecessor[j] === i)
      ways.push(follows)
      followers.set(i, [...(followers.get(i) ?? []), follows])
      const much = Math.max(0, latest[i] + CHANGE - on[j].from)
      rules.push(`+ c${j} - w${j} - c${i} - ${num(much)} ${follows} >= ${num(acts[j].heating + CHANGE - much)}`)
      // Both on heaters of one kind.
      for (const [a, b] of [
        [i, j],
        [j, i],
      ])
        for (const g of fitting[a]) {
          const own = fitting[a].length > 1 ? `+ x${a}_${g}` : undefined
          const other = fitting[b].length > 1 ? (fitting[b].includes(g) ? `- x${b}_${g}` : '') : undefined
          if (own === undefined && other === undefined) continue
          const room = 1 - (own === undefined ? 1 : 0) + (other === undefined ? (fitting[b].includes(g) ? 1 : 0) : 0)
          rules.push(`+ ${follows} ${own ?? ''} ${other ?? ''} <= ${room}`)
        }
    }
    rules.push(`${ways.map(w => `+ ${w}`).join(' ')} = 1`)
  }
  for (const names of followers.values()) rules.push(`${names.map(n => `+ ${n}`).join(' ')} <= 1`)
  firsts.forEach((names, g) => {
    if (names.length > 0) rules.push(`${names.map(n => `+ ${n}`).join(' ')} <= ${groups[g].length}`)
  })

  if (hands < 2)
    for (const i of hot)
      for (let j = 0; j < i; j++) {
        // Put on before that show begins, or after it is over; after a show is after all those before it.
        const after = binary(`u${i}_${j}`, known[i].heatOn > known[j].lift - LIGHT / 2)
        const early = Math.max(0, on[i].to - earliest[j] + LIGHT)
        const late = Math.max(0, latest[j] + acts[j].show - on[i].from)
        rules.push(
          `+ c${i} - w${i} - c${j} - ${num(early)} ${after} <= ${num(acts[i].heating - LIGHT)}`,
          `+ c${i} - w${i} - c${j} - ${num(late)} ${after} >= ${num(acts[i].heating + acts[j].show - late)}`,
        )
        if (j > 0) rules.push(`+ ${after} - u${i}_${j - 1} <= 0`)
        if (followers.get(j)?.includes(`z${j}_${i}`)) rules.push(`+ z${j}_${i} - ${after} <= 0`)
      }

  const sections = [
    'Minimize',
    ` goal: ${goal.join(' ')}`,
    'Subject To',
    ...rules.map((r, k) => ` r${k}: ${r}`),
    'Bounds',
    ...bounds.map(b => ` ${b}`),
    ...(whole.length ? ['Binary', ` ${whole.join(' ')}`] : []),
    'End',
  ]
  return { text: `${sections.join('\n')}\n`, start }
}

/** Which heater each act of a solution stands on, from 0. */
export function heatersOf(
  acts: readonly Act[],
  stage: Stagecraft,
  values: Readonly<Record<string, number>>,
): (number | undefined)[] {
  const groups = groupsOf(stage)
  const taken = groups.map(() => 0)
  const on: (number | undefined)[] = []
  acts.forEach((act, j) => {
    if (act.heating <= 0) return void on.push(undefined)
    const before = acts.findIndex((_, i) => i < j && (values[`z${i}_${j}`] ?? 0) > 0.5)
    if (before >= 0) return void on.push(on[before])
    const g = groups.findIndex((_, g) => (values[`f${j}_${g}`] ?? 0) > 0.5)
    on.push(groups[g]?.[taken[g]++])
  })
  return on
}
