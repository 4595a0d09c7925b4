/** Languages of the interface. English stands in the code itself; another one says each text anew, by its English. */
export const LANGUAGES = { en: 'English', de: 'Deutsch' } as const
export type Language = keyof typeof LANGUAGES

/** Demonstrations whose own texts are there in a language. */
export const TRANSLATED: Readonly<Record<Exclude<Language, 'en'>, readonly string[]>> = { de: ['can-plunge'] }

/** True where a demonstration's texts are there in a language, or none is in question. */
export const isTranslated = (language: Language, demonstration?: string): boolean =>
  language !== 'en' && (demonstration === undefined || TRANSLATED[language].includes(demonstration))
