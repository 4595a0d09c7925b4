import { beforeEach, describe, expect, it, vi } from 'vitest'
import { refusalOf, sendWrite } from './sending'

interface Sent {
  method: string
  body: Record<string, unknown>
}
const sent: Sent[] = []
let answers: unknown[] = []
beforeEach(() => {
  sent.length = 0
  vi.useFakeTimers()
  vi.stubGlobal('$fetch', async (_url: string, options: Sent) => {
    sent.push(options)
    const answer = answers.shift()
    if (answer instanceof Error) throw answer
    return answer
  })
})
const lost = () => new Error('network')
const refused = (statusCode: number, data = {}) => Object.assign(new Error('refused'), { statusCode, data })
async function settle<T>(work: Promise<T>) {
  const result = work.then(
    value => ({ value }),
    (error: unknown) => ({ error }),
  )
  await vi.runAllTimersAsync()
  return result
}

describe('writes', () => {
  it('are asked for again with the same id when the answer is lost', async () => {
    answers = [lost(), lost(), { version: 3 }]
    expect(await settle(sendWrite('PUT', '/api/x', { a: 1 }))).toEqual({ value: { version: 3 } })
    expect(sent).toHaveLength(3)
    expect(new Set(sent.map(s => s.body.writeId)).size).toBe(1)
    expect(sent[2].body.a).toBe(1)
  })
  it('are not repeated when the server refuses', async () => {
    answers = [refused(422)]
    expect(await settle(sendWrite('POST', '/api/x', {}))).toHaveProperty('error')
    expect(sent).toHaveLength(1)
  })
  it('give up in the end, and then keep the id they were given', async () => {
    answers = [lost(), lost(), lost(), lost(), lost()]
    expect(await settle(sendWrite('POST', '/api/x', {}, 'mine'))).toHaveProperty('error')
    expect(sent).toHaveLength(4)
    expect(sent.every(s => s.body.writeId === 'mine')).toBe(true)
  })
  it('have their own ids otherwise', async () => {
    answers = [1, 2]
    await settle(sendWrite('POST', '/api/x', {}))
    await settle(sendWrite('POST', '/api/x', {}))
    expect(sent[0].body.writeId).not.toBe(sent[1].body.writeId)
  })
})

describe('refusals', () => {
  it('are told as faults, as a newer record, or as silence', () => {
    const faults = [{ input: 'bathTemperature', message: 'given 300 °C' }]
    expect(refusalOf(refused(422, { message: 'm', data: { faults } }))).toMatchObject({
      status: 422,
      message: 'm',
      faults,
    })
    expect(refusalOf(refused(409, { data: { current: { version: 9 } } })).current).toEqual({ version: 9 })
    expect(refusalOf(lost())).toMatchObject({
      status: 0,
      message: expect.stringContaining('Nothing you typed is lost'),
    })
  })
})
