import { defineStore } from 'pinia'
import { useLocalStorage, usePreferredLanguages } from '@vueuse/core'
import {
  asQuantity,
  formatNumber,
  isCustomary,
  tell,
  tellQuantity,
  unitToShow,
  type QuantityKind,
  type Reader,
  type Sentence,
  type UnitSystem,
} from '~~/core'

/** Where customary units are what people measure with. */
const CUSTOMARY_REGIONS = new Set(['US', 'LR', 'MM'])

const regionOf = (language: string): string | undefined => {
  try {
    return new Intl.Locale(language).region
  } catch {
    return undefined
  }
}

/** Whoever reads: unit system, kept on the device, and the browser's language for the marks in numbers and dates. */
export const useUnitsStore = defineStore('units', () => {
  const languages = usePreferredLanguages()
  const locale = computed(() => languages.value[0] ?? 'en-GB')
  const system = useLocalStorage<UnitSystem>(
    'hush-units',
    CUSTOMARY_REGIONS.has(regionOf(locale.value) ?? '') ? 'us' : 'si',
  )
  const reader = computed<Reader>(() => ({ units: system.value, locale: locale.value, space: '\u00a0' }))

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

  /** A time as on a clock: "4 min 20 s". @param s seconds */
  const clock = (s: number): string =>
    s < 0.1
      ? `${number(s * 1000, 2)} ms`
      : s < 100
        ? `${number(s, 2)} s`
        : s < 7200
          ? `${Math.floor(s / 60)} min ${Math.round(s % 60)} s`
          : `${number(s / 3600, 2)} h`

  /** A day or a time of day, in the browser's own order. */
  const date = (when: string | number | Date, options: Intl.DateTimeFormatOptions): string =>
    new Intl.DateTimeFormat(locale.value, options).format(new Date(when))

  return { system, locale, reader, shown, format, told, number, clock, date }
})
