import { getRequestHeader, type H3Event } from 'h3'
import demonstration from '../../app/locales/de/can-plunge.json'
import words from '../../app/locales/de/interface.json'

const GERMAN: Readonly<Record<string, string>> = { ...words, ...demonstration }

/** The phone's own language, where there are words for it. */
export const languageOf = (event: H3Event): 'en' | 'de' =>
  /^\s*de\b/iu.test(getRequestHeader(event, 'accept-language') ?? '') ? 'de' : 'en'

/** A text in the phone's language, with `{name}` filled in; English where there is no other. */
export const say =
  (event: H3Event) =>
  (text: string, named: Readonly<Record<string, string>> = {}): string => {
    const found = languageOf(event) === 'de' ? (GERMAN[text] ?? text) : text
    return found.replace(/\{(\w+)\}/gu, (whole, name: string) => named[name] ?? whole)
  }
