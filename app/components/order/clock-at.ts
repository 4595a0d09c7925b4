/** How whoever reads writes a day and a time: `useUnitsStore().date`. */
type Written = (when: string, options: Intl.DateTimeFormatOptions) => string

/**
 * Wall clock of a show that begins at a local time, so many seconds from then, as the reader writes it: "18:04:30",
 * "6:04:30 PM"; seconds only where there are some.
 */
export function clockAt(start: string, seconds: number, written: Written): string {
  const at = new Date(Date.parse(`${start}Z`) + Math.round(seconds) * 1000)
  return written(at.toISOString().slice(0, 19), { timeStyle: at.getUTCSeconds() > 0 ? 'medium' : 'short' })
}
