/** What a demonstration says of its dangers, put in order and held to the rules that all share. */
import { applying, thoughtThrough, whoMay, type Caution, type Hazard } from '../cautions'
import type { Advice } from './presentation'
import type { Demonstration } from './demonstration'
import type { ProcedureStep, SentencePart } from './procedure'
import type { Simulation } from './simulation'
import type { Values } from './values'
import type { FailureAct } from './failure'
import { resolve, type Given } from './resolving'
import { riskOf, type Risk } from './risk'

export const partsOf = (step: ProcedureStep, values: Values): readonly SentencePart[] =>
  typeof step.parts === 'function' ? step.parts(values) : step.parts
export const hazardsOf = (step: ProcedureStep, values: Values): readonly Hazard[] =>
  typeof step.hazards === 'function' ? step.hazards(values) : (step.hazards ?? [])

/**
 * All cautions of a staging, raised ones first within a step. @param risk of the draws; the one run as it stands, if
 * left out
 */
export function cautionsOf(
  demonstration: Demonstration,
  values: Values,
  simulation: Simulation,
  risk: Risk = riskOf(simulation),
): Caution[] {
  const order = demonstration.procedure.map(s => s.id)
  const who = demonstration.gallery.whatIf ? thoughtThrough : whoMay
  return applying(who(demonstration.people, order[0]), demonstration.cautions(values, simulation, risk)).sort(
    (a, b) =>
      order.indexOf(a.step) - order.indexOf(b.step) ||
      Number(b.severity === 'raised') - Number(a.severity === 'raised'),
  )
}

/** A caution without its words. */
export type CautionLevel = Pick<Caution, 'id' | 'severity'>

/** True where a change raises a caution, or brings one that is raised. */
export function endangers(before: readonly CautionLevel[], after: readonly CautionLevel[]): boolean {
  const raised = (list: readonly CautionLevel[]): Set<string> =>
    new Set(list.filter(c => c.severity === 'raised').map(c => c.id))
  const already = raised(before)
  return [...raised(after)].some(id => !already.has(id))
}

/** What to do after each outcome that is not wanted, in the order in which a room meets them: nothing first. */
export function failuresOf(
  demonstration: Demonstration,
  values: Values,
  simulation: Simulation,
  risk: Risk = riskOf(simulation),
): { outcome: string; sentence: string; acts: readonly FailureAct[] }[] {
  const others = demonstration.outcomes.filter(o => o.id !== demonstration.wanted)
  return [...others.filter(o => o.look === 'nothing'), ...others.filter(o => o.look !== 'nothing')].map(o => ({
    outcome: o.id,
    sentence: o.sentence,
    acts: demonstration.afterFailure(values, simulation, risk, o.id),
  }))
}

/**
 * Advice whose value, taken, is accepted, ends as it is hoped for and raises no caution. Other advice is not given: it
 * does not hold here.
 */
export function adviceOf(
  demonstration: Demonstration,
  values: Values,
  simulation: Simulation,
  risk: Risk = riskOf(simulation),
): Advice[] {
  const before = demonstration.cautions(values, simulation, risk)
  const stated = demonstration.cautions(values, simulation, riskOf(simulation))
  return (demonstration.advice?.(values, simulation, risk) ?? []).filter(({ take }) => {
    if (!take) return true
    const given: Given = {
      numbers: { ...values.numbers, [take.input]: take.value },
      choices: values.choices,
      spreads: {},
    }
    const { values: taken, faults } = resolve(demonstration, given)
    if (faults.length > 0) return false
    const s = demonstration.simulate(taken, 'summary')
    if (s.outcome !== demonstration.wanted) return false
    const after = demonstration.cautions(taken, s, riskOf(s))
    return !endangers([...before, ...stated], after)
  })
}
