/** A part that is made once it is asked, and stays as it was left on this device. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import AskedPart from './AskedPart.vue'

beforeEach(() => localStorage.removeItem('hush-asked-parts'))
afterEach(() => void vi.useRealTimers())

const part = (more: { id?: string; anew?: boolean } = {}) =>
  mountSuspended(AskedPart, {
    props: { id: 'sizes', title: 'How big is that?', ...more },
    slots: { default: () => 'a table' },
  })
const left = () => JSON.parse(localStorage.getItem('hush-asked-parts') ?? '[]') as string[]

describe('a part that answers a question', () => {
  it('is a heading that says whether it is open, and makes its answer only then', async () => {
    const shown = await part()
    expect(shown.attributes('aria-labelledby')).toBe(shown.get('h2').attributes('id'))
    const question = shown.get('h2 button')
    expect(question.text()).toBe('How big is that?')
    expect([question.attributes('aria-expanded'), shown.text()]).toEqual(['false', 'How big is that?'])
    await question.trigger('click')
    expect(question.attributes('aria-expanded')).toBe('true')
    expect(shown.text()).toContain('a table')
    expect(shown.emitted('asked')).toEqual([[true]])
    await question.trigger('click')
    expect([question.attributes('aria-expanded'), shown.text()]).toEqual(['false', 'How big is that?'])
  })
  it('stays as it was left on this device, each for itself', async () => {
    await (await part()).get('h2 button').trigger('click')
    expect(left()).toEqual(['sizes'])
    const again = await part()
    await expect.poll(() => again.text()).toContain('a table')
    expect((await part({ id: 'numbers' })).text()).not.toContain('a table')
  })
  it('that has just opened by itself is not closed by who saw it closed, and is by who saw it open', async () => {
    await (await part()).get('h2 button').trigger('click')
    vi.useFakeTimers({ toFake: ['performance'] })
    const again = await part()
    await again.get('h2 button').trigger('click')
    expect([again.text().includes('a table'), left()]).toEqual([true, ['sizes']])
    vi.advanceTimersByTime(1100)
    await again.get('h2 button').trigger('click')
    expect([again.text().includes('a table'), left()]).toEqual([false, []])
  })
  it('that costs much is asked anew each time', async () => {
    const shown = await part({ anew: true })
    await shown.get('h2 button').trigger('click')
    expect(shown.text()).toContain('a table')
    expect(left()).toEqual([])
    expect((await part({ anew: true })).text()).not.toContain('a table')
  })
})
