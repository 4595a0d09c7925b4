import { type ChoiceInput, kilopascals, type Values } from '../../../demonstration'
import { noOxygen, WORST_RISE } from '../planned-only'
import { simulate } from './simulate'

export const GUIDE: ChoiceInput = { id: 'guide', name: 'guided', kind: 'choice', group: 'vessel', default: 'line', choices: [{ id: 'line', name: 'along a line' }, { id: 'free', name: 'freely' }] }

/** A rich, quick mixture: as far above what is stated as only one in some tens goes in each, about one in a hundred in both. */
const RICHER = 3.4
const QUICKER = 0.6

/** Only a bottle for fizzy drinks, on a line, in air, under its limit in 99 of 100 mixtures. */
export function check(values: Values): { input: string, message: string }[] {
  const { choices, numbers: n } = values
  const faults = [
    ...(choices.bottleKind === 'fizzy' ? [] : [{ input: 'bottleKind', message: `given "${choices.bottleKind}"; accepted: fizzy: only bottles made for fizzy drinks hold pressure; others burst` }]),
    ...noOxygen(values),
    ...(choices.guide === 'free' ? [{ input: 'guide', message: 'given "free"; refused: a burning bottle that flies freely hits people; accepted: line' }] : []),
  ]
  if (faults.length > 0) return faults
  const worst = { ...n, pressureRise: Math.min(WORST_RISE, n.pressureRise! + RICHER), burnTime: QUICKER * n.burnTime! }
  const share = simulate({ choices, numbers: worst }, 'summary').results.ratingShare!
  return share <= 1 ? [] : [{
    input: 'ventDiameter',
    message: `given ${(n.ventDiameter! * 1e3).toFixed(1)} mm; refused: one mixture in a hundred would build up ${kilopascals(share * n.pressureRating!)} or more, over the stated limit of ${kilopascals(n.pressureRating!)}; accepted: a hole wide enough to stay under it, or a bottle that bears more`,
  }]
}
