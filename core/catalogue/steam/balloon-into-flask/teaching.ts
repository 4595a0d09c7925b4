/** Why it ends so, and what to tell a class. */
import { noPlume } from '../no-plume'
import { handPush } from '../../telling'
import { ofEnd } from '../../../demonstration'
import { NOTHING_PRESSES, PARTICLES_ARE_LOST } from '../../wrong-ideas'
import { asLength, asPressure, asShare, asTime, asVolume, say, type Sentence } from '../../../sentence'
import type { BalloonIntoFlask } from './simulate'

export const teaching: BalloonIntoFlask['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The empty flask sucks the balloon in.',
      kin: 'suction',
      ask: 'What pulls in an empty flask? What pushes on the balloon?',
      answer: 'Nothing in the flask can pull. The air of the room pushes in whatever the steam no longer holds out.',
      source: 'common practice',
    },
    PARTICLES_ARE_LOST,
    NOTHING_PRESSES,
  ],
  before: [
    {
      ask: 'What will the balloon do as the flask cools? Why?',
      answer:
        'Steam that turns to water leaves fewer particles inside. If enough of them are gone, the room’s air ' +
        'pushes the rubber in.',
    },
    {
      ask: 'What fills a balloon when nobody blows?',
      answer: 'The air of the room, wherever less presses from the other side of the skin.',
    },
  ],
  after: [
    {
      ask: 'Whose air is in the balloon?',
      answer:
        'The room’s. The balloon’s mouth is open to the room, and the flask’s own air is on the other side of ' +
        'the skin.',
      when: s => s.outcome === 'in' || s.outcome === 'limp',
    },
    {
      ask: 'What kept it out?',
      answer: 'Too much air in the flask. It does not turn to water, so it went on pushing back.',
      when: s => s.outcome === 'stays',
    },
    {
      ask: 'Why did it burst, and what is in the flask now?',
      answer: 'The rubber was stretched more than it can bear. Now the room’s air fills the flask.',
      when: s => s.outcome === 'bursts',
    },
    {
      ask: 'What broke the glass, and how would you keep it whole?',
      answer:
        'Cold water met glass that was too hot for it. Let it stand in the room’s air first, or pour warmer water.',
      when: s => s.outcome === 'crack',
    },
    {
      ask: 'How could you get it out again without touching it?',
      answer: 'Warm the flask: its gas needs more room, and water becomes vapour again, so the balloon is pushed out.',
      when: s => s.outcome === 'in' || s.outcome === 'limp',
    },
  ],
  elsewhere: [
    'Lids that dip on jars of jam as they cool.',
    'Lungs: the chest makes room, and the room’s air comes in.',
    'The hollow in the lid of a lunch box from the microwave.',
  ],
}

export const why: BalloonIntoFlask['why'] = (values, s) => {
  const { results: r, outcome } = s
  const lines: Sentence[] = [
    ...noPlume(s, 'flask'),
    say`When the balloon goes on, ${asShare(r.residualAirFraction)} of the gas is air and the rest steam. Steam that
      turns to water leaves room; the room’s air fills it at once, through the balloon.`,
  ]
  if (outcome === 'crack') lines.push('The glass is too hot for water this cold: it cracks as that is poured over it.')
  else if (r.timeToRound !== undefined)
    lines.push(
      say`It is round after ${asTime(r.timeToRound)} and ends ${asLength(r.balloonAcross)} across, with
        ${asVolume(r.balloonInside)} of the room’s air in it; its skin holds ${asPressure(r.skinPressure)} of the
        room’s pressure back.`,
    )
  else if (outcome === 'limp')
    lines.push(
      say`There is room for ${asVolume(r.balloonInside)} only: it hangs in without being stretched. Air that was left
        in the flask does not condense.`,
    )
  else if (outcome === 'stays')
    lines.push('It was nearly all air: that shrinks a little as it cools, and no more. Let it boil longer.')
  if (values.choices.coolingMethod === 'still-air')
    lines.push('The room’s air cools the glass, and that sets the pace; water over the glass would be quicker.')
  return lines
}

export const explanation: BalloonIntoFlask['explanation'] = (values, s) => {
  const { results: r } = s
  return [
    {
      from: 7,
      text: ofEnd(s, {
        in: say`${
          r.residualAirFraction < 0.3
            ? 'The flask was full of steam. It'
            : 'There was steam in the flask, and air. The steam'
        } cooled and turned to a few drops. The air of the room wants in, but the balloon is in the way. So the air
          pushes the balloon inside and fills it.`,
        limp:
          'There was steam in the flask, and some air. The steam turned to drops. The air of the room pushed the ' +
          'balloon in a bit. The air inside kept its place.',
        stays:
          'There was mostly air in the flask, and not much steam. Air does not turn to drops. So it still ' +
          'pushed back, ' +
          'and the balloon stayed out.',
        bursts:
          'The flask was full of steam. It turned to a few drops. The air of the room pushed the balloon in and ' +
          'stretched it, until it burst.',
        crack: 'The glass was hot and the water was cold. Glass cannot take that, and it broke.',
      }),
    },
    {
      from: 11,
      text: say`${handPush(values.numbers.stationPressure)} Steam takes up over a thousand times as much room as its
        water. As it condenses, less presses back from inside, and the room’s air moves into the balloon${
          s.outcome === 'crack'
            ? '. Here the glass broke, and air came in through the crack.'
            : say`: ${asVolume(r.balloonInside)} of it here.`
        } Nothing sucks.`,
    },
    {
      from: 14,
      text: say`The pressure inside falls little, because the balloon gives way: ${asPressure(r.peakPressureDifference)}
        below the room at most. What falls is the number of gas particles, and the balloon takes up the room they leave.
        A stiff flask with a stopper would come close to ${asPressure(r.floorPressure)}.
        ${asShare(r.residualAirFraction)} of the gas was air, which stays.`,
    },
    {
      from: 16,
      text: say`In balance p = p0 − ps: p inside the flask, p0 outside, ps what the stretched skin holds. A skin’s
        pressure rises to a hump, ${asPressure(r.criticalPressureDifference)} for this balloon, and falls again${ofEnd(
          s,
          {
            in: ', so that past the hump it jumps to its full size; ',
            limp: '; here it never came to the hump; ',
            stays: '; here it hardly began to climb; ',
            bursts: '; past the hump it grew until the rubber tore; ',
            crack: '; here the glass broke first; ',
          },
        )}the air, ${asShare(r.residualAirFraction)} of the gas, keeps the rest of the flask. Assumed: gas and glass
        come to one temperature.`,
    },
  ]
}
