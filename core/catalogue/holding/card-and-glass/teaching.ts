/** Why it ends so, and what to tell a class. */
import { ofEnd } from '../../../demonstration'
import { AIR_ONLY_DOWN, NOTHING_PRESSES } from '../../wrong-ideas'
import { badFills, type CardAndGlass } from './simulate'
import { asForce, asLength, asPressure, asShare, asTime, say } from '../../../sentence'

export const why: CardAndGlass['why'] = (values, s) => [
  say`The room pushes up with ${asForce(s.results.airPush)}, the water weighs only
    ${asForce(s.results.waterWeight)}: no lack of push. But the trapped air pushes down nearly as hard. It must
    lose ${asPressure(s.results.peakPressureDifference)}, and it does so by the card hanging
    ${asLength(s.results.sag)} lower; the wet rim stays closed up to ${asLength(s.results.sealedGap)}.`,
  ...(s.outcome === 'later'
    ? [say`Then the card goes limp, after ${asTime(values.numbers.soakTime)}.`]
    : s.outcome === 'falls'
      ? ['That is more than the rim keeps closed: air gets in.']
      : []),
]

/** Odds of falling from which a glass is not called one that holds. */
const NEAR_ITS_LIMIT = 0.05

export const advice: NonNullable<CardAndGlass['advice']> = (values, _s, risk) => {
  const bad = badFills(values)
  const full = { input: 'fillShare', value: 1 }
  if (bad)
    return [
      {
        text: say`With this glass it falls between ${asShare(bad[0])} and ${asShare(bad[1])} full: fill it to
          the brim, or take a shorter glass.`,
        take: full,
      },
    ]
  return risk.share('falls') >= NEAR_ITS_LIMIT
    ? [{ text: 'With this glass the rim is near its limit: full to the brim the card hangs least.', take: full }]
    : [{ text: 'This glass holds however full it is; half full asks most of it.' }]
}

export const explanation: CardAndGlass['explanation'] = (values, s) => {
  const full = values.numbers.fillShare > 0.995
  return [
    {
      from: 7,
      text: ofEnd(s, {
        holds:
          'The air under the card pushes up. The water and the air in the glass push down. With the wet rim ' +
          'the pushes ' +
          'match, so the card stays.',
        later:
          'The air under the card pushes up. For a while that holds the card and the water. Then the card gets soft, ' +
          'air slips in, and it falls.',
        falls:
          'The air under the card pushes up. But here air slips in at the rim. Then it pushes down as hard as ' +
          'it pushes ' +
          'up, and the water falls.',
      }),
    },
    {
      from: 11,
      text: say`Air presses on the card from below with ${asForce(s.results.airPush)}. The water weighs only
        ${asForce(s.results.waterWeight)}, but the air ${full ? 'that gets in' : 'in the glass'} presses down nearly as
        hard as the room. ${ofEnd(s, {
          holds: 'A film of water at the rim keeps more from slipping in.',
          later: 'The wet rim keeps more from slipping in, until the card is soaked.',
          falls: 'Here the film of water at the rim tears, and more slips in.',
        })}`,
    },
    {
      from: 14,
      text: say`Forces on the card: up, the room's pressure times area; down, the water's weight and the shut-in air's
        pressure times area. When the card hangs ${asLength(s.results.sag)} lower, that air has more room and presses
        ${asPressure(s.results.peakPressureDifference)} less: just what carries the water. ${ofEnd(s, {
          holds: say`The rim stays closed up to ${asLength(s.results.sealedGap)}.`,
          later: say`The rim stays closed up to ${asLength(s.results.sealedGap)}, as long as the card is stiff.`,
          falls: say`But the rim stays closed only up to ${asLength(s.results.sealedGap)}.`,
        })}`,
    },
    {
      from: 16,
      text: say`p0 V/(V + A s) + ρ g h = p0 (p0 the room's pressure, V the shut-in air, A the glass's area, s how much
      the
        card sags, ρ g h the water's weight over A) gives s = H (1 − f) ρ g h/(p0 − ρ g h), with H the glass's height
        and
        f the share that is full: ${asLength(s.results.sag)} here, and most at half full. A film of water closes gaps
        up to
        about a third of the capillary length √(σ/ρg) = ${asLength(0.0027)} (σ surface tension):
        ${asLength(s.results.sealedGap)} for this rim. Assumed: a flat card that hangs evenly.`,
    },
  ]
}

export const teaching: CardAndGlass['teaching'] = {
  wrongIdeas: [
    {
      idea: 'It only works with a full glass, because no air may be inside.',
      ask: 'Half full, with air above the water: will it hold?',
      answer:
        'It works half full as well. The air inside spreads a hair and pushes that much less. In a very ' +
        'tall glass half full it fails.',
      source: 'common practice',
    },
    AIR_ONLY_DOWN,
    NOTHING_PRESSES,
  ],
  before: [
    {
      ask: 'What changes when it is half full, or when the water is hot? Why?',
      answer:
        'With more air inside the card must bulge more before it is held. Hot water gives vapour, which ' +
        'pushes from inside.',
    },
    {
      ask: 'What could a first hole in the card do?',
      answer:
        'A small one lets the water’s skin hold. A larger one lets air in, and the pressures above and below ' +
        'become equal.',
    },
  ],
  after: [
    {
      ask: 'What did the air inside do?',
      answer:
        'It got a little more room as the card sagged, so it pressed a little less. That difference carries the water.',
    },
    {
      ask: 'Why must the rim be wet?',
      answer: 'Water between rim and card keeps air out, and its skin pulls the card to the rim.',
      when: s => s.outcome !== 'falls',
    },
    {
      ask: 'How did air get in?',
      answer: 'Past the rim, or through a card that got soft.',
      when: s => s.outcome !== 'holds',
    },
  ],
  elsewhere: [
    'A straw with a finger on it.',
    'A pet’s water bottle.',
    'A wine siphon.',
    'A water cooler’s upturned bottle.',
  ],
}
