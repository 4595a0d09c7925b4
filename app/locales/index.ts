import { shallowReactive } from 'vue'

/** Languages of the interface. English stands in the code itself; another one says each text anew, by its English. */
export const LANGUAGES = { en: 'English', de: 'Deutsch' } as const
export type Language = keyof typeof LANGUAGES

/** English to another language; `{n}`, `{0}` stand for what is put in, `|` parts singular from plural. */
export type Words = Readonly<Record<string, string>>

/** Demonstrations whose own texts are there in a language. */
export const TRANSLATED: Readonly<Record<Exclude<Language, 'en'>, readonly string[]>> = { de: ['can-plunge'] }

/** True where a demonstration's texts are there in a language, or none is in question. */
export const isTranslated = (language: Language, demonstration?: string): boolean =>
  language !== 'en' && (demonstration === undefined || TRANSLATED[language].includes(demonstration))

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
