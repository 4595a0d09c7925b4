/** Parts of a page that came drawn: woken in their order, each in a task of its own, on what stands there. */
import { flushPromises } from '@vue/test-utils'
import { renderToString } from 'vue/server-renderer'
import { createSSRApp, onMounted, Suspense, type App, type VNode } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import InTurn from './InTurn.vue'

// A turn that the test gives: after this timer.
vi.mock('~/waking/next-turn', () => ({ nextTurn: () => new Promise<void>(resolve => setTimeout(resolve)) }))

const woken: string[] = []
let app: App | undefined
let host: HTMLElement

/** Says when it is set up in the browser. */
const telling = (name: string, inside: () => VNode | VNode[] | string = () => name) =>
  defineComponent({
    setup() {
      if (app) woken.push(name)
      return () => h('section', { id: name }, inside())
    },
  })
const part = (...inside: (VNode | (() => VNode))[]) =>
  h(InTurn, null, { default: () => inside.map(i => (typeof i === 'function' ? i() : i)) })

/** Draws it as the server would, and takes over what is drawn. */
async function open(page: () => VNode, mounted = () => {}) {
  host = document.createElement('div')
  document.body.append(host)
  const Page = defineComponent(() => {
    onMounted(mounted)
    return page
  })
  const root = { render: () => h(Suspense, null, { default: () => h(Page) }) }
  host.innerHTML = await renderToString(createSSRApp(root))
  app = createSSRApp(root)
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
  it('wake in the order in which they stand, one a task', async () => {
    const [first, second, third] = ['first', 'second', 'third'].map(name => telling(name))
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
  it('have parts that wait for turns of their own, and nothing is mounted before all had theirs', async () => {
    const inner = telling('inner')
    const outer = telling('outer', () => part(h(inner)))
    const mounted = vi.fn()
    await open(() => part(h(outer)), mounted)
    await task()
    expect([woken, mounted.mock.calls.length]).toEqual([['outer'], 0])
    await task()
    expect([woken, mounted.mock.calls.length]).toEqual([['outer', 'inner'], 1])
    expect(host.textContent).toBe('inner')
  })
  it('follow what the page changes once it is mounted: words and attributes', async () => {
    const ready = ref(false)
    const button = () => h('button', { disabled: !ready.value }, ready.value ? 'on' : 'off')
    await open(
      () => h('main', [part(button), part(button)]),
      () => {
        ready.value = true
      },
    )
    const buttons = [...host.querySelectorAll('button')]
    expect(buttons.map(b => b.disabled)).toEqual([true, true])
    await task()
    expect(buttons.map(b => b.disabled)).toEqual([true, true])
    await task()
    expect(buttons.map(b => [b.disabled, b.textContent])).toEqual([
      [false, 'on'],
      [false, 'on'],
    ])
  })
  it('are left asleep where the page is left first', async () => {
    await open(() => part(h(telling('late'))))
    app!.unmount()
    app = undefined
    await task()
    expect(woken).toEqual([])
  })
  it('are there at once on a page that is awake', async () => {
    const shown = ref(false)
    await open(() => h('main', shown.value ? [part(h(telling('new')))] : []))
    shown.value = true
    await nextTick()
    expect(host.textContent).toBe('new')
    expect(woken).toEqual(['new'])
  })
})
