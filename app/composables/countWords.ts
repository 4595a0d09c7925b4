/** "1:23", or "0:45" below a minute; tenths where a tenth matters. */
export function countWords(ms: number, tenths = false): string {
  const s = Math.abs(ms) / 1000
  if (tenths && s < 60) return s.toFixed(1)
  const whole = Math.floor(s)
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
