/** The head of every page: places by link and by key, units by one touch, all of it on a phone too. */
import { mountSuspended, registerEndpoint } from '@nuxt/test-utils/runtime'
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import AppHeader from './AppHeader.vue'
import PhoneMenu from './PhoneMenu.vue'
import ReaderSwitches from './ReaderSwitches.vue'
import { PLACES } from './places'

for (const path of ['/api/catalogue', '/api/stagings', '/api/running-orders', '/api/shelf'])
  registerEndpoint(path, () => [])
const press = (key: string, target: EventTarget = document.body) => {
  target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
  return flushPromises()
}
const at = () => useRoute().path

beforeEach(() => {
  useUnitsStore().system = 'si'
  useUnitsStore().language = 'en'
})
/** The words of all that is drawn follow the language a moment later: other tests read English. */
afterEach(async () => {
  useUnitsStore().language = 'en'
  await expect.poll(spoken).toBe('en')
})
const spoken = (): string => useNuxtApp().vueApp.config.globalProperties.$i18n.locale

describe('the head of a page', () => {
  it('has every place, in the order of the work, each with its question', async () => {
    const head = await mountSuspended(AppHeader, { route: '/backup' })
    const links = head.get('nav').findAll('a')
    expect(links.map(l => l.attributes('href'))).toEqual(PLACES.map(p => p.to))
    expect(links.map(l => l.attributes('title'))).toEqual(PLACES.map(p => p.question))
    head.unmount()
  })
  it.each(PLACES.map(p => [p.key, p.to]))('key %s goes to %s, and the link says where one is', async (key, to) => {
    const head = await mountSuspended(AppHeader, { route: '/backup' })
    await press(key)
    await expect.poll(at).toBe(to)
    await expect.poll(() => head.findAll('[aria-current=page]').map(l => l.attributes('href'))).toEqual([to])
    head.unmount()
  })
  it('leaves keys alone that are typed into a field', async () => {
    const head = await mountSuspended(AppHeader, { route: '/backup' })
    const field = document.body.appendChild(document.createElement('input'))
    await press('3', field)
    await press('u', field)
    expect([at(), useUnitsStore().system]).toEqual(['/backup', 'si'])
    head.unmount()
  })
  it('changes units by the key u, there and back', async () => {
    const head = await mountSuspended(AppHeader, { route: '/backup' })
    await press('u')
    expect(useUnitsStore().system).toBe('us')
    await press('u')
    expect(useUnitsStore().system).toBe('si')
    head.unmount()
  })
  it('is a menu on a phone, which says which place it is', async () => {
    const head = await mountSuspended(AppHeader, { route: '/shelf' })
    const menu = head.get('button[aria-haspopup=dialog]')
    expect(menu.attributes('aria-label')).toBe('Places; this is Shelf')
    expect(menu.text()).toBe('Shelf')
    await menu.trigger('click')
    await expect.poll(() => document.querySelector('[role=dialog]')).not.toBeNull()
    head.unmount()
  })
})

describe('the menu of a phone', () => {
  it('has the places with their questions, our school, and the switches; going somewhere closes it', async () => {
    const menu = await mountSuspended(PhoneMenu, { props: { open: true } })
    await expect.poll(() => document.querySelector('[role=dialog] nav')).not.toBeNull()
    const shown = document.querySelector('[role=dialog]')!
    const links = [...shown.querySelectorAll('nav a')]
    expect(links.map(l => l.getAttribute('href'))).toEqual([...PLACES.map(p => p.to), '/school'])
    PLACES.forEach((p, i) => expect(links[i]!.textContent).toContain(p.question))
    expect(shown.querySelectorAll('[aria-pressed=true]')).toHaveLength(2)
    await navigateTo('/order')
    await expect.poll(() => menu.emitted('update:open')?.at(-1)).toEqual([false])
    menu.unmount()
  })
})

describe('units and language', () => {
  it('are one touch each, and say which is on', async () => {
    const switches = await mountSuspended(ReaderSwitches)
    const pressed = () => switches.findAll('[aria-pressed=true]').map(b => b.text().toLowerCase())
    expect(pressed()).toEqual(['si', 'en'])
    for (const button of switches.findAll('button')) {
      await button.trigger('click')
      expect(pressed()).toContain(button.text().toLowerCase())
      expect(pressed()).toHaveLength(2)
    }
    expect([useUnitsStore().system, useUnitsStore().language]).toEqual(['us', 'de'])
    // There and back before the words of the other language have come.
    for (const language of ['en', 'de', 'en'] as const) {
      useUnitsStore().language = language
      await nextTick()
    }
    await new Promise(resolve => setTimeout(resolve, 50))
    expect(spoken()).toBe('en')
    switches.unmount()
  })
})
