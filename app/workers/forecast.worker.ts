/**
 * Forecasts, levers and strips away from the screen's thread. A newer request of the same asker and kind ends an older
 * one.
 */
import {
  DEFAULT_SAMPLES,
  LearntSteps,
  StagingSample,
  courseOf,
  debriefOf,
  drawOf,
  follow,
  givenNow,
  influences,
  investigate,
  learn,
  leverInputs,
  loadDemonstrations,
  logbookSays,
  oddsStrip,
  pastRun,
  pointsFor,
  pullLevers,
  resolve,
  resolveStaging,
  runThatEnds,
  representativeOf,
  seenNow,
  settingOf,
  storyOf,
  stripValues,
  summarise,
  truthOf,
  type Demonstration,
  type Given,
  type QuantityInput,
  type AsStated,
  type StripPoint,
  type Taught,
  type UnitSystem,
} from '~~/core'
import type { ForecastAnswer, ForecastRequest, Idle } from './forecast-messages'

const CHUNK = 32
/** A forecast is told while it runs: first by so few draws as say how it stands, then at every so many ms. */
const TOLD = { first: 2 * CHUNK, each: 150 }
const STRIP_POINTS = 9
/** Draws where a whole forecast has as many as usual; where it has fewer, on a slow machine, so have these. */
const LEVER_SAMPLES = 400
const STRIP_SAMPLES = 160
const FOLLOW_SAMPLES = 1000
const INVESTIGATION_SAMPLES = 1000
/** Fewer tell nothing. */
const FEWEST = 40
const asFew = (usual: number, { whole }: { whole: number }) =>
  Math.max(FEWEST, Math.round((usual * Math.min(whole, DEFAULT_SAMPLES)) / DEFAULT_SAMPLES))

const steps = new LearntSteps<Taught>()

class Cancelled extends Error {}

/** The newest jobs of each asker. */
const newest = new Map<number, Partial<Record<ForecastRequest['kind'], number>>>()
const breath = new MessageChannel()
const waiting: (() => void)[] = []
breath.port1.onmessage = () => waiting.shift()?.()

/** Lets messages in, so that a newer request can be seen. */
const pause = (): Promise<void> =>
  new Promise(resolve => {
    waiting.push(resolve)
    breath.port2.postMessage(0)
  })

/** A sample, from what past runs taught where that is to be used. */
const sampleOf = (
  demonstration: Demonstration,
  given: Given,
  samples: number,
  { seed, taught }: { seed: number; taught?: Taught },
) => new StagingSample(demonstration, given, samples, seed, pointsFor(demonstration, samples, seed, taught))

interface LeversAsked {
  seed: number
  whole: number
  taught?: Taught
  units: UnitSystem
  input?: string
  asStated?: AsStated
}
const leversOf = (demonstration: Demonstration, given: Given, request: LeversAsked, pause: () => Promise<void>) => {
  const { seed, taught, units: system, input, asStated } = request
  const samples = asFew(LEVER_SAMPLES, request)
  return pullLevers(demonstration, given, { samples, seed, taught, system, input, asStated }, pause)
}

/** A strip does not hang on what the plan says of its own input: while that is being typed it stays the same. */
let lastStrip: { of: string; points: StripPoint[] } | undefined
async function stripOf(
  demonstration: Demonstration,
  given: Given,
  input: QuantityInput,
  request: { seed: number; whole: number; taught?: Taught },
  pause: () => Promise<void>,
): Promise<StripPoint[]> {
  const { seed, taught } = request
  const samples = asFew(STRIP_SAMPLES, request)
  const at = stripValues(input, resolve(demonstration, given).values.numbers[input.id]!, STRIP_POINTS)
  const others = { ...given, numbers: { ...given.numbers, [input.id]: undefined } }
  const of = JSON.stringify([demonstration.id, input.id, others, at, samples, seed, taught])
  if (lastStrip?.of !== of) {
    const points = await oddsStrip(demonstration, given, input, STRIP_POINTS, samples, seed, pause, taught)
    lastStrip = { of, points }
  }
  return lastStrip.points
}

/** With the run of what is drawn, which the screen's thread need not simulate. */
function shownOf(sample: StagingSample) {
  const shown = representativeOf(sample)
  const { demonstration, nominal } = sample
  return {
    ...shown,
    ...(shown.numbers && { run: demonstration.simulate({ ...nominal, numbers: shown.numbers }, 'trace') }),
  }
}

/** The act being followed: its sample is kept while its marks stay the same. */
let followed: { key: string; sample: StagingSample } | undefined

const answer = (message: ForecastAnswer) => postMessage(message)

const demonstrationsOf = (request: ForecastRequest): string[] =>
  [
    request.document,
    ...(request.kind === 'learn' ? request.runs.map(run => run.staging) : []),
    ...(request.kind === 'investigate' ? [request.used] : []),
  ].map(staging => staging.demonstration)

/** What could not be fetched once, this worker never fetches again: whoever began it is told, and begins another. */
const fetchAll = (demonstrations: string[]) =>
  loadDemonstrations(demonstrations).catch((error: unknown) => {
    setTimeout(() => {
      throw error
    })
    throw new Cancelled()
  })

