/** "1:23", or "0:45" below a minute; tenths where a tenth matters. @param locale BCP 47, for their mark */
export function countWords(ms: number, tenths = false, locale = 'en'): string {
  const s = Math.abs(ms) / 1000
  if (tenths && s < 60)
    return new Intl.NumberFormat(locale, { minimumFractionDigits: 1, maximumFractionDigits: 1 }).format(s)
  const whole = Math.floor(s)
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
