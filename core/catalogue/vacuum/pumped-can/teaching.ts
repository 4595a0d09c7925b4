/** Why it ends so, and what to tell a class. */
import { handPush, wallAgainst } from '../../telling'
import { STRONGER_VACUUM, SUCTION } from '../../wrong-ideas'
import { ofEnd, resolve } from '../../../demonstration'
import { asArea, asForce, asPressure, asShare, asTime, say, type Sentence } from '../../../sentence'
import { sealedTin } from '../../steam/sealed-tin'
import { simulate, type PumpedCan } from './simulate'
import type { PumpedCanValues } from './inputs'

export const why: PumpedCan['why'] = (_values, { results: r, outcome }) => {
  const [critical, peak] = wallAgainst(r.criticalPressureDifference, r.peakPressureDifference)
  const lines: Sentence[] = [
    r.hush === undefined
      ? say`The wall holds about ${critical}; the pump makes
          ${peak} at most. It stands, and is under strain as long as the air stays out.`
      : say`The wall holds about ${critical}. The pump has taken that much out after
          ${asTime(r.hush)}.`,
  ]
  if (r.hush !== undefined)
    lines.push(
      outcome === 'crush'
        ? say`A folded wall holds less than a whole one, and the pump goes on: ${asShare(r.volumeLost)} of the volume
            is gone in the end.`
        : say`What air is left is squeezed as the wall goes in and stops it early, at ${asShare(r.volumeLost)} of the
            volume.`,
    )
  if (r.talkTime !== undefined)
    lines.push(
      say`Its panels stand out a little and snap through with a tick after ${asTime(r.talkTime)}: a warning, not the
        end.`,
    )
  return lines
}

export const explanation: PumpedCan['explanation'] = (values, s) => {
  const { results: r } = s
  const [critical, peak] = wallAgainst(r.criticalPressureDifference, r.peakPressureDifference)
  return [
    {
      from: 7,
      text: say`The pump took air out of the tin. Then less was left inside to push out. ${ofEnd(s, {
        crush: 'The air round us pushes all the time. It pushed the tin in.',
        dent: 'The air round us pushes all the time. It pushed one side in.',
        stand: 'The air round us pushes hard, but this tin is strong enough to stand it.',
      })}`,
    },
    {
      from: 11,
      text: say`${handPush(values.numbers.stationPressure)} Before, the air inside pressed back just as hard. The pump
      does
        not pull at the walls: it only takes away particles that held them. ${ofEnd(s, {
          crush: 'Then the room’s air pushed the walls in.',
          dent: 'Then the room’s air pushed a part of them in.',
          stand: 'Here the metal alone held.',
        })}`,
    },
    {
      from: 14,
      text: say`Fewer particles inside hit the wall, so the pressure there fell to ${asPressure(r.finalPressure)}.
      With steam the
        same comes about in another way: the particles are not carried off, they join the water. The wall does not
        know the
        difference. It holds about ${critical}; ${ofEnd(s, {
          crush: 'more than that was taken out, and it folded.',
          dent: 'that was reached, and what air was left stopped the fold.',
          stand: say`it had to hold ${peak}.`,
        })}`,
    },
    {
      from: 16,
      text: say`At one temperature a pump that takes the share S Δt/V each moment (S pumping speed, V volume) lowers p
        exponentially towards its own limit, here ${asPressure(r.floorPressure)}. The wall fails at a difference that
        its
        shape sets (buckling of a shell, or hinges in flat panels): ${critical}. Each ${asArea(0.01)} of it then
        carries a net
        force of ${asForce(0.01 * r.criticalPressureDifference)}. With steam the floor is the air left in plus the
        saturation
        pressure at the wall: cold water does in a second or so what this pump does in
        ${asTime(Math.max(1, r.timeToPump))}.`,
    },
  ]
}

/** The same tin, boiled out and capped, cooled in two ways: the tin's own run with steam. */
function steamed(values: PumpedCanValues, coolingMethod: string) {
  const known = new Set(sealedTin.inputs.map(i => i.id))
  // Stopper and cap leak each in their own way; all else is the tin's.
  const numbers = Object.fromEntries(
    Object.entries(values.numbers).filter(([id]) => known.has(id) && id !== 'leakArea'),
  )
  const { vesselShape, wallMaterial, vesselCondition } = values.choices
  const choices = { vesselShape, wallMaterial, vesselCondition, coolingMethod }
  const { values: resolved, faults } = resolve(sealedTin, { numbers, choices })
  return faults.length > 0 ? undefined : sealedTin.simulate(resolved, 'summary').results
}

export const variants: NonNullable<PumpedCan['variants']> = values => {
  const pumped = simulate(values, 'summary').results
  const [sprayed, left] = [steamed(values, 'spray'), steamed(values, 'still-air')]
  return {
    title: 'The same tin, pumped and steamed',
    results: ['floorPressure', 'peakPressureDifference', 'hush', 'volumeLost'],
    rows: [
      { name: 'by this pump, cold', results: pumped },
      ...(sprayed ? [{ name: 'boiled out, capped, under a spray', results: sprayed }] : []),
      ...(left ? [{ name: 'boiled out, capped, left in still air', results: left }] : []),
    ],
  }
}

export const teaching: PumpedCan['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The pump sucks the walls in.',
      kin: 'suction',
      ask: 'Does the pump touch the walls?',
      answer:
        'The pump touches nothing but air. It takes away what pushed from inside; the room pushes as it did all day.',
      source: 'common practice',
    },
    SUCTION,
    STRONGER_VACUUM,
  ],
  before: [
    {
      ask: 'Nothing is heated: can it still be crushed? Why do you think so?',
      answer: 'Yes, if enough air is taken out. What counts is the difference, not how it is made.',
    },
    {
      ask: 'Where is the can weakest, and why?',
      answer: 'In the middle of the side, away from the stiff ends, and where it has a dent.',
    },
    {
      ask: 'Would a stronger pump push harder, or only act sooner? Why?',
      answer: 'Only sooner. The push is the room’s, and it is the same with any pump.',
    },
  ],
  after: [
    {
      ask: 'What do the pump and the cold water have in common?',
      answer: 'Both leave fewer particles inside, so that less presses from there.',
    },
    {
      ask: 'Why does it go on folding while the pump runs?',
      answer: 'The pump takes away what the shrinking can would squeeze, so nothing pushes back.',
      when: s => s.outcome === 'crush',
    },
    {
      ask: 'What stopped the fold?',
      answer: 'The air that is left was squeezed and pushed back.',
      when: s => s.outcome === 'dent',
    },
    {
      ask: 'What held it?',
      answer: 'The wall: the difference was less than it can hold.',
      when: s => s.outcome === 'stand',
    },
    {
      ask: 'Why is steam so much faster?',
      answer: 'Cold metal takes vapour out everywhere at once. A pump must take the air out through its hose.',
    },
  ],
  elsewhere: [
    'A tank emptied with its vent shut.',
    'Vacuum packs round coffee.',
    'Why the windows of planes and submarines are round and thick.',
  ],
}
