/** What would make a show fit that does not. */
import type { Act } from './act'
import { formatQuantity } from '../units'
import { heatersFor, planShow, type Plan, type Solver, type Stagecraft } from './plan'

export interface Mend {
  text: string
  /** s that targets would still be missed by; 0 fits */ missed: number
}

/** Less than this is no miss, s. */
export const ON_TIME = 1

/** True if every target is met. */
export const fitsShow = (plan: Plan | undefined): plan is Plan => plan !== undefined && plan.missed < ON_TIME

const minutes = (s: number): string => (s < 90 ? `${Math.ceil(s)} s` : `${Math.ceil(s / 60)} min`)

const kilowatts = (watts: number): string => formatQuantity(watts, 'kW', 'power', 3)

/** Acts that push one another off their targets: the late one, and what holds it. */
export function clashes(acts: readonly Act[], plan: Plan | undefined, stage: Stagecraft): string[] {
  if (!plan) {
    const without = acts.filter(a => a.heating > 0 && heatersFor(a, stage).length === 0)
    if (without.length > 0)
      return without.map(
        a =>
          `${a.title} needs a heater${stage.powers && a.power !== undefined ? ` of ${kilowatts(a.power)}` : ''}, ` +
          'and there is none',
      )
    return ['No plan at all: a vessel needs longer on the heat than there is.']
  }
  return plan.acts.flatMap((p, i) => {
    if (Math.abs(p.off) < ON_TIME) return []
    const act = acts[i]
    const before = acts[i - 1]
    const last = plan.acts[i - 1]
    const reason =
      p.off < 0
        ? `would have to come ${minutes(-p.off)} early, or what follows is late`
        : act.heating > 0 && Math.abs(p.heatOn + stage.before) < ON_TIME
          ? `needs ${minutes(act.heating)} on the heat and can't be ready before`
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
    return [`${act.title} ${reason} (${p.off > 0 ? `${minutes(p.off)} late` : `${minutes(-p.off)} early`}).`]
  })
}

/**
 * Changes within reach, tried one by one, best first; only those that help.
 * @param plan as it stands
 */
export function mends(acts: readonly Act[], stage: Stagecraft, solve: Solver, plan: Plan | undefined): Mend[] {
  const missed = plan?.missed ?? Infinity
  if (missed < ON_TIME) return []
  const tried: Mend[] = []
  const attempt = (text: string, changed: readonly Act[], room: Stagecraft) => {
    const better = planShow(changed, room, solve)
    if (better && better.missed < missed - ON_TIME) tried.push({ text, missed: better.missed })
  }
  for (const earlier of [300, 600, 1200]) {
    attempt(`heaters on ${earlier / 60} min earlier`, acts, { ...stage, before: stage.before + earlier })
    if (tried.some(t => t.missed < ON_TIME)) break
  }
  if (!stage.powers) attempt('one more heater', acts, { ...stage, heaters: stage.heaters + 1 })
  else
    for (const power of new Set(acts.flatMap(a => a.power ?? [])))
      attempt(`one more heater of ${kilowatts(power)}`, acts, {
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
