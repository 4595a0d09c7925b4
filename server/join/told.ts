/** What a phone shows once the room has been told: what happened, why, at the level of the class, and how it stands. */
import { LRUCache } from 'lru-cache'
import { inARow, pictureOf, storyOf, svgOf, tell, type Reader, type Sentence, type VoteRound } from '../../core'
import { compute } from '../computing/thread'
import { findShow, listMarks } from '../database/shows'

/** Where nobody said how old the class is. */
const USUAL_AGE = 11
/** As wide as the drawing is on a narrow screen. */
const WIDTH = 430

export interface Told {
  happened: string
  /** left out where no computed run ends so */ why?: string
  /** SVG */ drawing?: string
}

/** by round, outcome and reader: a few hundred phones of one room ask for the same */
const kept = new LRUCache<string, Promise<Told & { looked?: true }>>({ max: 50 })

/** Hundreds of phones ask every three seconds: one look at the marks serves all for so long, ms. */
const FRESH = 500
const looked = new LRUCache<string, Promise<string | undefined>>({ max: 100, ttl: FRESH })
function outcomeOf({ showId, act }: VoteRound): Promise<string | undefined> {
  const key = `${showId} ${act}`
  let looking = looked.get(key)
  if (!looking) {
    looking = listMarks(showId).then(marks => storyOf(marks, act).outcome)
    looked.set(key, looking)
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
  let told = kept.get(key)
  if (!told) {
    told = worked(round, ended, act?.staging, reader)
    kept.set(key, told)
    // A thread that was lost has said nothing: the next phone asks again. Where no run ends so, that is the answer.
    const again = () => kept.delete(key)
    told.then(({ looked }) => looked || again(), again)
  }
  const { looked: _, ...shown } = await told
  return shown
}

type Staging = Parameters<typeof compute>[0]['document']

async function worked(
  { document }: VoteRound,
  ended: { id: string; sentence: Sentence },
  staging: Staging | undefined,
  reader: Reader,
): Promise<Told & { looked?: true }> {
  const told: Told & { looked?: true } = { happened: tell(ended.sentence, reader) }
  if (!staging) return { ...told, looked: true }
  const { levels, scene, looked } = await compute({ kind: 'end', document: staging, outcome: ended.id })
  const level = levels?.findLast(l => l.from <= (document.age ?? USUAL_AGE)) ?? levels?.[0]
  if (level) told.why = tell(level.text, reader)
  if (scene) {
    const picture = pictureOf(scene, WIDTH, 'seen', said => tell(inARow(said), reader))
    told.drawing = svgOf(picture, picture.caption)
  }
  if (looked) told.looked = looked
  return told
}
