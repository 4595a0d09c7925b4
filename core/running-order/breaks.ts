import type { Act } from './act'
import { CHANGE, heatersFor, LIGHT, type PlannedAct, type Stagecraft } from './stagecraft'

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
