/** Which of the Logbook's suspects decided an attempt, by the truth, and what the Logbook would say of it. */
import { LIFTED_AFTER, type Given, type Simulation, type Suspect, type Values } from '../demonstration'
import { investigate, suspectsOf, type Investigation, type Observation } from '../forecast'
import { hushOf, THUMB } from '../live'
import { amountsDone, spansDone, type PracticeAct, type Setting } from './attempt'

/**
 * Suspects that, put back to plan alone, would have brought the wanted end: all that belongs to one is as planned, and
 * everything else as it was. Empty where it ended as wanted.
 */
export function decidedBy(setting: Setting, truth: Values, real: Simulation): Suspect[] {
  const { demonstration, values } = setting
  if (real.outcome === demonstration.wanted) return []
  const open = new Set(Object.keys(truth.numbers).filter(id => truth.numbers[id] !== values.numbers[id]))
  if (setting.fromPlume !== undefined && LIFTED_AFTER in truth.numbers) open.add(setting.fromPlume)
  return suspectsOf(demonstration, open).filter(suspect => {
    const numbers: Record<string, number | undefined> = { ...truth.numbers }
    for (const input of suspect.inputs) {
      numbers[input] = values.numbers[input]
      if (input === setting.fromPlume) delete numbers[LIFTED_AFTER]
    }
    return demonstration.simulate({ ...truth, numbers }, 'summary').outcome === demonstration.wanted
  })
}

/** Stagings behind what the Logbook would say. */
const STAGINGS = 400

/** What the Logbook would make of this attempt: it knows the marks and the end, and can't look inside. */
export async function logbookSays(
  setting: Setting,
  done: readonly PracticeAct[],
  real: Simulation,
  pause: () => Promise<void>,
): Promise<Investigation> {
  const { demonstration, plan } = setting
  const timed = spansDone(setting, done, real.results.timeToPlume)
  const measured: Record<string, number> = { ...amountsDone(done) }
  const spreads: Given['spreads'] = { ...plan.spreads }
  for (const [id, seconds] of Object.entries(timed)) {
    const input = demonstration.inputs.find(i => i.id === id)
    if (input?.kind !== 'quantity' || seconds < input.range[0] || seconds > input.range[1]) continue
    measured[id] = seconds
    spreads[id] = { shape: 'normal', absolute: THUMB }
  }
  const hush = hushOf(demonstration)
  const lasted = hush && real.results[hush.id]
  const seen: Observation = {
    outcome: real.outcome,
    readings: { ...(lasted !== undefined && { [hush!.id]: { value: lasted, uncertainty: THUMB } }) },
  }
  return investigate(
    demonstration,
    { plan, used: { ...plan, numbers: { ...plan.numbers, ...measured }, spreads }, measured: Object.keys(measured) },
    seen,
    STAGINGS,
    setting.seed,
    pause,
  )
}
