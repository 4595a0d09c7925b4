import { shallowReactive } from 'vue'
import type { Language } from './translated'

export { LANGUAGES, TRANSLATED, isTranslated, type Language } from './translated'

/** English to another language; `{n}`, `{0}` stand for what is put in, `|` parts singular from plural. */
export type Words = Readonly<Record<string, string>>

/** What has been fetched of them. */
export const loadedWords = shallowReactive<Partial<Record<Language, Words>>>({})

/** Fetched when it is chosen. */
export async function loadWords(language: Exclude<Language, 'en'>): Promise<Words> {
  const [words, demonstrations] = await Promise.all([
    import(`./${language}/interface.json`),
    import(`./${language}/can-plunge.json`),
  ])
  return (loadedWords[language] ??= { ...words.default, ...demonstrations.default })
}
