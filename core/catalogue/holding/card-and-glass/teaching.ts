/** Why it ends so, and what to tell a class. */
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

export const advice: NonNullable<CardAndGlass['advice']> = values => {
  const bad = badFills(values)
  return [
    bad
      ? {
          text: say`With this glass it falls between ${asShare(bad[0])} and ${asShare(bad[1])} full: fill it to
            the brim, or take a shorter glass.`,
          take: { input: 'fillShare', value: Math.min(1, bad[1] + 0.05) },
        }
      : { text: 'This glass holds however full it is; half full asks most of it.' },
  ]
}

export const explanation: CardAndGlass['explanation'] = (values, s) => [
  { from: 7, text: 'The air under the card pushes up, and it is stronger than the water is heavy.' },
  {
    from: 11,
    text: say`Air pushes on the card from below with ${asForce(s.results.airPush)}; the water is only
      ${asForce(s.results.waterWeight)}. The wet rim keeps air from slipping in.`,
  },
  {
    from: 14,
    text: say`There is air in the glass as well. When the card hangs ${asLength(s.results.sag)} lower, that air
      has a little more room and its pressure falls by ${asPressure(s.results.peakPressureDifference)}: just what
      carries the water.`,
  },
  {
    from: 16,
    text: say`p0 V/(V + A s) + ρ g h = p0 gives s = H(1 − f) ρ g h/(p0 − ρ g h): greatest at half full. The film
      closes gaps up to about a third of the capillary length √(σ/ρg) = ${asLength(0.0027)}. In a glass
      ${asLength(1)} wide it would not hold, ${asPressure(values.numbers.stationPressure)} or not.`,
  },
]

export const teaching: CardAndGlass['teaching'] = {
  wrongIdea: {
    idea: 'It only works with a full glass, because no air may be inside.',
    answer:
      'It works half full as well. The air inside spreads a hair and pushes that much less. In a very ' +
      'tall glass half full it fails.',
  },
  before: ['Does it work half full? With hot water?', 'What will happen at the first hole in the card?'],
  after: ['What did the air inside do?', 'Why must the rim be wet?'],
  elsewhere: [
    'A straw with a finger on it.',
    'A pet’s water bottle.',
    'A wine siphon.',
    'A water cooler’s upturned bottle.',
  ],
}
