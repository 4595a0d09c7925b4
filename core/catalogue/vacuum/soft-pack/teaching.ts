/** Why it ends so, and what to tell a class. */
import { targetMissed } from '../target'
import { ofEnd } from '../../../demonstration'
import { PARTICLES_SWELL, SUCTION } from '../../wrong-ideas'
import { isUnderway, type SoftPackValues } from './inputs'
import type { SoftPack, SoftPackRun } from './simulate'
import { apart, asPressure, asShare, asTime, asTimes, say, type Sentence } from '../../../sentence'

export const why: SoftPack['why'] = (values, s) => {
  const [would, has] = apart(
    asTimes(values.numbers.stationPressure / s.results.finalPressure),
    asTimes(s.results.growth),
  )
  return [
    say`Its gas was shut in at ${asPressure(values.numbers.stationPressure)}. With
    ${asPressure(s.results.finalPressure)} round it, it would take
    ${would} the room; skin and stiffness let it have
    ${has}.`,
    s.outcome === 'opens'
      ? say`The skin stood ${asPressure(s.results.packDifference)} and gave way.`
      : s.results.shrunkTo < 0.97
        ? say`Meanwhile gas leaked out of it, so with the air back it is only ${asShare(s.results.shrunkTo)} of what
        it was.`
        : 'Hardly any gas left it, so it comes back to its size.',
  ]
}

/** How many times its stiffness the pressure must fall by for that to count little. */
const LITTLE = 5
/** What the stuff itself does, by its kind and by how far the pressure falls. */
function foam({ numbers: n, choices }: SoftPackValues, { results: r }: SoftPackRun): Sentence {
  if (choices.pack !== 'marshmallow') return 'It follows Boyle until its skin is taut.'
  const [from, to] = apart(asPressure(n.stationPressure), asPressure(r.finalPressure))
  return n.stationPressure - r.finalPressure > LITTLE * n.packStiffness
    ? say`Foam is a network of cells with a modulus of some ${asPressure(n.packStiffness)}: little against the fall
        from ${from} to ${to}, so it follows Boyle until its walls are taut.`
    : say`Foam is a network of cells with a modulus of some ${asPressure(n.packStiffness)}: beside a fall from ${from}
        to ${to} that counts, and it grows less than by Boyle alone.`
}

export const advice: NonNullable<SoftPack['advice']> = (values, s) =>
  isUnderway(values) ? [] : targetMissed(values, s.results)

export const explanation: SoftPack['explanation'] = (values, s) => [
  {
    from: 7,
    text: say`There is gas shut in it. When there is less air outside, that gas spreads out.
      ${ofEnd(s, {
        swells: say`So it swells up, to ${asTimes(s.results.growth)} its size.`,
        opens: 'So it swells up, until it pops open.',
        little: 'But it hardly changes here.',
      })}`,
  },
  {
    from: 11,
    text: say`Fewer particles hit it from outside. Those inside push as before, until both match.${
      s.outcome === 'opens'
        ? ' Here the skin gave way first.'
        : s.results.shrunkTo < 0.97
          ? say` Some gas escapes through the walls, so afterwards it is squashed to ${asShare(s.results.shrunkTo)}.`
          : say` It comes to ${asTimes(s.results.growth)} its size.`
    }`,
  },
  {
    from: 14,
    text: say`At one temperature pressure times volume of the gas stays the same (Boyle): at
      ${asPressure(s.results.finalPressure)} it wants
      ${asTimes(values.numbers.stationPressure / s.results.finalPressure)} its
      volume. The skin and the stuff itself hold some of the difference: it
      ${s.outcome === 'opens' ? 'stood' : 'holds'} ${asPressure(s.results.packDifference)}.`,
  },
  {
    from: 16,
    text: say`(p + Δp) V is constant (p round it, Δp what the skin holds, ${asPressure(s.results.packDifference)}
    here, V the gas's volume), less what leaks out. ${foam(values, s)} Gas leaves it with a time constant of
    ${asTime(values.numbers.leakTime)}. Assumed: one temperature.`,
  },
]

export const teaching: SoftPack['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The pump blows it up.',
      ask: 'Weigh it before and while it is big: what does the balance say?',
      answer: 'Nothing goes in. The same gas takes more room because less presses on it.',
      source: 'common practice',
    },
    PARTICLES_SWELL,
    SUCTION,
  ],
  before: [
    {
      ask: 'Will it grow, shrink or stay? Why?',
      answer:
        'What has air shut in grows, because less presses from outside. What has none, or lets it out, hardly changes.',
    },
    {
      ask: 'Will it be the same afterwards? Why?',
      answer: 'If some air got out, the room’s air will press it smaller than it was.',
    },
    {
      ask: 'Which of these has air shut in: bread, an apple, a marshmallow? How can you tell?',
      answer: 'A marshmallow has it shut in bubbles. Bread and apples have pores that air goes through.',
    },
  ],
  after: [
    {
      ask: 'Why did it end smaller?',
      answer:
        'Some of its air got out under the pump. When the room’s air came back, too little was inside to push back.',
      when: s => s.outcome !== 'opens' && s.results.shrunkTo < 0.97,
    },
    {
      ask: 'What opened it?',
      answer: 'Its own air: the difference was more than the seam or skin could hold.',
      when: s => s.outcome === 'opens',
    },
    {
      ask: 'Why did it hardly change?',
      answer: 'There was little shut-in air, or its skin was too stiff, or the air round it hardly thinned.',
      when: s => s.outcome === 'little',
    },
    {
      ask: 'Why does a snack packet bulge on a plane and not burst?',
      answer:
        'The cabin keeps three quarters of the pressure at sea level. The difference is less than the seam holds.',
    },
  ],
  elsewhere: [
    'Packets on a mountain road or in a cabin.',
    'Ears on a plane.',
    'Fish brought up from deep water.',
    'Bread dough rising faster at height.',
  ],
}
