/** The editor of a number in the sentence: what is in force, what is kept as typed, and how sure one is. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { findDemonstration } from '~~/core/catalogue/everything'
import type { QuantityDocument } from '~~/core'
import type { StagingEditor } from '~/composables/useStagingEditor'
import InputEditor from './InputEditor.vue'
import { until } from '~~/tests/until'

const demonstration = findDemonstration('can-plunge')!
const input = demonstration.inputs.find(i => i.id === 'waterCharge')!

/** Takes what is over 1 mL and refuses the rest, as an editor of a staging does. */
function editorOf(start?: QuantityDocument) {
  const state = { document: start as QuantityDocument | string | undefined }
  const unsettled = reactive(new Map<string, string>())
  const editor = {
    draft: ref({ inputs: {} as Record<string, QuantityDocument> }),
    unsettled,
    setInput: vi.fn((_: string, document?: QuantityDocument, back?: { document?: QuantityDocument }) => {
      const small = document !== undefined && (document.unit ?? 'mL') === 'mL' && document.value < 1
      state.document = small ? (back ? back.document : state.document) : document
      return small ? [{ input: 'waterCharge', message: 'given too little; accepted: 1 mL and more' }] : []
    }),
    takeBack: vi.fn((_: string, document?: QuantityDocument) => {
      state.document = document
    }),
    faultLines: (faults: { message: string }[]) => faults.map(f => f.message),
    forget: vi.fn(),
  }
  return { state, editor }
}
const mounted: { unmount(): void }[] = []
async function opened(start?: QuantityDocument) {
  const { state, editor } = editorOf(start)
  const shown = await mountSuspended(InputEditor, {
    props: {
      input,
      value: 15e-6,
      document: start,
      outcomes: demonstration.outcomes,
      subject: demonstration.subject,
      editor: editor as unknown as StagingEditor,
    },
    attachTo: document.body,
  })
  mounted.push(shown)
  await until(() => expect(document.querySelector('[role=group] input')).not.toBeNull())
  const field = (label: RegExp) => {
    const found = [...document.querySelectorAll<HTMLInputElement>('[role=group] input')].find(i =>
      label.test(i.labels?.[0]?.textContent || i.getAttribute('aria-label') || ''),
    )
    return found!
  }
  const type = async (label: RegExp, text: string, event = 'input') => {
    const box = field(label)
    box.value = text
    box.dispatchEvent(new Event('input', { bubbles: true }))
    if (event !== 'input') box.dispatchEvent(new Event(event, { bubbles: true }))
    await nextTick()
  }
  const alerts = () => [...document.querySelectorAll('[role=alert]')].map(e => e.textContent!.trim())
  return { shown, state, editor, field, type, alerts }
}
beforeEach(() => {
  useUnitsStore().system = 'si'
})
afterEach(() => {
  for (const m of mounted.splice(0)) m.unmount()
  document.body.innerHTML = ''
})
const VALUE = /with any unit/

describe('the editor of a number', () => {
  it('asks for its strip, and once more as something else is changed, but not as its own number is', async () => {
    const { shown, editor } = await opened()
    expect(shown.emitted('strip')).toHaveLength(1)
    editor.draft.value = { inputs: { waterCharge: { value: 20, unit: 'mL' } } }
    await nextTick()
    expect(shown.emitted('strip')).toHaveLength(1)
    editor.draft.value = { inputs: { purgeTime: { value: 20, unit: 's' } } }
    await nextTick()
    expect(shown.emitted('strip')).toHaveLength(2)
  })
  it('puts in force what can be read, in the unit that was typed', async () => {
    const { state, type, alerts } = await opened()
    await type(VALUE, '20')
    expect(state.document).toEqual({ value: 20, unit: 'mL' })
    await type(VALUE, '½ cup')
    expect(state.document).toMatchObject({ value: 0.5, unit: 'cup' })
    expect(alerts()).toEqual([])
  })
  it('leaves what was in force before the typing began where half of it is refused', async () => {
    const start = { value: 15, unit: 'mL' }
    const { state, type, field, alerts, editor } = await opened(start)
    await type(VALUE, '0')
    expect(state.document).toEqual(start)
    await type(VALUE, '0.')
    expect(state.document).toEqual(start)
    expect(field(VALUE).value).toBe('0.')
    expect(alerts().join()).toMatch(/accepted|not/)
    // It is told beside Save too, with what was typed.
    expect([...editor.unsettled.values()].join()).toContain('“0.”')
  })
  it('goes back to the number before with its own button', async () => {
    const start = { value: 15, unit: 'mL' }
    const { type, editor } = await opened(start)
    await type(VALUE, 'much')
    const keep = [...document.querySelectorAll('button')].find(b => /^Keep/.test(b.textContent!.trim()))!
    keep.click()
    await nextTick()
    expect(editor.takeBack).toHaveBeenLastCalledWith('waterCharge', start)
    expect(editor.unsettled.size).toBe(0)
  })
  it('takes how sure one is as a share, as an amount, and as exact; another text is no spread', async () => {
    const { state, type, alerts } = await opened({ value: 15, unit: 'mL' })
    await type(/How sure/, '± 20 %', 'change')
    expect(state.document).toEqual({ value: 15, unit: 'mL', spread: 0.2 })
    await type(/How sure/, '1 mL', 'change')
    expect(state.document).toMatchObject({ spread: { value: 1, unit: 'mL' } })
    await type(/How sure/, 'exact', 'change')
    expect(state.document).toMatchObject({ spread: 0 })
    await type(/How sure/, 'rather', 'change')
    expect(alerts().join()).toContain('"rather" is not a spread')
  })
  it('slides over the usual range in steps that are round', async () => {
    const { state, field } = await opened()
    const slider = field(/slider/)
    expect(Number(slider.step)).toBeGreaterThan(0)
    expect(String(Number(slider.step))).toMatch(/^0*\.?0*[125]0*$|^[125]0*$/)
    slider.value = slider.max
    slider.dispatchEvent(new Event('input', { bubbles: true }))
    await nextTick()
    expect((state.document as QuantityDocument).value).toBeGreaterThan(15)
  })
})
