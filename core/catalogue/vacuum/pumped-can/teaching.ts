/** Why it ends so, and what to tell a class. */
import { resolve } from '../../../demonstration'
import { asArea, asForce, asPressure, asShare, asTime, say, type Sentence } from '../../../sentence'
import { sealedTin } from '../../steam/sealed-tin'
import { simulate, type PumpedCan } from './simulate'
import type { PumpedCanValues } from './inputs'

export const why: PumpedCan['why'] = (_values, { results: r, outcome }) => {
  const lines: Sentence[] = [
    r.hush === undefined
      ? say`The wall holds about ${asPressure(r.criticalPressureDifference)}; the pump makes
          ${asPressure(r.peakPressureDifference)} at most. It stands, and is under strain as long as the air stays out.`
      : say`The wall holds about ${asPressure(r.criticalPressureDifference)}. The pump has taken that much out after
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

export const explanation: PumpedCan['explanation'] = (_values, { results: r }) => [
  {
    from: 7,
    text:
      'The pump took the air out of the tin. Then hardly anything was left inside to push out, and the air ' +
      'around us, which pushes all the time, pushed the tin in.',
  },
  {
    from: 11,
    text: say`Air presses on each side of this tin, on all of them together with ${asForce(r.outsideForce)}. Before, the
      air inside pressed back just as hard. The pump does not pull the walls in: it only takes away what held them.`,
  },
  {
    from: 14,
    text: say`Fewer particles inside hit the wall, so the pressure there fell to ${asPressure(r.finalPressure)}. With
      steam the same comes about in another way: the particles are not carried off, they become water. The wall does
      not know the difference; it gives way at ${asPressure(r.criticalPressureDifference)} both times.`,
  },
  {
    from: 16,
    text: say`At one temperature p V/n is constant: a pump that takes the share S Δt/V each moment lowers p
      exponentially towards its own limit, here ${asPressure(r.floorPressure)}. The wall fails at a difference that
      its shape sets (buckling of a shell, or hinges in flat panels). Each ${asArea(0.01)} of it then carries
      ${asForce(0.01 * r.criticalPressureDifference)}. With steam the floor is the air left in plus the saturation
      pressure at the wall: cold water does in a second what this pump does in ${asTime(Math.max(1, r.timeToPump))}.`,
  },
]

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
  wrongIdea: {
    idea: 'The pump sucks the walls in.',
    answer:
      'The pump touches nothing but air. It takes away what pushed from inside; the room pushes as it did all day.',
  },
  before: [
    'Nothing is heated: can it still be crushed?',
    'Which side will go first?',
    'Would a stronger pump push harder, or only sooner?',
  ],
  after: [
    'What do the pump and the cold water have in common?',
    'Why does it go on folding while the pump runs?',
    'Why was steam so much faster?',
  ],
  elsewhere: [
    'A tank emptied with its vent shut.',
    'Vacuum packs round coffee.',
    'Why the windows of aircraft and submarines are round and thick.',
  ],
}
