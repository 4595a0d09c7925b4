/** Notes for the class: by age, of what did happen, with what a good answer says. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS, findDemonstration } from '~~/core/catalogue/everything'
import { resolve, tell, type Sentence, type Values } from '~~/core'
import TeachingNotes from './TeachingNotes.vue'

const notes = async (id: string, values?: Values) => {
  const demonstration = findDemonstration(id)!
  const staged = values ?? resolve(demonstration, { numbers: {}, choices: {} }).values
  const simulation = demonstration.simulate(staged, 'trace')
  const shown = await mountSuspended(TeachingNotes, { props: { demonstration, values: staged, simulation } })
  for (const button of shown.findAll('button')) await button.trigger('click')
  return { shown, simulation }
}

describe('notes for the class', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))(
    'of %s: ages, wrong ideas, questions with answers',
    async (id, d) => {
      const { shown } = await notes(id)
      const text = shown.text()
      const told = (sentence: Sentence) => tell(sentence, useUnitsStore().readerOf(id))
      const oneLine = (words: string) => words.replace(/\s+/g, ' ')
      expect(text).toMatch(/Age \d+ to 11.*Age 11 to 14.*Age 14 to 16.*Age 16 and over/s)
      expect(shown.findAll('q')).toHaveLength(d.teaching.wrongIdeas.length)
      const asked = shown.findAll('dt').map(e => e.text())
      for (const { ask, answer } of d.teaching.before) {
        expect(asked).toContain(told(ask))
        expect(oneLine(text)).toContain(oneLine(told(answer)))
      }
      expect(text).not.toMatch(/undefined|NaN|\[object/)
    },
  )
  it('ask about an end only where it came to it', async () => {
    const can = findDemonstration('can-plunge')!
    const { values } = resolve(can, { numbers: { bathTemperature: 358, iceMass: 0 }, choices: {} })
    const { shown, simulation } = await notes('can-plunge', values)
    expect(simulation.outcome).toBe('fill')
    expect(shown.text()).toContain('Why did the can fill and keep its shape?')
    expect(shown.text()).not.toContain('Why was it so fast?')
  })
})
