/** An investigation in sentences. */
import { joined, say, type Sentence } from '../sentence'
import type { Blame, Investigation } from './investigation'

function tenths(share: number): Sentence {
  const n = Math.round(share * 10)
  return n < 1 ? 'fewer than 1 of 10' : say`${n} of 10`
}
const hundredths = (share: number): Sentence | number =>
  share < 0.005 ? 'fewer than 1' : share > 0.995 ? 'more than 99' : Math.round(share * 100)
const listed = (causes: readonly Blame[]): Sentence =>
  joined(
    causes.map(c => say`${c.words}, ${tenths(c.share)}`),
    '; ',
  )

/** Shares below this are left to "the rest". */
const WORTH_NAMING = 0.15
/** A rest that is worth a word. */
const REST = 0.05
/** Causes that are named where the data can't tell. */
const MOST_IN_QUESTION = 4
/** Effective draws below which nothing computed comes near the run. */
const NEAR = 5

/** What it was put down to, most likely first. @param ended the outcome's name */
export function whyInWords(found: Investigation, ended: Sentence): Sentence[] {
  const said: Sentence[] = []
  const planned = hundredths(found.oddsAsPlanned)
  if (found.planFails)
    said.push(say`As planned it is not expected to end as wanted: ${planned} of 100 do. Nothing has to be off for that
      it ${ended}.`)
  else if (found.oddsAsPlanned < 0.9)
    said.push(say`As planned ${planned} of 100 end as wanted; it can simply have been one of the others.`)
  if (!found.canTell) {
    said.push(
      found.effective < NEAR
        ? 'The data cannot tell: no computed staging comes near this run, so something happened that is not ' +
            'in the plan at all.'
        : 'The data cannot tell what it was.',
    )
    if (found.causes.length > 0) said.push(say`In question: ${listed(found.causes.slice(0, MOST_IN_QUESTION))}.`)
    return said
  }
  const named = found.causes.filter((c, i) => i === 0 || c.share >= WORTH_NAMING)
  const rest = 1 - named.reduce((sum, c) => sum + c.share, 0)
  const causes = listed(named)
  said.push(rest > REST ? say`Most likely: ${causes}; the data cannot tell the rest.` : say`Most likely: ${causes}.`)
  return said
}
