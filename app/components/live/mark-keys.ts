import type { MarkKind } from '~~/core'

/** One key is one mark. */
export const MARK_KEYS: Readonly<Record<string, MarkKind>> = {
  h: 'heat-on',
  p: 'plume',
  l: 'lifted',
  s: 'sealed',
  g: 'gone',
  n: 'nothing',
}

/** What sealing is called: a vessel is sealed, a jar under a pump or a cup on a wall goes. */
export const SEALED_WORDS = ['Sealed', 'Go'] as const

/** Keys of Live beside those of the marks. */
export const OTHER_KEYS: readonly (readonly [key: string, what: string])[] = [
  ['Enter', 'what the big button says'],
  ['z', 'take the last mark back'],
  ['[ ]', 'the act before, the next'],
  ['1 to 4', 'choose the outcome'],
  ['v', 'vote'],
  ['r', 'readings'],
  ['m', 'sound'],
  ['e', 'listen with the microphone'],
]

/** What the marks are called. @param sealed what sealing is called: a jar is not sealed, it goes */
export const markNames = (sealed: string): Readonly<Record<MarkKind, string>> => ({
  'heat-on': 'Heat on',
  'plume': 'Plume',
  'lifted': 'Off the heat',
  'sealed': sealed,
  'gone': 'Gone',
  'nothing': 'Nothing',
})
