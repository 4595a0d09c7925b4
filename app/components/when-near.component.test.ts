/** A part below what is seen first: as it came until it is near, then drawn anew on the spot. */
import { flushPromises } from '@vue/test-utils'
import { createSSRApp, defineComponent, h, Suspense, type App, type Ref } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import WhenNear from './WhenNear.vue'
import { until } from '~~/tests/until'

/** Tells every place that is watched that it is in sight. */
const inSight: (() => void)[] = []
const fetched = vi.fn()
const pressed = vi.fn()
let app: App | undefined
let host: HTMLElement

/** Draws it as the server would, with one number, and takes over what is drawn, with another. */
async function open(...fails: boolean[]) {
  const number = ref(1)
  const Part = defineComponent({
    props: { said: { type: String, required: true } },
    setup({ said }) {
      const [left, never] = [ref(false), ref(false)]
      // As it was left on this device.
      onMounted(() => (left.value = true))
      const turn = (of: Ref<boolean>) => ({ 'aria-expanded': of.value, 'onClick': () => (of.value = !of.value) })
      return () =>
        h('section', [
          h('p', `${said} ${number.value}`),
          h('button', { onClick: pressed }, 'Press'),
          h('button', 'Other'),
          h('button', turn(left), 'Left open'),
          h('button', turn(never), 'Never asked'),
        ])
    },
  })
  const of = async () => {
    fetched()
    if (fails.shift()) throw new Error('not there')
    return { default: Part }
  }
  const root = {
    render: () =>
      h(Suspense, null, {
        default: () => h('main', [h(WhenNear, { of, file: 'part.vue', said: 'number' }), h('input')]),
      }),
  }
  host = document.createElement('div')
  document.body.append(host)
  const closed = ['Left open', 'Never asked'].map(name => `<button aria-expanded="false">${name}</button>`).join('')
  const came = `<section><p>number 1</p><button>Press</button><button>Other</button>${closed}</section>`
  host.innerHTML = `<main><div>${came}</div><input></main>`
  number.value = 2
  app = createSSRApp(root)
  app.mount(host)
  await flushPromises()
  return number
}
const told = () => host.querySelector('p')!.textContent
const button = (name: string) => [...host.querySelectorAll('button')].find(b => b.textContent === name)!

beforeEach(() => {
  fetched.mockClear()
  pressed.mockClear()
  inSight.length = 0
  vi.stubGlobal(
    'IntersectionObserver',
    class {
      constructor(tell: (seen: { isIntersecting: boolean }[]) => void) {
        inSight.push(() => tell([{ isIntersecting: true }]))
      }
      observe() {}
      disconnect() {}
    },
  )
})
afterEach(() => {
  app?.unmount()
  app = undefined
  host.remove()
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

it('stands as it came, and nothing of it is fetched', async () => {
  const number = await open()
  number.value = 3
  await flushPromises()
  expect([told(), fetched.mock.calls.length]).toEqual(['number 1', 0])
})
it('is drawn as things are by then once it is near, and follows from then on', async () => {
  const number = await open()
  inSight.forEach(tell => tell())
  await flushPromises()
  expect([told(), host.querySelectorAll('section').length]).toEqual(['number 2', 1])
  number.value = 3
  await flushPromises()
  expect(told()).toBe('number 3')
})
it.each(['keydown', 'pointerdown', 'input'])('is drawn after %s anywhere on the page', async event => {
  await open()
  host.querySelector('input')!.dispatchEvent(new Event(event, { bubbles: true }))
  await until(() => expect(told()).toBe('number 2'))
})
it('does what was pressed in it once it is there, once', async () => {
  await open()
  button('Press').click()
  await flushPromises()
  expect([told(), pressed.mock.calls.length]).toEqual(['number 2', 1])
  button('Press').click()
  expect(pressed).toHaveBeenCalledTimes(2)
})
it.each(['Left open', 'Never asked'])('opens what was pressed in it: “%s”', async name => {
  await open()
  expect(button(name).getAttribute('aria-expanded')).toBe('false')
  button(name).click()
  await flushPromises()
  expect([told(), button(name).getAttribute('aria-expanded')]).toEqual(['number 2', 'true'])
})
it('is not taken away while something in it is being pressed', async () => {
  await open()
  const other = button('Other')
  other.dispatchEvent(new Event('pointerdown', { bubbles: true }))
  inSight.forEach(tell => tell())
  await flushPromises()
  expect(button('Other')).toBe(other)
  button('Press').click()
  other.dispatchEvent(new Event('pointerup', { bubbles: true }))
  await until(() => expect(told()).toBe('number 2'))
  expect(pressed).toHaveBeenCalledTimes(1)
})
it('keeps the focus where it is', async () => {
  await open()
  button('Other').focus()
  const before = document.activeElement
  await flushPromises()
  expect(document.activeElement).toBe(button('Other'))
  expect(before).not.toBe(document.activeElement)
})
it('asks again for what did not come', async () => {
  await open(true)
  inSight.forEach(tell => tell())
  await flushPromises()
  expect([told(), fetched.mock.calls.length]).toEqual(['number 1', 1])
  button('Press').click()
  await flushPromises()
  expect([told(), fetched.mock.calls.length, pressed.mock.calls.length]).toEqual(['number 2', 2, 1])
})

/** A part that is in the page's own scripts, so far from the top of the screen, px. */
async function openOwn(top: number) {
  vi.spyOn(Element.prototype, 'getBoundingClientRect').mockReturnValue(new DOMRect(0, top, 0, 0))
  const number = ref(1)
  const stale = ref(false)
  const inside = () => h('button', { onClick: pressed }, `number ${number.value}`)
  const step = () => h(WhenNear, { as: 'li', class: 'step', stale: stale.value }, { default: inside })
  host = document.createElement('div')
  document.body.append(host)
  host.innerHTML = '<ol><li class="step"><button>number 1</button></li></ol>'
  const came = host.querySelector('button')!
  app = createSSRApp({ render: () => h(Suspense, null, { default: () => h('ol', [step()]) }) })
  app.mount(host)
  await flushPromises()
  await until(() => expect(host.querySelectorAll('li.step')).toHaveLength(1))
  return { number, stale, came }
}
const only = () => host.querySelector('button')!

it('is taken over where it stands in sight from the beginning', async () => {
  const { number, came } = await openOwn(100)
  number.value = 3
  await until(() => expect(only().textContent).toBe('number 3'))
  expect(only()).toBe(came)
})
it('stands as it came farther down, until what came is no longer so', async () => {
  const { number, stale, came } = await openOwn(5000)
  number.value = 3
  await flushPromises()
  expect([only(), only().textContent]).toEqual([came, 'number 1'])
  stale.value = true
  await until(() => expect(only().textContent).toBe('number 3'))
})
it('puts the focus where it was, also where what stands there says something else by now', async () => {
  const { number } = await openOwn(5000)
  number.value = 3
  only().focus()
  await flushPromises()
  expect(only().textContent).toBe('number 3')
  expect(document.activeElement).toBe(only())
})
