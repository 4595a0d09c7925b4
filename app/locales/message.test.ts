// @vitest-environment node
import { createI18n, type MessageCompiler } from 'petite-vue-i18n'
import { describe, expect, it } from 'vitest'
import demonstration from './de/can-plunge.json'
import words from './de/interface.json'
import { message } from './message'

const saying = (messageCompiler?: MessageCompiler) =>
  createI18n({
    legacy: false,
    locale: 'en',
    fallbackFormat: true,
    missingWarn: false,
    fallbackWarn: false,
    messages: { en: {} },
    messageResolver: (all, key) => (all as Record<string, string>)[key] ?? null,
    ...(messageCompiler && { messageCompiler }),
  }).global.t
const [ours, theirs] = [saying(message), saying()]

describe('a text of the interface', () => {
  it('is said as the package’s own compiler says it, English and German, for none, one and several', () => {
    const texts = Object.entries({ ...words, ...demonstration }).flat()
    expect(texts.length).toBeGreaterThan(1000)
    const named = Object.fromEntries(
      texts.flatMap(t => [...t.matchAll(/\{([a-z]\w*)\}/gi)].map(([, n]) => [n, `<${n}>`])),
    )
    for (const text of texts) {
      if (/\{\d/.test(text)) expect(ours(text, ['a', 'b', 'c', 'd', 'e'])).toBe(theirs(text, ['a', 'b', 'c', 'd', 'e']))
      else expect(ours(text, named)).toBe(theirs(text, named))
      for (const n of text.includes('|') ? [0, 1, 2, 7] : []) expect(ours(text, n)).toBe(theirs(text, n))
    }
  })
})
