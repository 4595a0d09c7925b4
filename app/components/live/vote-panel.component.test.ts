/** The vote in Live: opened for an age, hands counted, told; what is wrong is said and nothing typed is lost. */
import { mountSuspended, registerEndpoint } from '@nuxt/test-utils/runtime'
import { readBody, setResponseStatus } from 'h3'
import { beforeEach, describe, expect, it } from 'vitest'
import { findDemonstration } from '~~/core/catalogue/everything'
import type { VoteRound } from '~~/core'
import VotePanel from './VotePanel.vue'
import { until } from '~~/tests/until'

const demonstration = findDemonstration('can-plunge')!
const asked: unknown[] = []
let refuse: { statusCode: number; message: string } | undefined
registerEndpoint('/api/live/show/votes/can', {
  method: 'PUT',
  handler: async event => {
    asked.push(await readBody(event))
    if (refuse) {
      setResponseStatus(event, refuse.statusCode)
      return { message: refuse.message, data: { faults: [] } }
    }
    return []
  },
})
const round = (more: Partial<VoteRound> = {}): VoteRound =>
  ({
    id: 'r',
    showId: 'show',
    act: 'can',
    code: 'QWERT',
    closedAt: null,
    revealedAt: null,
    votes: { crush: 3 },
    hands: { fill: 2 },
    document: { title: 'Can', outcomes: [] },
    ...more,
  }) as unknown as VoteRound
const panel = (of?: VoteRound, sealed = false) =>
  mountSuspended(VotePanel, { props: { showId: 'show', act: 'can', demonstration, sealed, ...(of && { round: of }) } })
type Panel = Awaited<ReturnType<typeof panel>>
const press = (of: Panel, name: string) =>
  of
    .findAll('button')
    .find(b => b.text() === name)!
    .trigger('click')

beforeEach(() => {
  asked.length = 0
  refuse = undefined
  localStorage.clear()
})

describe('the vote in Live', () => {
  it('opens for the age that is stated, and keeps that for the next one', async () => {
    const vote = await panel()
    await vote.get('input').setValue('14')
    await press(vote, 'Open the vote')
    await until(() => expect(vote.emitted('changed')).toHaveLength(1))
    expect(asked).toEqual([{ do: 'open', age: 14 }])
    expect(localStorage.getItem('hush-class-age')).toBe('14')
  })
  it.each(['4', '19', 'twelve', '', '7.5'])('does not open for "%s", and says what is accepted', async typed => {
    const vote = await panel()
    await vote.get('input').setValue(typed)
    await press(vote, 'Open the vote')
    expect(vote.get('[role=alert]').text()).toBe(
      `Age of the class: given "${typed}"; accepted: a whole number from 5 to 18`,
    )
    expect(vote.get('input').element.value).toBe(typed)
    expect(asked).toEqual([])
  })
  it('is closed, then revealed, one after the other', async () => {
    const open = await panel(round())
    expect(open.text()).toContain('5 so far, open')
    expect(open.text()).not.toContain('Reveal')
    await press(open, 'Close the vote')
    const closed = await panel(round({ closedAt: '2026-12-04T18:10:00Z' }))
    expect(closed.text()).not.toContain('Close the vote')
    await press(closed, 'Reveal')
    await until(() => expect(asked).toEqual([{ do: 'close' }, { do: 'reveal' }]))
    // After the seal nothing is opened again.
    const sealed = await panel(round({ closedAt: '2026-12-04T18:10:00Z' }), true)
    expect(sealed.text()).not.toContain('Open the vote')
  })
  it('counts phones and hands together once it is revealed', async () => {
    const told = await panel(round({ closedAt: '2026-12-04T18:10:00Z', revealedAt: '2026-12-04T18:12:00Z' }))
    const rows = told.findAll('tr').map(r => [r.get('th').text(), r.get('td').text()])
    expect(rows).toContainEqual(['crushes', '3'])
    expect(rows).toContainEqual(['fills', '2'])
    expect(rows).toHaveLength(demonstration.outcomes.length)
  })
  it('takes hands that are whole numbers, and keeps what was typed where one is not', async () => {
    const vote = await panel(round())
    const fields = vote.findAll('form input')
    await fields[0]!.setValue('12')
    await fields[1]!.setValue('a few')
    await vote.get('form').trigger('submit')
    const told = 'given "a few"; accepted: a whole number of hands'
    await until(() => expect(vote.get('[role=alert]').text()).toBe(told))
    // At the field itself, of which a reader of the screen tells it too.
    expect(fields[1]!.attributes('aria-invalid')).toBe('true')
    expect(vote.get(`[id="${fields[1]!.attributes('aria-describedby')}"]`).text()).toBe(told)
    expect(fields[0]!.attributes('aria-invalid')).toBe('false')
    expect((fields[0]!.element as HTMLInputElement).value).toBe('12')
    await fields[1]!.setValue('')
    await vote.get('form').trigger('submit')
    await until(() => expect(asked).toEqual([{ do: 'hands', hands: { [demonstration.outcomes[0]!.id]: 12 } }]))
  })
  it('says why the server refused', async () => {
    refuse = { statusCode: 409, message: 'the vote is closed' }
    const vote = await panel(round())
    await press(vote, 'Close the vote')
    await until(() => expect(vote.get('[role=alert]').text()).toContain('the vote is closed'))
    expect(vote.emitted('changed')).toBeUndefined()
  })
})
