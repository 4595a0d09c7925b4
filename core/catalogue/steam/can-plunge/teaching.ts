/** Why it ends so, and what to tell a class. */
import type { CanPlungeValues } from './inputs'
import type { CanPlungeRun, CanPlunge } from './simulate'
import { asForce, asNumber, asPressure, asShare, asTemperature, asTime, say, type Sentence } from '../../../sentence'

export function why(values: CanPlungeValues, simulation: CanPlungeRun): Sentence[] {
  const { results: r, outcome, details } = simulation
  const critical = asPressure(r.criticalPressureDifference)
  const peak = asPressure(r.peakPressureDifference)
  const air = asShare(r.residualAirFraction)
  const lines: Sentence[] = []
  if (r.timeToPlume === undefined) {
    lines.push(
      details.boiledDry === 1
        ? 'The water is gone before any steady plume shows: the can never fills with steam.'
        : 'No steady plume within an hour: the heat that gets in only makes up for what the can loses.',
    )
  }
  if (r.hush !== undefined) {
    lines.push(
      say`The wall holds about ${critical}. The pressure inside is that far below the room's ${asTime(r.hush)}
        after the mouth goes under.`,
    )
    if (outcome === 'crush')
      lines.push('The wall gives way before water has filled the can: steam goes faster than water comes in.')
    if (outcome === 'dent') lines.push('It buckles, but air left inside, or water coming in, stops it early.')
    if (outcome === 'fill') lines.push('It buckles only a little and water takes up the rest.')
  } else {
    lines.push(say`The difference reaches ${peak} at most; the wall holds about ${critical}.`)
    if (outcome === 'fill')
      lines.push('Water comes in through the mouth as fast as the steam goes, so the wall is never pressed hard.')
    if (outcome === 'nothing') lines.push('There was too little steam to lose.')
  }
  if (r.residualAirFraction > 0.08)
    lines.push(
      say`${air} of the gas is still air when it is sealed; air does not condense, and it keeps steam from
        reaching the wall.`,
    )
  if (values.numbers.bathTemperature > 313)
    lines.push(
      say`A bath at ${asTemperature(values.numbers.bathTemperature)} takes heat slowly: water has time to come in.`,
    )
  return lines
}

export function explanation(_values: CanPlungeValues, simulation: CanPlungeRun): { from: number; text: Sentence }[] {
  const { results: r } = simulation
  const air = asShare(r.residualAirFraction)
  const force = asForce(r.outsideForce)
  const floor = asPressure(r.floorPressure)
  return [
    {
      from: 7,
      text:
        'The can was full of steam. Cold water turned the steam back into a few drops, so there was ' +
        'almost nothing left inside to push out. The air around us pushes all the time, and it pushed the ' +
        'can in.',
    },
    {
      from: 11,
      text: say`Air presses on everything: on this can with ${force} when all sides are added up. Steam inside
        pushed back just as hard until it was cooled and became liquid, which takes up over a thousand times less
        room. Nothing sucks; the air outside pushes.`,
    },
    {
      from: 14,
      text: say`Boiling drove the air out until ${air} of the gas was air. In the bath the steam condensed, and
        with so few particles left hitting the wall the pressure inside fell towards ${floor}. The can gives way
        at a difference of ${asPressure(r.criticalPressureDifference)}.`,
    },
    {
      from: 16,
      text: say`Cooling the gas alone would lower its pressure only in proportion to its absolute temperature;
        most of the fall is condensation, which removes particles. The floor is the pressure of the air sealed in,
        cooled to the bath, plus the saturation pressure of water at the bath's temperature: ${floor}. The thin
        wall buckles elastically (von Mises) at a difference proportional to Young's modulus and nearly to
        (t/D)^${asNumber(2.5, 2)}.`,
    },
  ]
}

export const teaching: CanPlunge['teaching'] = {
  wrongIdea: {
    idea: 'The can is sucked in by the vacuum.',
    answer: 'A vacuum cannot pull. The air of the room has pushed on the can all day; now nothing inside pushes back.',
  },
  before: [
    'What is in the can besides water while it boils?',
    'What will happen if I wait five seconds before the plunge?',
    'Would it work with air only, without water?',
  ],
  after: ['Where did the steam go?', 'Why was it so fast?', 'Is there water in the can now? Why?'],
  elsewhere: [
    'A tank wagon that was steamed out and shut caved in.',
    'A plastic bottle shut on a mountain is dented in the valley.',
    'A jar of jam pops when it is opened.',
  ],
}
