/**
 * Several acts on one clock: when each goes on the heat and when it is lifted, in a given order.
 *
 * A mixed-integer linear programme, written in the CPLEX LP format; whoever calls hands in the solver. Times in s
 * from the start of the show; heaters may be on before it.
 */
import type { Act } from './act'

export interface Stagecraft {
  /** how many burners or plates */ heaters: number
  /** W of each, where they differ: a vessel goes on one like the one that it was planned on. Left out: any will do */
  powers?: readonly number[]
  /** people with free hands: with one, nothing is put on the heat during a show */ hands: number
  /** s before the start at which the first heater may go on */ before: number
}

export interface PlannedAct {
  id: string
  /** s; all three the same where no heater is needed */ heatOn: number
  ready: number
  /** off the heat, and sealed */ lift: number
  done: number
  /** s on a low flame */ waits: number
  /** from 0; undefined without a heater */ heater?: number
  /** s later than its target (negative: earlier) */ off: number
}

export interface Plan {
  acts: PlannedAct[]
  /** s by which targets are missed, in all */ missed: number
}

/** Solves a programme in LP format. @returns values by variable, or undefined if there is none */
export type SolveProgramme = (programme: string) => Record<string, number> | undefined

/** Taking one off and putting the next on, s. */
const CHANGE = 20
/** Hands it takes to put something on the heat, s. */
const LIGHT = 20
/** Larger than any time that can come up, s. */
const BIG = 50000

/** A heater within this share of the planned one's power will do. */
const LIKE = 0.1

/** Heaters, from 0, that will do for an act. */
export const heatersFor = (act: Act, { heaters, powers }: Stagecraft): number[] =>
  Array.from({ length: heaters }, (_, h) => h).filter(
    h => powers?.[h] === undefined || act.power === undefined || Math.abs(powers[h] - act.power) <= LIKE * act.power,
  )

