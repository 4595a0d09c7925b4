import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openApplication, type Application } from '../application'

let app: Application
beforeAll(async () => {
  app = await openApplication('planner')
})
afterAll(async () => {
  await app?.close()
})

const acts = Array.from({ length: 20 }, (_, i) => ({
  ...{ id: `a${i}`, title: `Act ${i}`, heating: 100 + ((i * 137) % 600), wait: 100, early: 0 },
  ...{ show: 60 + ((i * 53) % 80), talk: 40, target: 30 + 60 * i },
}))
const ask = (order: string, before: number) =>
  fetch(`${app.url}/api/running-orders/plan`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ order, acts, stage: { heaters: 2, hands: 1, before } }),
  })

describe('the planner', () => {
  it('keeps nobody waiting: the clock is told while an order is planned, and the newest question counts', async () => {
    const order = randomUUID()
    let told = false
    const [older, newer] = [ask(order, 600), ask(order, 601)]
    void newer.finally(() => {
      told = true
    })
    // On one thread with the solver the clock would be told after the plan.
    await older
    for (let i = 0; i < 3; i++) await fetch(`${app.url}/api/live/clock`)
    expect(told).toBe(false)
    const [first, last] = [await (await older).json(), await (await newer).json()]
    expect(first.plan.acts).toHaveLength(20)
    expect(last.plan.missed).toBeLessThanOrEqual(first.plan.missed)
  })
  it('works once on what is asked twice: a page that comes from the server, and its browser', async () => {
    const order = randomUUID()
    const [one, other] = await Promise.all([ask(order, 600), ask(order, 600)].map(async a => (await a).json()))
    expect(one.plan.acts).toHaveLength(20)
    // Asked anew, the first would have been told what can be said at once, which mends nothing.
    expect(one.mends.length).toBeGreaterThan(0)
    expect(other).toEqual(one)
  })
})
