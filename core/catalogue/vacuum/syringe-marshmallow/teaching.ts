/** Why it ends so, and what to tell a class. */
import { PARTICLES_SWELL, SUCTION } from '../../wrong-ideas'
import { ofEnd, sideBySide } from '../../../demonstration'
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

export const explanation: SyringeMarshmallow['explanation'] = (values, s) => {
  const out = values.numbers.moveTo > values.numbers.shutAt
  return [
    {
      from: 7,
      text: say`A marshmallow is full of tiny bubbles. ${
        out
          ? 'When you pull, the air round it spreads out and pushes less.'
          : 'When you push, the air round it is squeezed and pushes more.'
      } ${ofEnd(s, {
        changes: out ? 'So the bubbles grow.' : 'So the bubbles shrink.',
        little: 'But you moved it so little that the bubbles hardly changed.',
      })}`,
    },
    {
      from: 11,
      text: say`The plunger changes the room that the air's particles have, and with it how often they hit. The gas
      locked into
        the marshmallow follows: it comes to ${asShare(s.results.size)} of its size.`,
    },
    {
      from: 14,
      text: say`At one temperature pressure times volume stays the same (Boyle). It holds twice: for the air round it,
      which goes
        from ${asPressure(values.numbers.stationPressure)} to ${asPressure(s.results.extremePressure)}, and for the
        gas in the
        bubbles, whose walls hold a little against it.`,
    },
    {
      from: 16,
      text: say`For each amount of gas p V is constant at one temperature: p (V − Vs − Vf) for the air, (p + Δp) Vf
      for the foam
        (V room in the syringe, Vs solid, Vf gas of the foam, Δp what its walls hold). Δp goes with the stretch, and
        climbs
        steeply once they are taut. Here p goes to ${asPressure(s.results.extremePressure)}, and the hand holds
        ${asForce(s.results.hold)}, which is the difference to the room times the plunger's area. Assumed: one
        temperature.`,
    },
  ]
}

export const teaching: SyringeMarshmallow['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The marshmallow is sucked apart.',
      kin: 'suction',
      ask: 'What is in its bubbles, and does it push or pull?',
      answer: 'Nothing pulls at it. The air in its own bubbles pushes it out, once less pushes back.',
      source: 'common practice',
    },
    SUCTION,
    PARTICLES_SWELL,
  ],
  before: [
    {
      ask: 'What is inside a marshmallow, and how could you find out?',
      answer: 'Sugar, gelatine and, more than half of it, air in tiny bubbles. It floats, and it can be squeezed.',
    },
    {
      ask: 'What happens if I push instead of pull? Why?',
      answer: 'The air around it is squeezed and presses harder, so the bubbles get smaller.',
    },
  ],
  after: [
    {
      ask: 'Would it be smaller afterwards if it were held for minutes?',
      answer: 'Yes, a bit. Air leaves through the thin walls while it is large.',
      when: (_s, v) => v.numbers.moveTo > v.numbers.shutAt,
    },
    {
      ask: 'What would make it change more?',
      answer: 'More difference: start with less air round it, and pull further.',
      when: s => s.outcome === 'little',
    },
    {
      ask: 'Would a sweet without bubbles change?',
      answer: 'Hardly. Without air shut in there is nothing that could grow or be squeezed.',
    },
  ],
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