const term = (factor: number, name: string): string => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`
const num = (x: number): string => x.toFixed(3)

/** The programme's text. Acts in the order in which they are shown. */
export function programme(acts: readonly Act[], stage: Stagecraft): string {
  const { heaters, hands, before } = stage
  const goal: string[] = []
  const rules: string[] = []
  const bounds: string[] = []
  const whole: string[] = []
  const hot = acts.map(a => a.heating > 0)
  acts.forEach((act, i) => {
    bounds.push(`0 <= c${i} <= ${BIG}`, `${num(act.early)} <= w${i} <= ${num(act.wait)}`)
    // A low flame wastes water: a little. Ending late: less still. A missed target: much.
    goal.push(term(0.01, `w${i}`), term(0.001, `c${i}`))
    if (act.target !== undefined) {
      goal.push(term(10, `late${i}`), term(10, `soon${i}`))
      rules.push(`+ c${i} - late${i} + soon${i} = ${num(act.target)}`)
      bounds.push(`0 <= late${i} <= ${BIG}`, `0 <= soon${i} <= ${BIG}`)
    }
    if (i === 0) rules.push(`+ c0 >= ${num(act.talk)}`)
    else rules.push(`+ c${i} - c${i - 1} >= ${num(acts[i - 1].show + act.talk)}`)
    if (!hot[i]) {
      rules.push(`+ w${i} = 0`)
      return
    }
    // Heat on at c − w − heating, not before the room is open.
    rules.push(`+ c${i} - w${i} >= ${num(act.heating - before)}`)
    rules.push(Array.from({ length: heaters }, (_, h) => `+ x${i}_${h}`).join(' ') + ' = 1')
    for (let h = 0; h < heaters; h++) whole.push(`x${i}_${h}`)
    const fitting = heatersFor(act, stage)
    for (let h = 0; h < heaters; h++) if (!fitting.includes(h)) rules.push(`+ x${i}_${h} = 0`)
    for (let j = 0; j < i; j++) {
      if (hot[j]) {
        for (let h = 0; h < heaters; h++)
          rules.push(
            `+ c${i} - w${i} - c${j} - ${BIG} x${i}_${h} - ${BIG} x${j}_${h} >= ${num(act.heating + CHANGE - 2 * BIG)}`,
          )
      }
      if (hands < 2) {
        // Put on before that show begins, or after it is over.
        rules.push(`+ c${i} - w${i} - c${j} - ${BIG} u${i}_${j} <= ${num(act.heating - LIGHT)}`)
        rules.push(`+ c${i} - w${i} - c${j} - ${BIG} u${i}_${j} >= ${num(act.heating + acts[j].show - BIG)}`)
        whole.push(`u${i}_${j}`)
      }
    }
  })
  // Heaters are alike: the first act takes the first.
  const first = hot.indexOf(true)
  if (first >= 0 && heaters > 1 && !stage.powers) rules.push(`+ x${first}_0 = 1`)
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
  return `${sections.join('\n')}\n`
}

/**
 * Plans the acts in their order.
 * @returns undefined if there is no plan at all: a vessel needs longer on the heat than there is, or a heater is
 *   missing
 */
export function planShow(acts: readonly Act[], stage: Stagecraft, solve: SolveProgramme): Plan | undefined {
  if (acts.length === 0) return { acts: [], missed: 0 }
  if (acts.some(a => a.heating > 0 && heatersFor(a, stage).length === 0)) return undefined
  const values = solve(programme(acts, stage))
  if (!values) return undefined
  const planned = acts.map((act, i): PlannedAct => {
    const lift = values[`c${i}`] ?? 0
    const waits = act.heating > 0 ? Math.max(0, values[`w${i}`] ?? 0) : 0
    const heater = Array.from({ length: stage.heaters }, (_, h) => h).find(h => (values[`x${i}_${h}`] ?? 0) > 0.5)
    return {
      id: act.id,
      heatOn: lift - waits - act.heating,
      ready: lift - waits,
      lift,
      done: lift + act.show,
      waits,
      ...(act.heating > 0 && { heater: heater ?? 0 }),
      off: act.target === undefined ? 0 : lift - act.target,
    }
  })
  return { acts: planned, missed: planned.reduce((sum, a) => sum + Math.abs(a.off), 0) }
}

/** What a plan breaks, in words; an empty list is a plan that can be performed. For plans that were moved by hand. */
export function breaks(acts: readonly Act[], planned: readonly PlannedAct[], stage: Stagecraft): string[] {
  const { hands, before } = stage
  const said: string[] = []
  const order = planned.map((p, i) => ({ ...p, act: acts[i] })).sort((a, b) => a.lift - b.lift)
  order.forEach((p, k) => {
    const { act } = p
    const previous = order[k - 1]
    if (previous && p.lift - act.talk < previous.done - 0.5)
      said.push(`${act.title}: the presenter is still with ${previous.act.title}`)
    if (!previous && p.lift < act.talk - 0.5) said.push(`${act.title}: no time for the talk before it`)
    if (act.heating <= 0) return
    if (p.lift - p.heatOn < act.heating - 0.5) said.push(`${act.title}: lifted before it is ready`)
    if (p.lift - p.heatOn > act.heating + act.wait + 0.5)
      said.push(`${act.title}: stands on the heat longer than its water lasts`)
    if (p.heatOn < -before - 0.5) said.push(`${act.title}: would have to go on before the room is open`)
    if (!(p.heater !== undefined && heatersFor(act, stage).includes(p.heater))) said.push(`${act.title}: has no heater`)
    for (const other of order.slice(0, k)) {
      if (other.act.heating > 0 && other.heater === p.heater && p.heatOn < other.lift + CHANGE - 0.5)
        said.push(`${act.title} and ${other.act.title} are on one heater at once`)
      if (hands < 2 && p.heatOn > other.lift - LIGHT + 0.5 && p.heatOn < other.done - 0.5)
        said.push(`${act.title}: nobody has hands free to put it on during ${other.act.title}`)
    }
  })
  return said
}
