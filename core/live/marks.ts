/** Marks made while a show runs, on any number of devices, read as one story. */
import type { MarkKind } from '../demonstration'

/**
 * `step` and `gate`: confirmed; `outcome`: what the room saw; `undo`: takes back another mark; `start`: the show
 * begins; `closed`: done with an act.
 */
export type AnyMarkKind = MarkKind | 'step' | 'gate' | 'outcome' | 'undo' | 'start' | 'closed'

export interface Mark {
  /** made by the device, the same for every retry */ id: string
  /** of which act; empty for the whole show */ act: string
  kind: AnyMarkKind
  /** ms since 1970 on the server's clock */ at: number
  /** step id, outcome id, or id of the mark taken back */ value?: string
}

export interface ActStory {
  /** ms, the first of each kind that was not taken back */ times: Partial<Record<MarkKind, number>>
  steps: Set<string>
  gates: Set<string>
  outcome?: string
  /** logged or skipped */ closed?: string
  /** marks that count, in order */ marks: Mark[]
}

/** Two devices that mark one moment do so within this time, ms: taking it back takes back both. */
const SAME_MOMENT = 5000

const inOrder = (a: Mark, b: Mark): number => a.at - b.at || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)

/**
 * Two lists of marks as one: marks only ever become more, so one asked for before others were sent takes none of them
 * away.
 */
export function joinMarks(known: readonly Mark[], told: readonly Mark[]): Mark[] {
  return [...new Map([...known, ...told].map(m => [m.id, m])).values()]
}

/** Marks that were not taken back, each once, in order. The order of arrival does not matter. */
export function countingMarks(marks: readonly Mark[]): Mark[] {
  const once = [...new Map(marks.map(m => [m.id, m])).values()].sort(inOrder)
  const undone = new Set<string>()
  for (const undo of once.filter(m => m.kind === 'undo')) {
    const taken = once.find(m => m.id === undo.value)
    if (!taken) continue
    for (const m of once) {
      if (
        m.act === taken.act &&
        m.kind === taken.kind &&
        m.value === taken.value &&
        Math.abs(m.at - taken.at) <= SAME_MOMENT &&
        m.at <= undo.at
      )
        undone.add(m.id)
    }
  }
  return once.filter(m => m.kind !== 'undo' && !undone.has(m.id))
}

/** What the marks say of one act. A second mark of one kind, from another device, changes nothing. */
export function storyOf(marks: readonly Mark[], act: string): ActStory {
  const story: ActStory = {
    times: {},
    steps: new Set(),
    gates: new Set(),
    marks: countingMarks(marks).filter(m => m.act === act),
  }
  for (const m of story.marks) {
    if (m.kind === 'step') story.steps.add(m.value!)
    else if (m.kind === 'gate') story.gates.add(m.value!)
    // What the room saw may be put right: the last word counts.
    else if (m.kind === 'outcome') story.outcome = m.value
    else if (m.kind === 'closed') story.closed ??= m.value
    else if (m.kind !== 'start' && m.kind !== 'undo') story.times[m.kind] ??= m.at
  }
  return story
}

/** ms at which the show began; undefined before. */
export const startOf = (marks: readonly Mark[]): number | undefined =>
  countingMarks(marks).find(m => m.kind === 'start')?.at
