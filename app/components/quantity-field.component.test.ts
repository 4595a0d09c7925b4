/** A field for a quantity: any unit, nothing half typed in force, and what is wrong beside it. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { describe, expect, it } from 'vitest'
import QuantityField from './QuantityField.vue'

const field = (more: Record<string, unknown> = {}) =>
  mountSuspended(QuantityField, { props: { label: 'Diameter', kind: 'length', unit: 'cm', ...more } })
const typed = async (of: Awaited<ReturnType<typeof field>>, text: string) => {
  await of.get('input').trigger('focus')
  await of.get('input').setValue(text)
}
const last = (of: Awaited<ReturnType<typeof field>>) => (of.emitted('update:modelValue') as unknown[][]).at(-1)![0]

describe('a field for a quantity', () => {
  it.each([
    ['6.6', { value: 6.6, unit: 'cm' }],
    ['66 mm', { value: 66, unit: 'mm' }],
    ['2 ½ in', { value: 2.5, unit: 'in' }],
  ])('takes "%s"', async (text, document) => {
    const shown = await field()
    await typed(shown, text)
    expect(last(shown)).toEqual(document)
    expect(shown.find('[role=alert]').exists()).toBe(false)
  })
  it('leaves in force what was there while something wrong is typed, and keeps that to be put right', async () => {
    const shown = await field({ modelValue: { value: 6.6, unit: 'cm' } })
    await typed(shown, '6.6 kg')
    expect(shown.emitted('update:modelValue') ?? []).toEqual([])
    expect(shown.get('input').element.value).toBe('6.6 kg')
    expect(shown.get('[role=alert]').text()).toMatch(/^Diameter: .*kg/)
    expect(shown.get('input').attributes('aria-invalid')).toBe('true')
    expect(shown.get('input').attributes('aria-describedby')).toBe(shown.get('[role=alert]').attributes('id'))
  })
  it('says nothing any more once it is gone, as where another shape has no such size', async () => {
    const said: string[] = []
    const shown = await field({ onProblem: (problem: string) => said.push(problem) })
    await typed(shown, '6.6 kg')
    expect(said.at(-1)).toMatch(/kg/)
    shown.unmount()
    expect(said.at(-1)).toBe('')
  })
  it('keeps how sure one is of it when the number is changed', async () => {
    const shown = await field({ modelValue: { value: 6.6, unit: 'cm', spread: 0.02 } })
    await typed(shown, '6.7')
    expect(last(shown)).toEqual({ value: 6.7, unit: 'cm', spread: 0.02 })
  })
  it('is missing where it must be there, and may be empty where it need not', async () => {
    const must = await field({ required: true, modelValue: { value: 1, unit: 'cm' } })
    await typed(must, ' ')
    expect(must.get('[role=alert]').text()).toBe('Diameter: is missing')
    const may = await field({ modelValue: { value: 1, unit: 'cm' } })
    await typed(may, '')
    expect(last(may)).toBeUndefined()
    expect(may.find('[role=alert]').exists()).toBe(false)
  })
  it('shows the server’s own fault at the field', async () => {
    const shown = await field({ fault: 'given 9 m; accepted: 2 to 800 cm' })
    expect(shown.get('[role=alert]').text()).toBe('Diameter: given 9 m; accepted: 2 to 800 cm')
  })
})
