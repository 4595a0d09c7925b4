/** Why it ends so, and what to tell a class. */
import { SUCTION, PLUME_IS_STEAM } from '../../wrong-ideas'
import { noPlume } from '../no-plume'
import { coolingAlone, handPush, lowestPressure, wallAgainst } from '../../telling'
import { ofEnd } from '../../../demonstration'
import type { CanPlungeValues } from './inputs'
import type { CanPlungeRun, CanPlunge } from './simulate'
import { asNumber, asPressure, asShare, asTemperature, asTime, say, type Sentence } from '../../../sentence'

export function why(values: CanPlungeValues, simulation: CanPlungeRun): Sentence[] {
  const { results: r, outcome } = simulation
  const [critical, peak] = wallAgainst(r.criticalPressureDifference, r.peakPressureDifference)
  const air = asShare(r.residualAirFraction)
  const lines: Sentence[] = noPlume(simulation, 'can')
  if (r.hush !== undefined) {
    lines.push(
      say`The wall holds about ${critical}. The pressure inside is that far below the room's ${asTime(r.hush)}
        after the mouth goes under.`,
    )
    if (outcome === 'crush')
      lines.push('The wall gives way before water has filled the can: steam goes faster than water comes in.')
    if (outcome === 'dent') lines.push('It buckles, but air left inside, or water coming in, stops it early.')
    if (outcome === 'both') lines.push('It gives way, and water fills much of what is left.')
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
  if (values.numbers.bathTemperature > 313 && outcome !== 'crush')
    lines.push(
      say`A bath at ${asTemperature(values.numbers.bathTemperature)} takes heat slowly: water has time to come in.`,
    )
  return lines
}

export const explanation: CanPlunge['explanation'] = (values, simulation) => {
  const { results: r } = simulation
  const n = values.numbers
  const air = asShare(r.residualAirFraction)
  const [critical, peak] = wallAgainst(r.criticalPressureDifference, r.peakPressureDifference)
  const mostlyAir = r.residualAirFraction > 0.3
  return [
    {
      from: 7,
      text: ofEnd(simulation, {
        crush:
          'The can was full of steam. The cold water turned the steam into drops. Now there was hardly any gas ' +
          'inside to push out. The air outside pushes all the time. It pushed the can in.',
        dent:
          'There was steam in the can. The cold water turned it into drops. Then the gas inside pushed less. The air ' +
          'outside pushed one side in. After that the inside pushed back again, and it stopped.',
        both:
          'There was steam in the can. The cold water turned it into drops. Then the gas inside pushed less. The air ' +
          'outside pushed the can in a bit, and it pushed water in through the hole.',
        fill:
          'There was steam in the can. The cold water turned it into drops. Then the gas inside pushed less. The air ' +
          'outside pushed water in through the hole, and the water took the place of the steam.',
        nothing: mostlyAir
          ? 'There was little steam in the can, and a lot of air. Air does not turn into drops. So the gas inside ' +
            'went on pushing, and the can kept its shape.'
          : 'The gas inside pushed less and the air outside pushed as always. But this can stood it, and hardly any ' +
            'water came in.',
      }),
    },
    {
      from: 11,
      text: say`${handPush(n.stationPressure)} Steam and air inside press back just as hard. When the steam cools, its
        particles join the water, which takes up over a thousand times less room. ${ofEnd(simulation, {
          crush: 'Too few particles are left to hold the wall against the room, and it gives way. Nothing sucks.',
          dent: 'Fewer particles hit the wall from inside, and a part of it gives way. Nothing sucks.',
          both:
            'Fewer particles press from inside, so the room’s air pushes the wall in a little and water up ' +
            'through the mouth. Nothing sucks.',
          fill:
            'Fewer particles press from inside, so the room’s air pushes water up through the mouth. The wall ' +
            'is hardly pressed. Nothing sucks.',
          nothing: mostlyAir
            ? say`Here too little of it did so: ${air} of the gas was air, which does not turn into water.`
            : 'Here what was left, and the metal, could hold the room’s air.',
        })}`,
    },
    {
      from: 14,
      text: say`When it was sealed, ${air} of the gas was air and the rest water vapour. In the bath vapour condensed.
        The fewer particles hit the wall each second, the lower the pressure inside; it could have fallen to
        ${asPressure(r.floorPressure)}. ${
          r.hush === undefined
            ? say`The difference reached ${peak}, and this wall holds about ${critical}.`
            : say`The wall holds a difference of about ${critical}, and that was reached ${asTime(r.hush)} after
              the mouth went under.`
        } ${ofEnd(simulation, {
          crush: 'Net force is difference times area, so the whole wall folded at once.',
          dent: 'It buckled, and then the pressure inside rose again and stopped it.',
          both: 'Folding and filling ran a race, and both got part of the room that the steam left.',
          fill: 'Water came in through the mouth and took up the room that the steam left.',
          nothing: 'So nothing gave way.',
        })}`,
    },
    {
      from: 16,
      text: say`${coolingAlone(r.boilingTemperature, n.bathTemperature)}
        ${lowestPressure(r.residualAirFraction, r.floorPressure)} A thin can of wall t and diameter D buckles
        elastically at a difference that goes as E (t/D)^${asNumber(2.5, 2)} (E Young's modulus, von Mises' law):
        about ${critical} here. ${ofEnd(simulation, {
          crush: 'Condensation went past that before water could fill the can.',
          dent: 'It was reached for a moment only.',
          both: 'It was reached, but water filled much of the can meanwhile.',
          fill: 'Water filled the can about as fast as the steam condensed.',
          nothing: say`The difference came to ${peak} only.`,
        })}`,
    },
  ]
}

export const teaching: CanPlunge['teaching'] = {
  wrongIdeas: [
    SUCTION,
    PLUME_IS_STEAM,
    {
      idea: 'The water of the bath crushes the can.',
      ask: 'What would happen if the can went into the bath cold?',
      answer:
        'At that depth water adds hardly anything to the air’s push. It only takes the heat away, so that the steam ' +
        'turns to drops.',
      source: 'common practice',
    },
  ],
  before: [
    {
      ask: 'What is in the can besides water while it boils?',
      answer:
        'At first air; while it boils steam takes its place. After half a minute of plume it is nearly all steam.',
    },
    {
      ask: 'What will happen if I wait five seconds before the plunge? Why?',
      answer:
        'The can cools and air gets in at the mouth. Air does not turn to water, so less of the gas can ' +
        'vanish and the effect is weaker.',
    },
    {
      ask: 'Would it work with air only, without water? Why do you think so?',
      answer:
        'Hardly. Hot air that cools loses at most a quarter of its pressure. Steam that condenses can lose ' +
        'nearly all of it.',
    },
  ],
  after: [
    {
      ask: 'Where did the steam go?',
      answer: 'It turned back to water on the cold metal and the cold surface. Its particles are in that water now.',
    },
    {
      ask: 'Why was it so fast?',
      answer: 'Metal and cold water take the heat away from the steam in a fraction of a second.',
      when: s => s.outcome === 'crush',
    },
    {
      ask: 'What stopped it before it was flat?',
      answer: 'Air that was left, or water that came in, pushed back.',
      when: s => s.outcome === 'dent' || s.outcome === 'both',
    },
    {
      ask: 'Why did the can fill and keep its shape?',
      answer: 'Water came in through the mouth as fast as steam was lost, so the wall was never pressed hard enough.',
      when: s => s.outcome === 'fill',
    },
    {
      ask: 'What would you change so that more steam is in it?',
      answer: 'Boil longer with a steady plume, and get the mouth under at once.',
      when: s => s.outcome === 'nothing',
    },
    {
      ask: 'Is there water in the can now? How did it get in?',
      answer:
        'Usually some. The room’s air pushes down on the bath, and less pushes back from inside, so water is ' +
        'pushed up through the mouth.',
    },
  ],
  elsewhere: [
    'A tank wagon that was steamed out and shut caved in.',
    'A plastic bottle shut on a mountain is dented in the valley.',
    'The lid of a jar of jam dips as the jam cools.',
  ],
}
