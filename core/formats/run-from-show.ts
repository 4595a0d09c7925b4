import { MARKS, ROOM_INPUTS, type MarkKind } from '../demonstration'
import type { Forecast } from '../forecast'
import { hushOf, measuredBy, popOf, THUMB, type ActStory } from '../live'
import type { Reading } from '../readings'
import { keptReadings, type RunDocument } from './run'
import type { ShowDocument } from './show'
import type { QuantityDocument } from './staging'
import type { ReadStaging } from './staging-reading'

interface Given {
  show: ShowDocument
  act: ShowDocument['acts'][number]
  read: ReadStaging
  story: ActStory
  readings: readonly Reading[]
  readingsFrom: string
  votes: Record<string, number>
  /** what a microphone heard of the hush; surer than the marks */
  heard?: { hush: QuantityDocument; pop?: QuantityDocument; document: NonNullable<RunDocument['heard']> }
  forecast?: Forecast
  /** see modelSchema */ model?: string
  note: string
}

/** The run document of an act: what the marks, the readings and the room said. Readings carry s since 1970. */
export function runFromShow({
  show,
  act,
  read,
  story,
  readings,
  readingsFrom,
  votes,
  heard,
  forecast,
  model,
  note,
}: Given): RunDocument {
  const { demonstration } = read
  const seal = story.times.sealed ?? story.marks.at(-1)?.at ?? 0
  const measured = measuredBy(demonstration, story, show.speed)
  const seconds = (s: number): QuantityDocument => ({
    value: +s.toFixed(2),
    unit: 's',
    spread: { value: THUMB, unit: 's' },
  })
  const each = (times: Record<string, number>) =>
    Object.fromEntries(Object.entries(times).map(([id, s]) => [id, seconds(s)]))
  // The room as it was belongs to the run, since it may be changed later.
  const room = Object.fromEntries(
    ROOM_INPUTS.flatMap(i => (act.staging.inputs[i.id] === undefined ? [] : [[i.id, act.staging.inputs[i.id]]])),
  )
  const [hush, pop] = [hushOf(demonstration), popOf(demonstration)]
  const inSeal = readings.map(r => ({ ...r, time: (r.time - seal / 1000) * show.speed }))
  return {
    format: 'zealous-hush/run',
    version: 1,
    performedAt: new Date(seal || Date.now()).toISOString(),
    outcome: story.outcome!,
    used: { ...room, ...each(measured.inputs) },
    seen: {
      ...each(measured.results),
      ...(heard && hush && { [hush.id]: heard.hush }),
      ...(heard?.pop && pop && { [pop.id]: heard.pop }),
    },
    ...(heard && { heard: heard.document }),
    note,
    rehearsal: show.rehearsal,
    marks: story.marks
      .filter(m => (MARKS as readonly string[]).includes(m.kind))
      .map(m => ({ kind: m.kind as MarkKind, at: new Date(m.at).toISOString() })),
    ...(show.speed !== 1 && { speed: show.speed }),
    ...(readings.length > 0 && { readings: keptReadings(inSeal, 0), readingsFrom }),
    ...(Object.values(votes).some(n => n > 0) && { vote: votes }),
    ...(model !== undefined && { model }),
    ...(forecast && { forecast: { samples: forecast.samples, outcomes: forecast.shares } }),
  }
}
