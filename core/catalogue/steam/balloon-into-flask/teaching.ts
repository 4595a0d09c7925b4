/** Why it ends so, and what to tell a class. */
import { asLength, asPressure, asShare, asTime, asVolume, say, type Sentence } from '../../../sentence'
import type { BalloonIntoFlask } from './simulate'

export const teaching: BalloonIntoFlask['teaching'] = {
  wrongIdea: {
    idea: 'The empty flask sucks the balloon in.',
    answer: 'Nothing in the flask can pull. The air of the room pushes in whatever the steam no longer holds out.',
  },
  before: ['Where will the balloon go, and why?', 'What fills a balloon when nobody blows?'],
  after: ['Whose air is in the balloon?', 'How could you get it out again without touching it?'],
  elsewhere: [
    'Lids that dip on jars of jam as they cool.',
    'Lungs: the chest makes room, and the room’s air comes in.',
    'The hollow in the lid of a lunch box from the microwave.',
  ],
}

export const why: BalloonIntoFlask['why'] = (values, { results: r, outcome }) => {
  const lines: Sentence[] = [
    say`When the balloon goes on, ${asShare(r.residualAirFraction)} of the gas is air and the rest steam. Steam that
      turns to water leaves room; the room’s air fills it at once, through the balloon.`,
  ]
  if (r.timeToRound !== undefined)
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

export const explanation: BalloonIntoFlask['explanation'] = (_values, { results: r }) => [
  {
    from: 7,
    text:
      'The flask was full of steam. It cooled and turned to a few drops, and the flask was nearly empty. The air of ' +
      'the room wants in, but the balloon is in the way: so the air pushes it inside.',
  },
  {
    from: 11,
    text: say`Steam takes over a thousand times as much room as its water. When it condenses, hardly anything is left
      to push back, and the room’s air pushes the balloon in: ${asVolume(r.balloonInside)} of it.`,
  },
  {
    from: 14,
    text: say`The pressure inside hardly falls, because the balloon gives way: never more than
      ${asPressure(r.peakPressureDifference)} below the room. What falls is the amount of gas. A stiff flask with a
      stopper would hold out and come close to ${asPressure(r.floorPressure)}.`,
  },
  {
    from: 16,
    text: say`In balance p(inside) = p(room) − p(skin). The skin’s pressure rises to a hump of
      ${asPressure(r.criticalPressureDifference)} and falls again, so that past the hump the balloon jumps to its
      full size; the air left behind, ${asShare(r.residualAirFraction)} of the gas, keeps the rest of the flask.`,
  },
]
