/** What a phone shows once the room has been told: what happened, and why, at the level of the class. */
import { attemptReading, readStaging, runThatEnds, storyOf, tell, type Reader, type VoteRound } from '../../core'
import { findShow, listMarks } from '../database/shows'

/** Where nobody said how old the class is. */
const USUAL_AGE = 11

export interface Told {
  happened: string
  /** left out where no computed run ends so */ why?: string
}

/** by round, outcome and reader: a few hundred phones of one room ask for the same */
const kept = new Map<string, Told>()
const MOST_KEPT = 50

/** Hundreds of phones ask every three seconds: one look at the marks serves all for so long, ms. */
const FRESH = 500
const looked = new Map<string, Promise<string | undefined>>()
function outcomeOf({ showId, act }: VoteRound): Promise<string | undefined> {
  const key = `${showId} ${act}`
  let looking = looked.get(key)
  if (!looking) {
    looking = listMarks(showId).then(marks => storyOf(marks, act).outcome)
    looked.set(key, looking)
    setTimeout(() => looked.delete(key), FRESH).unref()
  }
  return looking
}

/** @returns undefined as long as nobody has marked how it ended */
export async function toldOf(
  round: VoteRound,
  readerFor: (demonstration?: string) => Reader,
): Promise<Told | undefined> {
  const outcome = await outcomeOf(round)
  const ended = round.document.outcomes.find(o => o.id === outcome)
  if (!ended) return undefined
  const act = (await findShow(round.showId))?.document.acts.find(a => a.id === round.act)
  const reader = readerFor(act?.staging.demonstration)
  const key = [round.showId, round.act, ended.id, reader.units, reader.locale].join()
  const known = kept.get(key)
  if (known) return known
  const told: Told = { happened: tell(ended.sentence, reader) }
  const read = act && attemptReading(() => readStaging(act.staging)).read
  const run = read && runThatEnds(read.demonstration, read.given, ended.id)
  if (read && run) {
    const levels = read.demonstration.explanation(run.values, run.simulation)
    const level = levels.findLast(l => l.from <= (round.document.age ?? USUAL_AGE)) ?? levels[0]
    told.why = tell(level.text, reader)
  }
  kept.set(key, told)
  for (const oldest of [...kept.keys()].slice(0, Math.max(0, kept.size - MOST_KEPT))) kept.delete(oldest)
  return told
}
