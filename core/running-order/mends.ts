/** What would make a show fit that does not. */
import type { Act } from './act'
import { planShow, type SolveProgramme } from './plan'
import { heatersFor, type Plan, type Stagecraft } from './stagecraft'
import { asPower, asTime, say, type Sentence } from '../sentence'

export interface Mend {
  text: Sentence
  /** s that targets would still be missed by; 0 fits */ missed: number
}

/** Less than this is no miss, s. */
const ON_TIME = 1

/** No single change is looked into for longer, s. */
const MOST_OF_ONE = 1

/** True if every target is met. */
export const fitsShow = (plan: Plan | undefined): plan is Plan => plan !== undefined && plan.missed < ON_TIME

/** A time as a plan needs it, in whole seconds or minutes, rounded up. */
const rounded = (s: number) => asTime(s < 90 ? Math.ceil(s) : 60 * Math.ceil(s / 60))

/** What does not fit: the late act and what holds it; what is not over when the lesson is. */
export function clashes(acts: readonly Act[], plan: Plan | undefined, stage: Stagecraft): Sentence[] {
  if (!plan) {
    const without = acts.filter(a => a.heating > 0 && heatersFor(a, stage).length === 0)
    if (without.length > 0)
      return without.map(
        a =>
          say`${a.title} needs a
            heater${stage.powers && a.power !== undefined ? say` of ${asPower(a.power)}` : ''}, and there is none`,
      )
    return ['No plan at all: a vessel needs longer on the heat than there is.']
  }
  return [...offTarget(acts, plan, stage), ...overtime(acts, plan, stage)]
}

/** Acts that are not over when the lesson is. */
const overtime = (acts: readonly Act[], plan: Plan, { length }: Stagecraft): Sentence[] =>
  length === undefined
    ? []
    : plan.acts.flatMap(({ lift, done }, i) => {
        if (done - length < ON_TIME) return []
        const begins = lift - acts[i].talk
        return [
          begins > length
            ? say`${acts[i].title} does not fit into ${asTime(length)}: it would begin ${rounded(begins - length)} after
              the end.`
            : say`${acts[i].title} does not fit into ${asTime(length)}: it is over ${rounded(done - length)} after the
              end.`,
        ]
      })

/** Acts that push one another off their targets. */
function offTarget(acts: readonly Act[], plan: Plan, stage: Stagecraft): Sentence[] {
  return plan.acts.flatMap((p, i) => {
    if (Math.abs(p.off) < ON_TIME) return []
    const act = acts[i]
    const before = acts[i - 1]
    const last = plan.acts[i - 1]
    const reason =
      p.off < 0
        ? say`would have to come ${rounded(-p.off)} early, or what follows is late`
        : act.heating > 0 && Math.abs(p.heatOn + stage.before) < ON_TIME
          ? say`needs ${rounded(act.heating)} on the heat and can't be ready before`
          : before && last && Math.abs(p.lift - act.talk - last.done) < ON_TIME
            ? `clashes with ${before.title}, which takes the presenter until then`
            : `has to wait for a heater${
                act.heating > 0
                  ? `: ${
                      acts
                        .filter((a, j) => j < i && a.heating > 0 && plan.acts[j].heater === p.heater)
                        .map(a => a.title)
                        .at(-1) ?? 'others'
                    } is on it`
                  : ''
              }`
    return [say`${act.title} ${reason} (${p.off > 0 ? say`${rounded(p.off)} late` : say`${rounded(-p.off)} early`}).`]
  })
}

/**
 * Changes within reach, tried one by one, best first; only those that help.
 * @param plan as it stands
 * @param seconds in which they are looked for; without end if left out
 */
export function mends(
  acts: readonly Act[],
  stage: Stagecraft,
  solve: SolveProgramme,
  plan: Plan | undefined,
  seconds = Infinity,
): Mend[] {
  const missed = plan?.missed ?? Infinity
  if (missed < ON_TIME) return []
  const tried: Mend[] = []
  const end = performance.now() + 1000 * seconds
  const attempt = (text: Sentence, changed: readonly Act[], room: Stagecraft) => {
    const left = (end - performance.now()) / 1000
    if (left <= 0) return
    const better = planShow(changed, room, solve, Math.min(MOST_OF_ONE, left))
    if (better && better.missed < missed - ON_TIME) tried.push({ text, missed: better.missed })
  }
  for (const earlier of [300, 600, 1200]) {
    attempt(say`heaters on ${asTime(earlier)} earlier`, acts, { ...stage, before: stage.before + earlier })
    if (tried.some(t => t.missed < ON_TIME)) break
  }
  if (!stage.powers) attempt('one more heater', acts, { ...stage, heaters: stage.heaters + 1 })
  else
    for (const power of new Set(acts.flatMap(a => a.power ?? [])))
      attempt(say`one more heater of ${asPower(power)}`, acts, {
        ...stage,
        heaters: stage.heaters + 1,
        powers: [...stage.powers, power],
      })
  if (stage.hands < 2) attempt('a second pair of hands', acts, { ...stage, hands: 2 })
  acts.forEach((act, i) => {
    if (act.heating > 60)
      attempt(
        `less water in ${act.title} (a third less time on the heat)`,
        acts.map((a, j) =>
          j === i ? { ...a, heating: (a.heating * 2) / 3, wait: (a.wait * 2) / 3, early: (a.early * 2) / 3 } : a,
        ),
        stage,
      )
    const next = acts[i + 1]
    if (next) {
      const swapped = [...acts]
      // Targets stay with the places in the show, not with the acts.
      swapped[i] = { ...next, target: act.target }
      swapped[i + 1] = { ...act, target: next.target }
      if (act.target !== undefined || next.target !== undefined)
        attempt(`${next.title} before ${act.title}`, swapped, stage)
    }
  })
  return tried.sort((a, b) => a.missed - b.missed).slice(0, 5)
}