async function work(request: ForecastRequest): Promise<void> {
  const current = async () => {
    await pause()
    if (newest.get(request.asker)?.[request.kind] !== request.job) throw new Cancelled()
  }
  await fetchAll(demonstrationsOf(request))
  const { demonstration, given, values } = resolveStaging(request.document)
  if (request.kind === 'forecast') {
    const { whole, samples = whole } = request
    const sample = sampleOf(demonstration, given, samples, request)
    let told = 0
    for (let drawn = CHUNK; !sample.advance(CHUNK); drawn += CHUNK) {
      await current()
      if (told === 0 ? drawn >= TOLD.first : performance.now() - told > TOLD.each) {
        told = performance.now()
        answer({ kind: 'forecast', job: request.job, forecast: summarise(sample), complete: false, influences: [] })
      }
    }
    answer({
      kind: 'forecast',
      job: request.job,
      forecast: summarise(sample),
      complete: true,
      influences: influences(sample),
      shown: shownOf(sample),
    })
  } else if (request.kind === 'prepare') {
    // What has run once is compiled: the first change is answered as soon as any other.
    const sample = sampleOf(demonstration, given, request.whole, request)
    for (let drawn = 0; drawn < TOLD.first; drawn += CHUNK) {
      sample.advance(CHUNK)
      await current()
    }
    summarise(sample)
    answer({ kind: 'prepared', job: request.job })
  } else if (request.kind === 'levers') {
    const inputs = leverInputs(demonstration, given, request.units)
    const input = inputs[request.nth]
    const found = input ? await leversOf(demonstration, given, { ...request, input }, current) : { levers: [] }
    answer({ kind: 'levers', job: request.job, ...found, of: inputs.length })
  } else if (request.kind === 'follow') {
    const story = storyOf(request.marks, request.act)
    const now = givenNow(demonstration, given, story, request.speed)
    const key = JSON.stringify([request.document, now, request.taught?.mean])
    if (followed?.key !== key)
      followed = { key, sample: sampleOf(demonstration, now, asFew(FOLLOW_SAMPLES, request), request) }
    const { sample } = followed
    while (!sample.advance(CHUNK)) await current()
    answer({
      kind: 'follow',
      job: request.job,
      followed: follow(sample, now, seenNow(demonstration, story, request.now, request.speed)),
      complete: true,
    })
  } else if (request.kind === 'learn') {
    const taught = await learn(
      demonstration,
      given,
      request.runs.map(pastRun).map(r => ({ given: resolveStaging(r.staging).given, seen: r.seen })),
      undefined,
      current,
      steps,
    )
    answer({ kind: 'learn', job: request.job, taught })
  } else if (request.kind === 'debrief') {
    const exercise = courseOf(demonstration, values).find(e => e.id === request.exercise)!
    const setting = settingOf(demonstration, given, exercise, request.seed)
    const debrief = await debriefOf(setting, request.acts, request.now, undefined, current)
    const real = demonstration.simulate(truthOf(setting, request.acts, drawOf(setting), request.now), 'summary')
    answer({
      kind: 'debrief',
      job: request.job,
      debrief,
      // What it would have been worth to ask the Logbook.
      ...(debrief.decided.length > 0 && { logbook: await logbookSays(setting, request.acts, real, current) }),
    })
  } else if (request.kind === 'window') {
    answer({ kind: 'window', job: request.job, window: demonstration.waterWindow?.(values) })
  } else if (request.kind === 'end') {
    answer({ kind: 'end', job: request.job, run: runThatEnds(demonstration, given, request.outcome) })
  } else if (request.kind === 'investigate') {
    const used = resolveStaging(request.used).given
    const sample = sampleOf(demonstration, used, request.whole, request)
    while (!sample.advance(CHUNK)) await current()
    const investigation = await investigate(
      demonstration,
      { plan: given, used, measured: request.measured },
      request.seen,
      asFew(INVESTIGATION_SAMPLES, request),
      request.seed,
      current,
    )
    answer({
      kind: 'investigate',
      job: request.job,
      forecast: summarise(sample),
      investigation,
      levers: (await leversOf(demonstration, given, request, current)).levers,
    })
  } else {
    const input = demonstration.inputs.find((i): i is QuantityInput => i.id === request.input && i.kind === 'quantity')!
    const strip = await stripOf(demonstration, given, input, request, current)
    answer({ kind: 'strip', job: request.job, input: request.input, strip })
  }
}

self.onmessage = (event: MessageEvent<ForecastRequest | Idle>) => {
  const request = event.data
  if (request.kind === 'idle') {
    if (!request.of) newest.delete(request.asker)
    for (const kind of request.of ?? []) delete newest.get(request.asker)?.[kind]
    return
  }
  const ofAsker = newest.get(request.asker) ?? {}
  newest.set(request.asker, ofAsker)
  ofAsker[request.kind] = request.job
  // What has just been changed is not about to be any more.
  if (request.kind === 'forecast') delete ofAsker.prepare
  work(request)
    // What the page knows is fetched once there is nothing more urgent.
    .then(() => loadDemonstrations(request.known).catch(() => undefined))
    .catch((error: unknown) => {
      if (!(error instanceof Cancelled))
        answer({ kind: 'failed', job: request.job, message: error instanceof Error ? error.message : String(error) })
    })
}
