import { setResponseHeaders, sendStream } from 'h3'
import { createHash } from 'node:crypto'
import { SimulatedLogger, readStaging, storyOf, StagingSample, measuredBy, type Simulation } from '../../../../core'
import { listMarks } from '../../../database/shows'
import { hear } from '../../../live/announcements'
import { actOfShow, showOf } from '../../../live/show-of'
import { queryWord } from '../../../http/query'

/** ms between two moments; s of the logger's clock between them is this times the show's speed. */
const EVERY = 100

/**
 * The simulated data logger of one act, as a text stream. What "really" happens is one draw of what is not known
 * exactly, the same whenever this act is asked for; it follows the marks: heat on begins the heating, sealed begins
 * the hush.
 */
export default defineEventHandler(async event => {
  const show = await showOf(event)
  const act = actOfShow(show, queryWord(event, 'act'))
  const seed = createHash('sha256').update(act.run).digest().readUInt32LE(0) % 1_000_000
  const { demonstration, given } = readStaging(act.staging)
  // One of eight draws, so that it is nobody's nominal case.
  const draw = new StagingSample(demonstration, given, 8, seed + 1)
  draw.advance(8)
  const truth: Partial<Record<string, number>> = { ...draw.nominal.numbers }
  for (const { input, drawn } of draw.uncertain) truth[input.id] = drawn[seed % 8]!

  let marks = await listMarks(show.id)
  let simulation: Simulation
  let believed = ''
  const { speed } = show.document
  const follow = () => {
    const { inputs } = measuredBy(demonstration, storyOf(marks, act.id), speed)
    const key = JSON.stringify(inputs)
    if (key === believed) return
    believed = key
    simulation = demonstration.simulate({ numbers: { ...truth, ...inputs }, choices: draw.nominal.choices }, 'trace')
  }
  follow()
  const logger = new SimulatedLogger(seed)
  const encoder = new TextEncoder()
  let stop = () => {}
  let timer: ReturnType<typeof setInterval> | undefined
  let ended = event.node.res.destroyed
  const end = () => {
    ended = true
    clearInterval(timer)
    stop()
  }
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      controller.enqueue(encoder.encode(logger.greeting()))
      stop = await hear(show.id, () => {
        void listMarks(show.id)
          .then(m => {
            marks = m
          })
          .catch(() => {})
      })
      // Whoever asked may have gone while the database was asked.
      if (ended) return end()
      timer = setInterval(() => {
        const { times } = storyOf(marks, act.id)
        const now = Date.now()
        const since = (mark: number) => ((now - mark) / 1000) * speed
        follow()
        const { sealing = 0, timeOfLifting = 0 } = simulation.details
        const last = simulation.trace!.time.at(-1)!
        const at =
          times.sealed !== undefined
            ? sealing + since(times.sealed)
            : times['heat-on'] !== undefined
              ? Math.min(since(times['heat-on']), timeOfLifting, sealing)
              : 0
        try {
          controller.enqueue(
            encoder.encode(logger.sample(simulation.trace!, Math.min(at, last), (EVERY / 1000) * speed)),
          )
        } catch {
          end()
        }
      }, EVERY)
    },
    cancel: end,
  })
  event.node.res.once('close', end)
  setResponseHeaders(event, { 'content-type': 'text/plain; charset=us-ascii', 'cache-control': 'no-store' })
  return sendStream(event, stream)
})
