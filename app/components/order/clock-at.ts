/**
 * Wall clock of a show that begins at a local time, so many seconds from then: "18:04:30", seconds only where there
 * are some.
 */
export function clockAt(start: string, seconds: number): string {
  const at = new Date(new Date(start).getTime() + Math.round(seconds) * 1000)
  const two = (x: number) => String(x).padStart(2, '0')
  return `${two(at.getHours())}:${two(at.getMinutes())}${at.getSeconds() ? `:${two(at.getSeconds())}` : ''}`
}
