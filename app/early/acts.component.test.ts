/** What is pressed before a page is alive is done then, once, unless it stands so already. */
import { readFileSync } from 'node:fs'
import { afterEach, expect, it } from 'vitest'

const script = readFileSync('app/early/acts.js', 'utf8')
const page = document.createElement('div')
afterEach(() => page.remove())

/** A page as it came, with one button; how often it was heard. */
function open(html: string) {
  page.innerHTML = html
  document.body.append(page)
  // oxlint-disable-next-line typescript/no-implied-eval -- as a page runs what stands in its head
  new Function(script)()
  const button = page.querySelector('button')!
  let heard = 0
  button.addEventListener('click', () => heard++)
  return { button, alive: () => window.hushAlive!(), heard: () => heard }
}

it('is held until then, and heard once', () => {
  const { button, alive, heard } = open('<button>Save</button>')
  button.click()
  expect(heard()).toBe(0)
  alive()
  expect(heard()).toBe(1)
  button.click()
  expect(heard()).toBe(2)
})
it.each(['aria-expanded', 'aria-pressed', 'aria-checked'])('is not undone where it stands so by then: %s', state => {
  const { button, alive, heard } = open(`<button ${state}="false">Question</button>`)
  button.click()
  // As it was left on this device.
  button.setAttribute(state, 'true')
  alive()
  expect(heard()).toBe(0)
  const closed = open(`<button ${state}="false">Question</button>`)
  closed.button.click()
  closed.alive()
  expect(closed.heard()).toBe(1)
})
