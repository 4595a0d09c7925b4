/** A form is sent once nothing is wrong in it; until then what is wrong first comes into sight. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import CheckedForm from './CheckedForm.vue'

async function form(faults: string[]) {
  const seen: Element[] = []
  Element.prototype.scrollIntoView = vi.fn(function (this: Element) {
    seen.push(this)
  })
  const part = await mountSuspended(CheckedForm, {
    attachTo: document.body,
    props: { state: {}, check: () => faults.map(name => ({ name, message: `${name} is missing` })) },
    slots: { default: () => faults.map(name => h('p', { role: 'alert' }, name)) },
  })
  await part.get('form').trigger('submit')
  await flushPromises()
  return { sent: part.emitted('submit') ?? [], seen: seen.map(e => e.textContent) }
}
const native = Element.prototype.scrollIntoView

afterEach(() => {
  Element.prototype.scrollIntoView = native
})

describe('a form', () => {
  it('in which nothing is wrong is sent once', async () => {
    const { sent, seen } = await form([])
    expect(sent).toHaveLength(1)
    expect(seen).toEqual([])
  })
  it('with two faults is not sent, and shows the first of them', async () => {
    const { sent, seen } = await form(['outcome', 'time'])
    expect(sent).toEqual([])
    expect(seen).toEqual(['outcome'])
  })
})
