import { defineStore } from 'pinia'
import {
  asQuantity,
  formatNumber,
  isCustomary,
  isCustomaryRegion,
  tell,
  tellQuantity,
  unitToShow,
  type QuantityKind,
  type Reader,
  type Sentence,
  type UnitSystem,
} from '~~/core'
import { whenAwake } from '~/waking/turns'
import { KEPT_IN_COOKIE } from '~/storage/kept-in-cookie'
import { LANGUAGES, isTranslated, loadedWords, type Language, type Words } from '~/locales'

/** A day and a time of day as it is on the wall, wherever one reads it. */
const ON_THE_WALL = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d)?$/

/** To make one takes as long as to write dozens of dates with it. */
const formats = new Map<string, Intl.DateTimeFormat>()
const MOST_FORMATS = 100
function dateFormat(locale: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = locale + JSON.stringify(options)
  let format = formats.get(key)
  if (!format) {
    // Readers of the server write in any number of languages and zones.
    if (formats.size === MOST_FORMATS) formats.clear()
    format = new Intl.DateTimeFormat(locale, options)
    formats.set(key, format)
  }
  return format
}

/** Whoever reads: units and language, kept on the device, and the marks of numbers and dates that go with them. */
export const useUnitsStore = defineStore('units', () => {
  const { languages, zone } = useWhereRead()
  const chosenLanguage = useCookie<string | undefined>('hush-language', KEPT_IN_COOKIE)
  const chosenUnits = useCookie<string | undefined>('hush-units', KEPT_IN_COOKIE)
  const language = computed<Language>({
    get: () => (chosenLanguage.value && chosenLanguage.value in LANGUAGES ? (chosenLanguage.value as Language) : 'en'),
    set: to => {
      chosenLanguage.value = to
    },
  })
  // Where an earlier version kept them.
  whenAwake(() => {
    chosenLanguage.value ??= localStorage.getItem('hush-language') ?? undefined
    chosenUnits.value ??= localStorage.getItem('hush-units') ?? undefined
  })
  /** of what is shown, where it is not English; by its English */
  const words = computed<Words>(() => loadedWords[language.value] ?? {})
  /** for the marks in numbers and dates: the browser's, unless another language than its own was chosen */
  const locale = computed(() =>
    language.value === 'en'
      ? (languages.value[0] ?? 'en-GB')
      : (languages.value.find(l => l.startsWith(language.value)) ?? language.value),
  )
  const system = computed<UnitSystem>({
    get: () =>
      chosenUnits.value === 'si' || chosenUnits.value === 'us'
        ? chosenUnits.value
        : isCustomaryRegion(locale.value)
          ? 'us'
          : 'si',
    set: to => {
      chosenUnits.value = to
    },
  })
  /** demonstration that a page is about: without a translation all of its texts stay English, rather than half */
  const subject = ref<string>()
  const readerOf = (demonstration?: string): Reader => ({
    units: system.value,
    locale: locale.value,
    space: '\u00a0',
    ...(isTranslated(language.value, demonstration) && { translate: (key: string) => words.value[key] }),
  })
  const reader = computed(() => readerOf(subject.value))

  /**
   * Unit to show: the one a person typed where it belongs to the chosen system, otherwise that system's own for so
   * much.
   * @param si value, where there is one
   */
  function shown(units: readonly [string, string], typed?: string, si?: number, kind?: QuantityKind): string {
    const own = units[system.value === 'si' ? 0 : 1]
    if (typed) {
      const customary = isCustomary(typed)
      if (customary === undefined || customary === (system.value === 'us')) return typed
    }
    return si === undefined || kind === undefined ? own : unitToShow(si, kind, system.value, own)
  }

  /** "15 mL", held together on one line. */
  const format = (si: number, units: readonly [string, string], kind: QuantityKind, digits = 3): string =>
    tellQuantity(asQuantity(si, kind, { digits, units }), reader.value)

  /** A sentence as whoever reads wants it. */
  const told = (sentence: Sentence): string => tell(sentence, reader.value)

  /** A bare number. */
  const number = (value: number, digits = 3): string => formatNumber(value, digits, { locale: locale.value })

  const minutes = (seconds: number): string =>
    `${Math.floor(seconds / 60)} min` + (seconds % 60 > 0 ? ` ${seconds % 60} s` : '')

  /** A time as on a clock: "4 min 20 s". @param s seconds */
  const clock = (s: number): string =>
    s < 0.1
      ? `${number(s * 1000, 2)} ms`
      : s < 100
        ? `${number(s, 2)} s`
        : s < 7200
          ? minutes(Math.round(s))
          : `${number(s / 3600, 2)} h`

  /** A day or a time of day, in the browser's own order. */
  const date = (when: string | number | Date, options: Intl.DateTimeFormatOptions): string => {
    const onTheWall = typeof when === 'string' && ON_THE_WALL.test(when)
    const timeZone = onTheWall ? 'UTC' : zone.value
    const format = dateFormat(locale.value, { ...options, ...(timeZone && { timeZone }) })
    return format.format(new Date(onTheWall ? `${when}Z` : when))
  }

  return { system, language, words, locale, subject, readerOf, reader, shown, format, told, number, clock, date }
})
