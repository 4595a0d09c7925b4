/** Parts of a page that came drawn: woken in their order, each in a task of its own, on what stands there. */
import { flushPromises } from '@vue/test-utils'
import { renderToString } from 'vue/server-renderer'
import { createSSRApp, type App, type VNode } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { wakeAll } from '~/waking/turns'
import InTurn from './InTurn.vue'

const woken: string[] = []
let app: App | undefined
let host: HTMLElement

/** Says when it is set up in the browser, and takes longer than a turn. */
const slow = (name: string, inside: () => VNode | VNode[] | string = () => name) =>
  defineComponent({
    setup() {
      if (app) woken.push(name)
      for (const end = performance.now() + 9; app && performance.now() < end;);
      return () => h('section', { id: name }, inside())
    },
  })
const part = (...inside: (VNode | (() => VNode))[]) =>
  h(InTurn, null, { default: () => inside.map(i => (typeof i === 'function' ? i() : i)) })

/** Draws it as the server would, and takes over what is drawn. */
async function open(page: () => VNode) {
  host = document.createElement('div')
  document.body.append(host)
  host.innerHTML = await renderToString(createSSRApp({ render: page }))
  app = createSSRApp({ render: page })
  app.mount(host)
  await flushPromises()
}
/** Lets the browser have one task, and what follows of it at once. */
async function task() {
  vi.advanceTimersToNextTimer()
  await flushPromises()
}

beforeEach(() => {
  // The clock itself goes on: a turn is measured by it.
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  woken.length = 0
})
afterEach(() => {
  app?.unmount()
  app = undefined
  host.remove()
  while (vi.getTimerCount() > 0) vi.advanceTimersToNextTimer()
  vi.useRealTimers()
})

describe('parts that wake in turn', () => {
  it('wake in the order in which they stand, one a task where one is slow', async () => {
    const [first, second, third] = ['first', 'second', 'third'].map(name => slow(name))
    await open(() => h('main', [part(h(first!)), part(h(second!)), part(h(third!))]))
    expect(host.textContent).toBe('firstsecondthird')
    expect(woken).toEqual([])
    const seen: number[] = []
    for (let i = 0; i < 3; i++) {
      await task()
      seen.push(woken.length)
    }
    expect(seen).toEqual([1, 2, 3])
    expect(woken).toEqual(['first', 'second', 'third'])
  })
  it('wake together where they are quick', async () => {
    const heard: number[] = []
    const button = (n: number) => () => h('button', { onClick: () => heard.push(n) }, String(n))
    await open(() => h('main', [part(button(1)), part(button(2))]))
    await task()
    host.querySelectorAll('button').forEach(b => {
      b.click()
    })
    expect(heard).toEqual([1, 2])
  })
  it('take over what stands there', async () => {
    const count = ref(0)
    await open(() => part(() => h('button', { onClick: () => count.value++ }, `pressed ${count.value}`)))
    const button = host.querySelector('button')!
    button.click()
    expect(count.value).toBe(0)
    await task()
    button.click()
    await nextTick()
    expect(host.querySelector('button')).toBe(button)
    expect(button.textContent).toBe('pressed 1')
  })
  it('have parts that wait for turns of their own, and all of them are waited for', async () => {
    const inner = slow('inner')
    const outer = slow('outer', () => part(h(inner)))
    await open(() => part(h(outer)))
    let all = false
    void wakeAll().then(() => {
      all = true
    })
    await task()
    expect([woken, all]).toEqual([['outer'], false])
    await task()
    expect([woken, all]).toEqual([['outer', 'inner'], false])
    await task()
    expect(all).toBe(true)
    expect(host.textContent).toBe('inner')
  })
  it('show what has become of the page meanwhile', async () => {
    const error = vi.spyOn(console, 'error').mockImplementation(() => {})
    const warn = vi.spyOn(console, 'warn').mockImplementation(() => {})
    const words = ref('as it came')
    await open(() => part(() => h('p', words.value)))
    words.value = 'as it is now'
    await task()
    expect(host.textContent).toBe('as it is now')
    error.mockRestore()
    warn.mockRestore()
  })
  it('are left asleep where the page is left first', async () => {
    await open(() => part(h(slow('late'))))
    app!.unmount()
    app = undefined
    await task()
    expect(woken).toEqual([])
  })
  it('are there at once on a page that is awake', async () => {
    const shown = ref(false)
    await open(() => h('main', shown.value ? [part(h(slow('new')))] : []))
    shown.value = true
    await nextTick()
    expect(host.textContent).toBe('new')
    expect(woken).toEqual(['new'])
  })
})
