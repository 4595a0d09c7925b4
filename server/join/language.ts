import { getRequestHeader, type H3Event } from 'h3'
import { isTranslated } from '../../app/locales/translated'
import { isCustomaryRegion, type Reader } from '../../core'
import demonstration from '../../app/locales/de/can-plunge.json'
import words from '../../app/locales/de/interface.json'

const GERMAN: Readonly<Record<string, string>> = { ...words, ...demonstration }

/** The phone's own language, where there are words for it. */
export const languageOf = (event: H3Event): 'en' | 'de' =>
  /^\s*de\b/iu.test(getRequestHeader(event, 'accept-language') ?? '') ? 'de' : 'en'

/** The language that a phone asks for first, with its region: "en-GB". */
const localeOf = (event: H3Event): string =>
  /^[a-z]{2,3}(-[A-Za-z0-9]{2,8})*/u.exec(getRequestHeader(event, 'accept-language')?.trim() ?? '')?.[0] ?? 'en'

/** Who holds the phone: units by region, marks in numbers and words by language. */
export const readerOf =
  (event: H3Event) =>
  (demonstration?: string): Reader => {
    const locale = localeOf(event)
    // Half of a text in another language is worse than none of it.
    const german = languageOf(event) === 'de' && isTranslated('de', demonstration)
    return {
      units: isCustomaryRegion(locale) ? 'us' : 'si',
      locale: german || languageOf(event) !== 'de' ? locale : 'en-GB',
      space: '\u00a0',
      ...(german && { translate: (key: string) => GERMAN[key] }),
    }
  }

/** A text in the phone's language, with `{name}` filled in; English where there is no other. */
export const say =
  (event: H3Event) =>
  (text: string, named: Readonly<Record<string, string>> = {}): string => {
    const found = languageOf(event) === 'de' ? (GERMAN[text] ?? text) : text
    return found.replace(/\{(\w+)\}/gu, (whole, name: string) => named[name] ?? whole)
  }
