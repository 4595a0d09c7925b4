/** An investigation in sentences. */
import type { Investigation } from './investigation'

const tenths = (share: number): string => {
  const n = Math.round(share * 10)
  return n < 1 ? 'fewer than 1 of 10' : `${n} of 10`
}
const hundredths = (share: number): string =>
  share < 0.005 ? 'fewer than 1' : share > 0.995 ? 'more than 99' : String(Math.round(share * 100))

/** Shares below this are left to "the rest". */
const WORTH_NAMING = 0.15

/** What it was put down to, most likely first. @param ended the outcome's name */
export function whyInWords(found: Investigation, ended: string): string[] {
  const said: string[] = []
  if (found.planFails)
    said.push(
      `As planned it is not expected to end as wanted: ${hundredths(found.oddsAsPlanned)} of 100 do. ` +
        `Nothing has to be off for that it ${ended}.`,
    )
  else if (found.oddsAsPlanned < 0.9)
    said.push(
      `As planned ${hundredths(found.oddsAsPlanned)} of 100 end as wanted; it can simply have been one of the others.`,
    )
  if (!found.canTell) {
    said.push(
      found.effective < 5
        ? 'The data cannot tell: no computed staging comes near this run, so something happened that is not ' +
            'in the plan at all.'
        : 'The data cannot tell what it was.',
    )
    if (found.causes.length > 0)
      said.push(
        `In question: ${found.causes
          .slice(0, 4)
          .map(c => `${c.words}, ${tenths(c.share)}`)
          .join('; ')}.`,
      )
    return said
  }
  const named = found.causes.filter((c, i) => i === 0 || c.share >= WORTH_NAMING)
  const rest = 1 - named.reduce((sum, c) => sum + c.share, 0)
  said.push(
    (
      named.map(c => `${c.words}: ${tenths(c.share)}`).join('; ') +
      `${rest > 0.05 ? '; the data cannot tell the rest' : ''}.`
    ).replace(/^./, c => c.toUpperCase()),
  )
  return said
}
