/** What is seen and heard of a steam vessel by whoever stands beside it. */
import { valueAt, type Has, type Simulation, type Traced } from '../../demonstration'
import type { Sentence } from '../../sentence'

/**
 * Water this far below boiling crackles: bubbles on the hot base collapse in the water above it, K. From memory of a
 * kettle's song, which is loudest some 10 K below boiling (S. Aljishi & J. Tatarkiewicz, Am. J. Phys. 59 (1991) 628).
 */
const [FAINT, LOUD] = [30, 14]
/** Share of the greatest difference at which a wall first ticks. Assumption. */
const TICKS = 0.3

type Heated = Simulation<
  Readonly<Partial<Record<string, number>>>,
  Readonly<{ timeOfLifting: number; sealing: number }>
>

/** Sound first, then sight. @param time on the staging's clock */
export function steamSenses(_values: Has<never>, simulation: Traced<Heated>, time: number): Sentence[] {
  const { trace, results, details, events } = simulation
  const at = (id: string) => events.find(e => e.id === id)?.time ?? Infinity
  const boiling = results.boilingTemperature ?? 373
  if (time < details.timeOfLifting) {
    if (time >= at('dry')) return ['It is silent.', 'No plume; blue-grey smoke, and a smell of hot metal.']
    if (time >= at('plume'))
      return ['A quiet, even roll.', 'A dense white plume, clear right at the mouth, that keeps its strength.']
    if (time >= at('boil')) return ['It rumbles, then rolls.', 'A thin wisp at the mouth; it comes and goes.']
    const below = boiling - valueAt(trace, 'waterTemperature', time)
    if (below < LOUD) return ['A loud crackle.', 'Nothing to be seen at the mouth yet.']
    if (below < FAINT) return ['A faint crackle.', 'Nothing to be seen at the mouth yet.']
    return ['It is silent.', 'Nothing to be seen.']
  }
  if (time < details.sealing)
    return details.timeOfLifting > 0 ? ['The roll dies away.', 'The plume thins.'] : ['A little steam at the mouth.']
  if (time >= at('critical')) return ['A clap: the wall gave way. Quiet now.']
  const difference = trace.columns.pressure[0] - valueAt(trace, 'pressure', time)
  const greatest = results.criticalPressureDifference
  if (greatest !== undefined && time >= at('talk')) return ['A tick, a pop: the wall talks.']
  return greatest !== undefined && difference > TICKS * greatest
    ? ['Not a sound; the wall may tick.']
    : ['Not a sound.']
}
