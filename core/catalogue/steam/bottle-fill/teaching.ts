/** Why it ends so, and what to tell a class. */
import { noPlume } from '../no-plume'
import { handPush } from '../../telling'
import { ofEnd } from '../../../demonstration'
import { PARTICLES_ARE_LOST, PLUME_IS_STEAM } from '../../wrong-ideas'
import { onHeat } from './inputs'
import type { BottleFill } from './simulate'
import { asForce, asPressure, asShare, asSpeed, asTemperature, asTime, say, type Sentence } from '../../../sentence'
export const teaching: BottleFill['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The bottle drinks: it sucks the water up.',
      kin: 'suction',
      ask: 'Where is the push that lifts the water: inside the bottle or outside?',
      answer: 'The room pushes on the water in the bowl, and the water goes where less pushes back.',
      source: 'common practice',
    },
    PLUME_IS_STEAM,
    PARTICLES_ARE_LOST,
  ],
  before: [
    {
      ask: 'How far will it fill, and why?',
      answer: 'As far as steam took the place of air. What air is left gets squeezed into the rest.',
    },
    {
      ask: 'What will stay in the bottle besides water? Why?',
      answer: 'Air. It does not turn to water at any temperature that we have here.',
    },
  ],
  after: [
    { ask: 'What was left above the water?', answer: 'Air that steam had not driven out, and a little vapour.' },
    {
      ask: 'Why does a rinsed bottle only half fill?',
      answer: 'Water left on the walls cools it and makes little steam, so much air stays in.',
      when: s => s.outcome === 'part',
    },
    {
      ask: 'Why did hardly any water come in?',
      answer: 'Hardly any steam was in it, or the mouth came under too late and air had gone in.',
      when: s => s.outcome === 'nothing',
    },
    {
      ask: 'What broke the glass, and how would you keep it whole?',
      answer:
        'Hot glass met cold water, or the water stopped with a blow. Thin even glass and warmer water lower ' +
        'the risk; nothing takes it away.',
      when: s => s.outcome === 'crack',
    },
  ],
  elsewhere: ['A dropper.', 'A syringe.', 'Drinking through a straw.', 'Bottling plants that fill by vacuum.'],
}

export const why: BottleFill['why'] = (values, s) => {
  const { results: r, outcome, details } = s
  const lines: Sentence[] = [
    // In an oven nobody looks for a plume.
    ...(values.choices.fillMethod === 'flame' ? noPlume(s, 'bottle') : []),
    say`${asShare(r.residualAirFraction)} of the gas is air when the mouth goes
      under${
        onHeat(values)
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

export const explanation: BottleFill['explanation'] = (values, s) => {
  const { results: r } = s
  const air = asShare(r.residualAirFraction)
  return [
    {
      from: 7,
      text: ofEnd(s, {
        fill:
          'The bottle was full of steam. Cold water turned the steam into drops. Then the air that presses on ' +
          'the water ' +
          'in the bowl pushed it up into the bottle.',
        part:
          'There was steam in the bottle, and air. Cold water turned the steam into drops. Then the air in ' +
          'the room pushed ' +
          'water up into the bottle. The air inside kept its place.',
        nothing:
          'The gas in the bottle still pushed back nearly as hard as the air in the room. So hardly any water came in.',
        crack:
          'The glass was hot and the water was cold, or the water came in with a blow. Glass cannot take that, ' +
          'and it broke.',
      }),
    },
    {
      from: 11,
      text: say`${handPush(values.numbers.stationPressure)} Steam takes up over a thousand times more room than the
        water it came from. When it condenses, hardly anything is left inside to press back. ${ofEnd(s, {
          fill: 'The room’s air pushes water up into the bottle. Nothing sucks.',
          part: 'The room’s air pushes water up, until the air left inside presses back as hard. Nothing sucks.',
          nothing: 'Here too little of it condensed.',
          crack: 'The room’s air pushes water in, and this time the glass did not stand it.',
        })}`,
    },
    {
      from: 14,
      text: say`${air} of the gas was air when the mouth went under. Vapour turns to liquid in the cold; air does not,
        and is only pressed together until it pushes back as hard as the room. ${
          r.peakInflowSpeed > 0.05 ? say`The water came in at up to ${asSpeed(r.peakInflowSpeed)}. ` : ''
        }${ofEnd(s, {
          fill: 'Little air was left, so little of the bottle stayed empty.',
          part: 'About that share of the bottle, and more while it is warm, stays empty.',
          nothing: 'So much gas stayed that hardly any water came in.',
          crack: 'The faster water comes in, the harder it stops, and hot glass stands a cold splash badly.',
        })}`,
    },
    {
      from: 16,
      text: say`Without friction a difference Δp drives water of density ρ at v = √(2Δp/ρ) (Torricelli): at most
        ${asSpeed(Math.sqrt((2 * values.numbers.stationPressure) / 1000))} from this room against nothing. Here it came
        to ${asSpeed(r.peakInflowSpeed)}, since the water in the neck takes time to speed up and gas is left inside. The
        jet condenses vapour on contact, which keeps the pressure low: a runaway. ${
          r.slamPressure < 1000
            ? 'Here the air that is left cushions its end.'
            : say`It ends with a blow of up to Δp = ρ c v (c the speed of sound in water, Joukowsky) where no air
            cushions
                it: about ${asPressure(r.slamPressure)}.`
        }`,
    },
  ]
}
