/** Numbers as they stand in sentences of cautions, reasons and explanations. */
import { formatQuantity } from '../units'

export const percent = (x: number): string => `${x < 0.095 ? (x * 100).toFixed(1) : Math.round(x * 100)} %`
export const celsius = (kelvin: number): string => formatQuantity(kelvin, 'degC', 'temperature')
export const kilopascals = (pa: number): string => formatQuantity(pa, 'kPa', 'pressure', 2)
export const seconds = (s: number): string =>
  s < 1
    ? formatQuantity(s, 'ms', 'time', 2)
    : s < 120
      ? formatQuantity(s, 's', 'time', 2)
      : formatQuantity(s, 'min', 'time', 2)
export const minutes = (s: number): string => formatQuantity(s, 'min', 'time', 2)
export const centimetres = (m: number): string =>
  m < 0.0095 ? formatQuantity(m, 'mm', 'length', 2) : formatQuantity(m, 'cm', 'length', 2)
export const metres = (m: number): string => formatQuantity(m, 'm', 'length', 2)
export const millilitres = (m3: number): string =>
  m3 < 1e-3 ? formatQuantity(m3, 'mL', 'volume', 3) : formatQuantity(m3, 'L', 'volume', 3)
export const millimetres = (m: number): string => formatQuantity(m, 'mm', 'length', 3)
export const newtons = (n: number): string =>
  n < 2000 ? formatQuantity(n, 'N', 'force', 2) : formatQuantity(n, 'kN', 'force', 2)
export const joules = (j: number): string => formatQuantity(j, 'J', 'energy', 2)
export const hectopascals = (pa: number): string => formatQuantity(pa, 'hPa', 'pressure', 3)
export const pascals = (pa: number): string =>
  Math.abs(pa) < 950 ? formatQuantity(pa, 'Pa', 'pressure', 2) : kilopascals(pa)
export const kilograms = (kg: number): string =>
  kg < 1 ? formatQuantity(kg, 'g', 'mass', 2) : formatQuantity(kg, 'kg', 'mass', 2)
export const metresPerSecond = (v: number): string => formatQuantity(v, 'm/s', 'speed', 2)
/** "12 s", or "1.2 km/h"-like spans are left to the caller. */
export const times = (x: number): string => `${x < 9.5 ? x.toFixed(1) : Math.round(x)} times`
