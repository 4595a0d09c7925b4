/** Why it ends so, and what to tell a class. */
import { sideBySide } from '../../../demonstration'
import { simulate, type SyringeMarshmallow } from './simulate'
import { asForce, asPressure, asShare, asVolume, say } from '../../../sentence'

export const why: SyringeMarshmallow['why'] = (values, s) => {
  const n = values.numbers
  const { size, sizeAfter } = s.results
  return [
    say`From ${asVolume(n.shutAt)} to ${asVolume(n.moveTo)} the air in the syringe comes to
      ${asPressure(s.results.extremePressure)}. The gas in the marshmallow is ${asShare(n.gasShare)} of it; there
      it is ${asShare(size)} of its size.`,
    sizeAfter < 0.97
      ? say`Some of its gas seeped out on the way: let back it is only ${asShare(sizeAfter)} of what it was.`
      : 'Let back, it is about what it was.',
    say`The hand holds ${asForce(s.results.hold)}.`,
  ]
}

export const explanation: SyringeMarshmallow['explanation'] = (values, s) => [
  {
    from: 7,
    text:
      'A marshmallow is full of tiny bubbles of air. When you pull, the air round it spreads out and pushes less, ' +
      'and the bubbles grow. When you push, they shrink.',
  },
  {
    from: 11,
    text: say`The plunger changes the room that the air has, and with it how hard the air pushes. The air locked
      into the marshmallow follows: it comes to ${asShare(s.results.size)} of its size.`,
  },
  {
    from: 14,
    text: say`Boyle’s law twice: for the air round it, which goes from
      ${asPressure(values.numbers.stationPressure)} to ${asPressure(s.results.extremePressure)}, and for the gas
      inside, whose walls hold a little against it.`,
  },
  {
    from: 16,
    text:
      'At one temperature p V stays for each amount of gas: p (V − V_solid − V_foam(p)) for the air, and ' +
      '(p + skin) V_foam for the foam. The skin pushes back in proportion to the stretch, and steeply once it is taut.',
  },
]

export const teaching: SyringeMarshmallow['teaching'] = {
  wrongIdea: {
    idea: 'The marshmallow is sucked apart.',
    answer: 'Nothing pulls at it. The air in its own bubbles pushes it out, once less pushes back.',
  },
  before: ['What is inside a marshmallow?', 'What happens if I push instead?'],
  after: ['Would it be smaller afterwards if it were held for minutes?', 'Would a sweet without bubbles grow?'],
  elsewhere: ['A snack packet on a mountain.', 'A diver’s lungs on the way up.', 'A balloon that climbs.'],
}

export const variants: NonNullable<SyringeMarshmallow['variants']> = values => {
  const { shutAt, moveTo } = values.numbers
  return sideBySide(
    'How far it is moved',
    values,
    simulate,
    ['size', 'extremePressure', 'hold'],
    [0.5, 0.75, 1].map(share => ({
      name: say`to ${asVolume(shutAt + share * (moveTo - shutAt))}`,
      numbers: { moveTo: shutAt + share * (moveTo - shutAt) },
    })),
  )
}
