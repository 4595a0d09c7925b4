/** Why it ends so, and what to tell a class. */
import { handPush, lowestPressure, wallAgainst } from '../../telling'
import { ofEnd } from '../../../demonstration'
import { NOTHING_PRESSES, SUCTION } from '../../wrong-ideas'
import { leaksIn } from '../capped'
import { metalWhy } from '../metal-vessel'
import type { SealedDrumValues } from './inputs'
import type { SealedDrumRun, SealedDrum } from './simulate'
import { asArea, asForce, asLength, asNumber, asPressure, asShare, say, type Sentence } from '../../../sentence'

export function why(values: SealedDrumValues, simulation: SealedDrumRun): Sentence[] {
  const lines = metalWhy(values, simulation, 'drum', 'shell')
  lines.push(
    say`With its hoops the shell acts as if ${asLength(simulation.details.unsupportedLength)} of it stood without
      support; hoops that hold better, or a thicker wall, can keep it standing.`,
  )
  return lines
}

export const explanation: SealedDrum['explanation'] = (values, simulation) => {
  const { results: r } = simulation
  const [critical, peak] = wallAgainst(r.criticalPressureDifference, r.peakPressureDifference)
  return [
    {
      from: 7,
      text: say`There was steam in the drum. As it got cold, the steam turned into a little water, and the gas inside
        pushed less. ${ofEnd(simulation, {
          crush: 'The air outside pushes all the time. It pushed the drum in.',
          dent: 'The air outside pushes all the time. It pushed one side in.',
          stand: leaksIn(simulation)
            ? 'But air crept in and pushed back. So the drum stayed as it was.'
            : 'The air outside pushed hard, but the metal held today.',
        })}`,
    },
    {
      from: 11,
      text: say`${handPush(values.numbers.stationPressure)} While the drum is open, air or steam inside presses back
        just as hard. Closed and cooled, the steam turns to water and hardly presses at all. ${ofEnd(simulation, {
          crush: 'The thin metal could not hold that alone, and the room’s air pushed it in. Nothing sucks.',
          dent: 'The thin metal gave way, and the room’s air pushed that side in. Nothing sucks.',
          stand: leaksIn(simulation)
            ? 'Here air leaked in, and its particles pressed back instead.'
            : 'Here the metal and the air left inside could hold that.',
        })}`,
    },
    {
      from: 14,
      text: say`Boiling left ${asShare(r.residualAirFraction)} air in the gas. As the vapour condenses, its particles
        join the liquid, and the fewer hit the wall, the lower the pressure: it can fall to
        ${asPressure(r.floorPressure)}. The drum can bear a difference of about ${critical}. ${ofEnd(simulation, {
          crush: 'Once that is reached the wall bends, a bent wall carries less, and it goes all at once.',
          dent: 'It was reached; then the air left inside was pressed together and pushed back.',
          stand: say`It had to bear ${peak} at most.`,
        })}`,
    },
    {
      from: 16,
      text: say`${lowestPressure(r.residualAirFraction, r.floorPressure)} A thin shell under outside pressure fails by
        buckling, not by strength: the critical difference goes nearly as E (t/D)^${asNumber(2.5, 2)} (E Young's
        modulus, t wall, D diameter) and falls with the free length between hoops (von Mises): about ${critical}
        here, against ${peak} that it came to. How much the hoops shorten that length nobody knows well, which is
        why two drums that look alike behave differently.`,
    },
  ]
}

export const teaching: SealedDrum['teaching'] = {
  wrongIdeas: [
    {
      idea: 'Steel is far too strong for air.',
      ask: 'How many people would have to stand on a table to press on it as the air does?',
      answer: say`Air pushes on every ${asArea(1)} with ${asForce(1e5)}: what ten large cars weigh. A thin wall that
      is bent a little has no chance.`,
      source: 'common practice',
    },
    SUCTION,
    NOTHING_PRESSES,
  ],
  before: [
    {
      ask: 'What will the drum do at first, and what later? Why?',
      answer:
        'At first the wall holds. The steam condenses slowly, and the difference grows until it is more than ' +
        'the wall can hold, if enough steam is in it.',
    },
    {
      ask: 'What would a spray do that waiting does not?',
      answer: 'It takes heat off faster, so the difference grows faster. What the wall holds stays the same.',
    },
  ],
  after: [
    {
      ask: 'Why did it wait, and then go at once?',
      answer:
        'The difference grew little by little. A wall that is pressed from outside keeps its shape up to its ' +
        'limit, and then gives way at once.',
      when: s => s.outcome === 'crush',
    },
    {
      ask: 'What stopped it half-way?',
      answer: 'As it folds, the gas that is left gets less room and pushes back. Once that is enough, the fold stops.',
      when: s => s.outcome === 'dent',
    },
    {
      ask: 'What held it, and what would you change?',
      answer:
        'A wall that is strong for its size, or too much air left inside. More steam before closing, or a better seal.',
      when: s => s.outcome === 'stand',
    },
    {
      ask: 'Would a smaller drum be stronger or weaker?',
      answer: 'Stronger, if its wall is as thick: a small curve is stiffer than a wide one.',
    },
  ],
  elsewhere: [
    'Storage tanks emptied with the vent shut.',
    'Submarines and their ribs.',
    'Beer kegs steamed and sealed.',
  ],
}
