/** A vessel that is over, on a balance: what is offered for the run. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { describe, expect, it } from 'vitest'
import '~~/core/catalogue/everything'
import { readStaging } from '~~/core'
import WeighedAfterwards from './WeighedAfterwards.vue'

async function weighed(demonstration: string, masses: Record<string, string>) {
  useUnitsStore().system = 'si'
  const read = readStaging({ demonstration, title: 'x', inputs: { vesselVolume: { value: 330, unit: 'mL' } } })
  const shown = await mountSuspended(WeighedAfterwards, { props: { read } })
  for (const [label, text] of Object.entries(masses)) {
    const field = shown.findAll('label').find(l => l.text().startsWith(label))!
    const input = shown.find(`#${CSS.escape(field.attributes('for')!)}`)
    await input.setValue(text)
    await input.trigger('blur')
  }
  return shown
}

describe('weighing afterwards', () => {
  it('offers the water that came in and the volume that is gone, each with its spread', async () => {
    const shown = await weighed('can-plunge', { 'Emptied': '14 g', 'With what came in': '260 g', 'Brim-full': '100 g' })
    for (const button of shown.findAll('button').filter(b => b.text() === 'Use it')) await button.trigger('click')
    const used = Object.fromEntries(shown.emitted<[string, { value: number; unit: string; spread: object }]>('use')!)
    // 246 g less what was left of the charge; a can of 330 mL that holds 86 g (water of 1 g/mL).
    expect(used.waterDrawnIn!.value).toBeGreaterThan(225)
    expect(used.waterDrawnIn!.value).toBeLessThan(247)
    expect(used.volumeLost!.value).toBeCloseTo(100 * (1 - 86 / 330), 0)
    expect(used.volumeLost!.spread).toMatchObject({ unit: '%' })
  })
  it('says what cannot be, and asks for nothing that a demonstration does not have', async () => {
    const shown = await weighed('can-plunge', { 'Emptied': '14 g', 'Brim-full': '700 g' })
    expect(shown.find('[role=alert]').text()).toMatch(/times what the sound vessel holds/)
    const bottle = await weighed('bottle-fill', {})
    expect(bottle.text()).toContain('With what came in')
    expect(bottle.text()).not.toContain('Brim-full')
  })
})
