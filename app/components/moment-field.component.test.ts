import { mountSuspended } from '@nuxt/test-utils/runtime'
import { describe, expect, it } from 'vitest'
import MomentField from './MomentField.vue'
import { until } from '~~/tests/until'

const mount = (value: string) =>
  mountSuspended(MomentField, { props: { value, label: 'Begins' }, attachTo: document.body })
const part = (field: Awaited<ReturnType<typeof mount>>, name: string) => field.find(`[data-segment="${name}"]`)
async function open(value: string) {
  const field = await mount(value)
  await until(() => expect(part(field, 'day').exists()).toBe(true))
  return field
}

describe('a day and a time of day', () => {
  it('are written as the reader’s language has them, each part a place of its own', async () => {
    const field = await open('2027-03-01T18:30')
    // English of the United States: the month first.
    expect(field.text().replace(/\s+/g, ' ')).toMatch(/^3 ?\/ ?1 ?\/ ?2027.*6 ?: ?30 ?PM/)
    expect(part(field, 'day').attributes('role')).toBe('spinbutton')
    expect(field.find('[role=group]').attributes('aria-label')).toBe('Begins')
    field.unmount()
  })
  it('are a button that says them until one reaches for it, and then in their first part', async () => {
    const app = useNuxtApp()
    app.isHydrating = true
    const field = await mount('2027-03-01T18:30')
    app.isHydrating = false
    const button = field.get('button')
    expect(button.attributes('aria-label')!.replace(/\s+/g, ' ')).toBe('Begins: 3/1/27, 6:30 PM')
    button.element.focus()
    await until(() => expect(document.activeElement).toBe(part(field, 'month').element))
    expect(field.find('button').exists()).toBe(false)
    field.unmount()
  })
  it('are told as a whole once one leaves, and only where they changed', async () => {
    const field = await open('2027-03-01T18:30')
    await part(field, 'day').trigger('keydown', { key: 'ArrowUp' })
    await part(field, 'day').trigger('focusout', { relatedTarget: part(field, 'minute').element })
    expect(field.emitted('commit')).toBeUndefined()
    await part(field, 'minute').trigger('focusout', { relatedTarget: null })
    expect(field.emitted('commit')).toEqual([['2027-03-02T18:30']])
    field.unmount()
    const left = await open('2027-03-01T18:30')
    await part(left, 'day').trigger('focusout', { relatedTarget: null })
    expect(left.emitted('commit')).toBeUndefined()
    left.unmount()
  })
  it('that are half typed change nothing, and stand again as they were', async () => {
    const field = await open('2027-03-01T18:30')
    await part(field, 'month').trigger('keydown', { key: 'Backspace' })
    await part(field, 'month').trigger('focusout', { relatedTarget: null })
    expect(field.emitted('commit')).toBeUndefined()
    expect(field.text()).toContain('3')
    field.unmount()
  })
})
