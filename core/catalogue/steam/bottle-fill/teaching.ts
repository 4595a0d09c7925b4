/** Why it ends so, and what to tell a class. */
import { onHeat } from './procedure'
import type { BottleFill } from './simulate'
import { asForce, asPressure, asShare, asSpeed, asTemperature, asTime, say, type Sentence } from '../../../sentence'
export const teaching: BottleFill['teaching'] = {
  wrongIdea: {
    idea: 'The bottle drinks: it sucks the water up.',
    answer: 'The room pushes on the water in the bowl, and the water goes where less pushes back.',
  },
  before: ['Will it fill to the top?', 'What will stay in the bottle?'],
  after: ['What was left above the water?', 'Why does a rinsed bottle only half fill?'],
  elsewhere: ['A dropper.', 'A syringe.', 'Drinking through a straw.', 'Bottling plants that fill by vacuum.'],
}

export const why: BottleFill['why'] = (values, { results: r, outcome, details }) => {
  const lines: Sentence[] = [
    say`${asShare(r.residualAirFraction)} of the gas is air when the mouth goes
      under${
        onHeat(values.choices)
          ? ''
          : say`: rinsing warms the glass to ${asTemperature(details.overheat)} and lets
              room air in each time it is emptied`
      }.`,
  ]
  if (r.hush !== undefined)
    lines.push(
      say`Water comes through the neck after ${asTime(r.hush)}; it is nearly as full as it gets after
        ${asTime(r.timeToFill)}, at up to ${asSpeed(r.peakInflowSpeed)} in the neck. Each splash of cold water
        condenses more steam, which pulls nothing: it only stops pushing back.`,
    )
  if (outcome === 'part')
    lines.push('The air left inside is squeezed to the pressure of the room and keeps the rest of the bottle empty.')
  if (outcome === 'crack')
    lines.push(
      r.glassChill > values.numbers.shockLimit
        ? 'The glass is too hot for water this cold.'
        : r.blowEnergy > values.numbers.blowLimit
          ? say`The room pulls it out of the hand with up to ${asForce(r.peakPull)}; it hits the bowl.`
          : 'The water stops so short at the far end that the blow may break the glass.',
    )
  if (values.numbers.mouthClearance < values.numbers.neckDiameter / 4)
    lines.push('The rim is so close to the bottom that the gap throttles the flow: lift it.')
  return lines
}

export const explanation: BottleFill['explanation'] = (_values, { results: r }) => [
  {
    from: 7,
    text:
      'The bottle was full of steam. Cold water turned the steam into drops, and then the air pressing ' +
      'on the water in the bowl pushed it up into the bottle.',
  },
  {
    from: 11,
    text:
      'Steam takes up over a thousand times more room than the water it came from. When it condenses ' +
      'almost nothing is left inside, and the air outside pushes water in. Nothing sucks.',
  },
  {
    from: 14,
    text: say`${asShare(r.residualAirFraction)} of the gas was air, which does not condense: about that share of
      the bottle stays empty. The water reached ${asSpeed(r.peakInflowSpeed)}.`,
  },
  {
    from: 16,
    text: say`Without friction a difference Δp drives water at √(2Δp/ρ), at most ${asSpeed(14)} from a whole
      atmosphere (Torricelli). The water's own inertia in the neck takes time to speed up; the jet condenses steam
      on contact, which keeps the pressure low: a runaway. It ends with a blow of about
      ${asPressure(r.slamPressure)} (Joukowsky) where no air cushions it.`,
  },
]
