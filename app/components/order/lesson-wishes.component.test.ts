/** What a lesson is asked for: ticked boxes and numbers, each change a wish of its own. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { describe, expect, it } from 'vitest'
import { EQUIPMENT, EQUIPMENT_IDS } from '~~/core'
import LessonWishes from './LessonWishes.vue'
import { FIRST_WISHES, type LessonWishes as Wishes } from './wishes'
import { whyLeftOut } from './lesson-words'

const form = (more: Partial<Wishes> = {}) =>
  mountSuspended(LessonWishes, { props: { modelValue: { ...FIRST_WISHES, ...more }, onShelf: ['can', 'heater'] } })
const last = (of: Awaited<ReturnType<typeof form>>) =>
  (of.emitted('update:modelValue') as [Wishes][] | undefined)?.at(-1)?.[0]
const press = (of: Awaited<ReturnType<typeof form>>, name: string) =>
  of
    .findAll('button')
    .find(b => b.text() === name)!
    .trigger('click')

describe('wishes for a lesson', () => {
  it('has a box for every thing there can be, ticked where it is there', async () => {
    const boxes = (await form()).findAll('[role=checkbox]')
    expect(boxes).toHaveLength(EQUIPMENT_IDS.length)
    expect(boxes.filter(b => b.attributes('aria-checked') === 'true')).toHaveLength(FIRST_WISHES.things.length)
  })
  it('ticks one thing more, or one less, and leaves the rest', async () => {
    const shown = await form({ things: ['can'] })
    const box = (thing: keyof typeof EQUIPMENT) => shown.findAll('[role=checkbox]')[EQUIPMENT_IDS.indexOf(thing)]!
    await box('eggs').trigger('click')
    expect(last(shown)!.things).toEqual(['can', 'eggs'])
    await shown.setProps({ modelValue: last(shown)! })
    await box('can').trigger('click')
    expect(last(shown)!.things).toEqual(['eggs'])
    expect(last(shown)).toMatchObject({ age: FIRST_WISHES.age, minutes: FIRST_WISHES.minutes })
  })
  it('ticks what the Shelf has, nothing, or all that needs no permission', async () => {
    const shown = await form()
    await press(shown, 'What the Shelf has')
    expect([...last(shown)!.things].sort()).toEqual(['can', 'heater'])
    await press(shown, 'Nothing')
    expect(last(shown)!.things).toEqual([])
    await press(shown, 'All but fuel')
    expect(last(shown)!.things).toHaveLength(EQUIPMENT_IDS.length - 1)
    expect(last(shown)!.things).not.toContain('fuel')
  })
})

describe('why something is left out', () => {
  it('names the things that are missing as the boxes do', () => {
    expect(whyLeftOut({ id: 'x', why: 'things', missing: ['eggs', 'flame'] })).toBe(
      `needs ${EQUIPMENT.eggs}, ${EQUIPMENT.flame}`,
    )
    expect(whyLeftOut({ id: 'x', why: 'time' })).toBe('takes longer than the lesson')
  })
})
