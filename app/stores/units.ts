import { defineStore } from 'pinia'
import { useLocalStorage } from '@vueuse/core'
import { formatQuantity, type QuantityKind } from '~~/core'

const US = new Set([
  'psi',
  'inHg',
  'degF',
  'floz',
  'cup',
  'tbsp',
  'tsp',
  'pt',
  'qt',
  'gal',
  'in',
  'in3',
  'ft',
  'mil',
  'oz',
  'lb',
  'BTU/h',
  'hp',
  'lbf',
  'ft/s',
  'mph',
  'BTU',
])
const NEUTRAL = new Set(['s', 'min', 'h', 'ms', '%', '1'])

/** SI or US customary units, kept on the device. */
export const useUnitsStore = defineStore('units', () => {
  const system = useLocalStorage<'si' | 'us'>('hush-units', 'si')

  /** Unit to show: the one a person typed where it belongs to the chosen system, otherwise that system's own. */
  function shown(units: readonly [string, string], typed?: string): string {
    const own = units[system.value === 'si' ? 0 : 1]
    if (!typed) return own
    if (NEUTRAL.has(typed)) return typed
    return US.has(typed) === (system.value === 'us') ? typed : own
  }

  /** "15 mL", held together on one line; times well below a second in milliseconds. */
  function format(si: number, units: readonly [string, string], kind: QuantityKind, digits = 3): string {
    const unit = kind === 'time' && si > 0 && si < 0.1 ? 'ms' : shown(units)
    return formatQuantity(si, unit, kind, unit === 'ms' ? 2 : digits).replaceAll(' ', '\u00a0')
  }

  return { system, shown, format }
})
