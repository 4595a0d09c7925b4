/** A hall: three hundred pages that watch, sixty phones that vote and ask, and somebody who votes by machine. */
import { Agent, get } from 'node:http'
import { mark, percentile, type Figure, type Stage } from './stage'

const [WATCHERS, PHONES] = [300, 60]
/** So long under load, and while an order is planned beside it, s. */
const SECONDS = 20
/** Marks are made so often, ms. */
const EVERY = 200
/** A phone asks so often, ms. */
const ASKS = 3000

function watcher(url: string, agent: Agent, heard: (event: string) => void): Promise<() => void> {
  return new Promise((resolve, reject) => {
    const request = get(url, { agent }, answer => {
      answer.setEncoding('utf8')
      answer.on('data', (text: string) => {
        for (const [, event] of text.matchAll(/^event: (\w+)$/gm)) heard(event)
      })
      resolve(() => request.destroy())
    })
    request.on('error', reject)
  })
}

const sleep = (ms: number) => new Promise(resolve => setTimeout(resolve, ms))

export async function load(stage: Stage): Promise<Figure[]> {
  const show = await stage.beginShow()
  const [round] = (await stage.send('PUT', `/api/live/${show}/votes/can`, { do: 'open' })).body as { code: string }[]
  const { code } = round
  const agent = new Agent({ maxSockets: Infinity })
  let marksHeard = 0
  const watchers = await Promise.all(
    Array.from({ length: WATCHERS }, () =>
      watcher(`${stage.url}/api/live/${show}/stream`, agent, event => {
        if (event === 'marks') marksHeard++
      }),
    ),
  )
  const phone = async (): Promise<string> => {
    const { headers } = await fetch(`${stage.url}/join/${code}`)
    return headers.get('set-cookie')!.split(';')[0]
  }
  const cookies = await Promise.all(Array.from({ length: PHONES }, phone))
  const until = Date.now() + SECONDS * 1000
  const [marks, pages, votes]: number[][] = [[], [], []]
  let stuffed = 0
  const phones = cookies.map(async (cookie, i) => {
    await sleep((ASKS * i) / PHONES)
    while (Date.now() < until) {
      const outcome = ['crush', 'dent', 'fill', 'nothing'][(i + votes.length) % 4]
      votes.push((await stage.send('POST', `/api/join/${code}`, { outcome }, { cookie })).took)
      pages.push((await stage.send('GET', `/api/join/${code}`, undefined, { cookie })).took)
      await sleep(ASKS)
    }
  })
  // The other two hundred and forty phones only ask.
  const asking = Array.from({ length: WATCHERS - PHONES }, async (_, i) => {
    await sleep((ASKS * i) / (WATCHERS - PHONES))
    while (Date.now() < until) {
      pages.push((await stage.send('GET', `/api/join/${code}`, undefined, { cookie: cookies[i % PHONES] })).took)
      await sleep(ASKS)
    }
  })
  const stuffing = (async () => {
    while (Date.now() < until) {
      await Promise.all(
        Array.from({ length: 20 }, () =>
          stage.send('POST', `/api/join/${code}`, { outcome: 'crush' }, { cookie: cookies[0] }),
        ),
      )
      stuffed += 20
    }
  })()
  let made = 0
  while (Date.now() < until) {
    marks.push((await stage.send('POST', `/api/live/${show}/marks`, { marks: [mark('plume')] })).took)
    made++
    await sleep(EVERY)
  }
  const sealed = await stage.send('POST', `/api/live/${show}/marks`, { marks: [mark('sealed')] })
  await Promise.all([...phones, ...asking, stuffing])
  await sleep(500)
  for (const stop of watchers) stop()
  agent.destroy()
  const part = `${WATCHERS} watch, ${PHONES} vote, one stuffs (${stuffed} votes)`
  return [
    { part, measure: 'mark, P95', value: percentile(marks, 95), unit: 'ms', limit: 100 },
    { part, measure: 'sealed mark that closes the vote', value: sealed.took, unit: 'ms', limit: 100 },
    { part, measure: "phone's page, P95", value: percentile(pages, 95), unit: 'ms', limit: 100 },
    { part, measure: 'vote, P95', value: percentile(votes, 95), unit: 'ms', limit: 250 },
    {
      part,
      measure: 'marks not told to a watcher within half a second',
      value: Math.max(0, (made + 1) * WATCHERS - marksHeard) / WATCHERS,
      unit: 'a watcher',
      // Marks that come within a moment are told together.
      limit: made * 0.1,
    },
    { part, measure: 'memory of the server', value: stage.memory(), unit: 'MB', limit: 700 },
  ]
}

/** Marks while a large order is planned beside them. */
export async function planning(stage: Stage): Promise<Figure[]> {
  const show = await stage.beginShow()
  const acts = Array.from({ length: 20 }, (_, i) => ({
    ...{ id: `a${i}`, title: `Act ${i}`, heating: 100 + ((i * 137) % 600), wait: 100, early: 0 },
    ...{ show: 60 + ((i * 53) % 80), talk: 40, target: 30 + 60 * i },
  }))
  let done = false
  const order = '5a1d0000-0000-4000-8000-0000000000aa'
  const plan = stage
    .send('POST', '/api/running-orders/plan', { order, acts, stage: { heaters: 2, hands: 1, before: 600 } })
    .finally(() => {
      done = true
    })
  const marks: number[] = []
  while (!done) {
    marks.push((await stage.send('POST', `/api/live/${show}/marks`, { marks: [mark('plume')] })).took)
    await sleep(20)
  }
  const part = 'an order of 20 acts is planned, and mended'
  return [
    { part, measure: 'mark, P95', value: percentile(marks, 95), unit: 'ms', limit: 100 },
    { part, measure: 'answer', value: (await plan).took / 1000, unit: 's', limit: 10 },
  ]
}
