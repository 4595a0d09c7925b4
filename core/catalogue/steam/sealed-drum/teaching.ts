/** Why it ends so, and what to tell a class. */
import { metalWhy } from '../metal-vessel'
import type { SealedDrumValues } from './inputs'
import type { SealedDrumRun, SealedDrum } from './simulate'
import { asArea, asForce, asLength, asNumber, asPressure, asShare, say, type Sentence } from '../../../sentence'

export function why(values: SealedDrumValues, simulation: SealedDrumRun): Sentence[] {
  const lines = metalWhy(values, simulation, 'drum', 'shell')
  lines.push(
    say`With its hoops the shell acts as if ${asLength(simulation.details.unsupportedLength!)} of it stood without
      support; hoops that hold better, or a thicker wall, can keep it standing.`,
  )
  return lines
}

export function explanation(
  _values: SealedDrumValues,
  { results: r }: SealedDrumRun,
): { from: number; text: Sentence }[] {
  const force = asForce(r.outsideForce)
  return [
    {
      from: 7,
      text:
        'The drum was full of steam. When it got cold the steam turned back into a little water, and ' +
        'hardly anything was left inside to push out. The air around us pushed the drum flat.',
    },
    {
      from: 11,
      text: say`The air presses on this drum with ${force} when all sides are added up; as much as many cars
        weigh. While it is open, air or steam inside pushes back just as hard. Closed and cooled, it no longer
        does. Nothing sucks.`,
    },
    {
      from: 14,
      text: say`Boiling left ${asShare(r.residualAirFraction)} air in the gas. As the steam condenses the pressure
        inside falls towards ${asPressure(r.floorPressure)}; the drum can bear a difference of about
        ${asPressure(r.criticalPressureDifference)} and no more.`,
    },
    {
      from: 16,
      text: say`A thin shell under outside pressure fails by buckling, not by strength: the critical difference
        goes nearly as (t/D)^${asNumber(2.5, 2)} and falls with the unsupported length (von Mises). Rolling hoops
        shorten that length by an amount nobody knows well, which is why two drums that look alike behave
        differently.`,
    },
  ]
}

export const teaching: SealedDrum['teaching'] = {
  wrongIdea: {
    idea: 'Steel is far too strong for air.',
    answer: say`Air pushes on every ${asArea(1)} with ${asForce(1e5)}: what ten large cars weigh. A thin wall that
      is bent a little has no chance.`,
  },
  before: ['How long will the hush last?', 'What would a spray do that waiting does not?'],
  after: ['Why did it wait, and then go at once?', 'Would a smaller drum be stronger or weaker?'],
  elsewhere: [
    'Storage tanks emptied with the vent shut.',
    'Submarines and their ribs.',
    'Beer kegs steamed and sealed.',
  ],
}
