/** Why it ends so, and what to tell a class. */
import { ofEnd } from '../../../demonstration'
import { NOTHING_PRESSES } from '../../wrong-ideas'
import type { BalloonInGlass, BalloonInGlassRun } from './simulate'
import { apart, asForce, asLength, asNumber, asPressure, say } from '../../../sentence'

/** What friction holds, and what pulls at it. */
const gripAgainst = (r: BalloonInGlassRun['results']) => apart(asForce(r.grip), asForce(r.weight))

export const why: BalloonInGlass['why'] = (values, s) => {
  const [grip, weight] = gripAgainst(s.results)
  return [
    say`Blown to ${asLength(values.numbers.blownTo)}, the skin presses the air ${asPressure(s.results.skinPressure)}
    over the room. Stretching the part in the glass takes some; ${asPressure(s.results.contactPressure)} are left
    to press on the wall, and friction turns that into ${grip}.`,
    s.outcome === 'lifts'
      ? say`The glass pulls with ${weight}.`
      : s.outcome === 'bursts'
        ? 'It was stretched too far.'
        : say`The glass pulls with ${weight}: dry the glass, put the balloon deeper, or take a
        lighter one. Blown larger the skin does not press harder at first: it presses less.`,
  ]
}

export const explanation: BalloonInGlass['explanation'] = (_values, s) => {
  const [grip, weight] = gripAgainst(s.results)
  return [
    {
      from: 5,
      text: ofEnd(s, {
        lifts:
          'The balloon gets fat and presses against the glass from inside. It holds so tight that the glass comes ' +
          'along.',
        slides: 'The balloon gets fat and presses against the glass from inside. But it slips, and the glass stays.',
        bursts: 'The balloon got too fat, and it burst.',
      }),
    },
    {
      from: 11,
      text: say`The air's particles press outwards all round. Rubber on glass grips: ${ofEnd(s, {
        lifts: say`it can hold ${grip}, and the glass needs ${weight}.`,
        slides: say`it can hold ${grip}, but the glass needs ${weight}.`,
        bursts: 'but here the skin was stretched until it tore.',
      })}`,
    },
    {
      from: 14,
      text: say`Friction is a coefficient times the force that presses. That force is
    ${asPressure(s.results.contactPressure)}
      times the area of wall that is touched: ${grip} of friction, against
      ${weight} of weight${s.outcome === 'bursts' ? ', had it not burst first' : ''}.`,
    },
    {
      from: 16,
      text: say`F = μ Δp A (μ friction of rubber on glass, A area of contact, Δp what presses on it:
      ${asPressure(s.results.contactPressure)}), ${grip} here. A balloon’s pressure has a hump at a
      stretch of about ${asNumber(1.4, 2)} and then falls: more air does not always press more. Δp is what is left of it
      after the part in the glass has been stretched, which takes about half as much as a ball would. Assumed: contact
      all along the wall.`,
    },
  ]
}

export const teaching: BalloonInGlass['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The balloon is light, like a flying balloon, so it lifts.',
      ask: 'What lifts the glass: the air in the balloon, or the hand?',
      answer: 'It does not fly: the hand lifts it. The air only presses the rubber to the glass.',
      source: 'common practice',
    },
    NOTHING_PRESSES,
  ],
  before: [
    {
      ask: 'What would soap in the glass change? Why?',
      answer: 'The balloon would slip. Friction carries the glass, and soap takes it away.',
    },
    {
      ask: 'Will a bigger balloon hold better? Why?',
      answer: 'Up to a point. Blown up more it presses more on the glass, until the skin is at its limit.',
    },
  ],
  after: [
    {
      ask: 'What does the air do here?',
      answer:
        'Inside, it presses the skin on the glass. Below the balloon it is shut in: as the glass hangs it ' +
        'gets more room and presses less.',
    },
    {
      ask: 'What would a heavier glass need?',
      answer: 'A harder press on the glass or a rougher skin, so that friction is more than its weight.',
      when: s => s.outcome === 'lifts',
    },
    {
      ask: 'What would make it grip?',
      answer: 'A dry glass, a rough skin, more air in the balloon.',
      when: s => s.outcome === 'slides',
    },
    {
      ask: 'Why did more air not help?',
      answer: 'The skin was stretched to its limit before it pressed hard enough.',
      when: s => s.outcome === 'bursts',
    },
  ],
  elsewhere: ['Drain stoppers that are pumped up.', 'Blood pressure cuffs.', 'Grippers that lift bottles by the neck.'],
}
