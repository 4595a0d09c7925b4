/** Why it ends so, and what to tell a class. */
import { reached } from '../../telling'
import { ofEnd } from '../../../demonstration'
import { PARTICLES_SWELL, SUCTION } from '../../wrong-ideas'
import { halving } from '../../../elementary'
import { simulate, type EggInBottle, type EggInBottleRun } from './simulate'
import type { EggInBottleValues } from './inputs'
import { apart, asForce, asLength, asPressure, asShare, asTemperature, asTime, say } from '../../../sentence'

/** Later than this nobody waits with the egg in hand, s. */
const LONGEST_DELAY = 20

/** Latest that this egg can be set on and still go, s. */
const latestEgg = (values: EggInBottleValues): number =>
  halving(
    eggDelay => simulate({ ...values, numbers: { ...values.numbers, eggDelay } }, 'summary').outcome !== 'stays',
    values.numbers.eggDelay,
    Math.max(LONGEST_DELAY, values.numbers.eggDelay),
    6,
  )

/** As close to what it asks for as this, its white has hardly given way. */
const AT_ONCE = 0.97

/** Its weight alone is more than the neck holds: it goes in whatever the gas does. */
const dropsIn = ({ results: r, details: d, outcome }: EggInBottleRun): boolean =>
  outcome !== 'stays' && r.neededDifference <= d.valve

export const why: EggInBottle['why'] = (values, s) => {
  const { results: r, details: d } = s
  if (dropsIn(s)) {
    const [weighs, holds] = apart(asPressure(d.valve), asPressure(r.neededDifference))
    return [
      say`Its own weight, ${weighs} over the neck, is more than friction and squeeze hold, ${holds}: it drops in by
        itself as it is set on.`,
    ]
  }
  const [needs, gets] = apart(asPressure(r.neededDifference), asPressure(r.peakPressureDifference))
  const n = values.numbers
  const [squeeze, most] = apart(asShare((n.eggDiameter - n.neckDiameter) / n.eggDiameter), asShare(n.tearSqueeze))
  const total = d.cooled + d.condensed + d.oxygen + d.dioxide
  return [
    total < 1
      ? say`The gas was at ${asTemperature(r.sealTemperature)} when the egg came: nothing left to cool.`
      : say`The gas was at ${asTemperature(r.sealTemperature)} when the egg last sealed. Cooling makes
        ${asShare(Math.min(1, d.cooled / total))} of the difference, condensing vapour
        ${asShare(Math.max(0, d.condensed) / total)}, oxygen used up less carbon dioxide made
        ${asShare(Math.max(0, d.oxygen + d.dioxide) / total)}.`,
    s.outcome === 'stays'
      ? say`It needs ${needs} and gets ${gets}.`
      : s.outcome === 'torn'
        ? say`It is
          ${squeeze} too
          wide for the neck: the white tears above ${most}.`
        : r.peakPressureDifference + d.valve < AT_ONCE * r.neededDifference
          ? say`To go at once it asks for ${needs}, of which its own weight makes ${asPressure(d.valve)}; under
            ${gets} that last its white gives way, and it goes ${asTime(r.hush!)} after it is set on.`
          : say`It asks for ${needs}, of which its own weight makes ${asPressure(d.valve)}; the rest is reached
            ${asTime(r.hush!)} after it is set on.`,
  ]
}

export const advice: NonNullable<EggInBottle['advice']> = (values, s) => {
  const n = values.numbers
  const whole = Math.min(s.results.widestEgg, n.neckDiameter / (1 - n.tearSqueeze))
  const latest = s.outcome === 'stays' ? undefined : latestEgg(values)
  const safe = n.neckDiameter + (whole - n.neckDiameter) * 0.8
  if (dropsIn(s)) return [{ text: 'It drops in by itself: to show what the air does take a wider egg.' }]
  return [
    {
      text: say`For this neck and this heat: an egg up to ${asLength(whole, { digits: 3 })} goes in whole;
        ${asLength(safe, { digits: 3 })} leaves a
        margin.${
          latest === undefined
            ? ''
            : latest >= LONGEST_DELAY
              ? ' There is no hurry with this one.'
              : say` This one must be on within ${asTime(latest)}.`
        }`,
      // A smaller one that goes in goes in more surely.
      ...((s.outcome !== 'whole' || n.eggDiameter > safe) && {
        take: { input: 'eggDiameter', value: Number(safe.toFixed(4)) },
      }),
    },
  ]
}

export const explanation: EggInBottle['explanation'] = (values, s) => {
  const { results: r, details: d } = s
  const water = values.choices.heating === 'hot-water'
  if (dropsIn(s))
    return [
      { from: 7, text: 'This egg is small and slippery. Set on the neck, it drops in. Nothing has to push it.' },
      { from: 11, text: 'Its own weight is more than the neck can hold. So it drops in, and no air needs to push.' },
      {
        from: 14,
        text: say`The neck squeezes the egg, and friction holds it. Spread over the opening, the egg's weight comes to
          ${asPressure(d.valve)}, which is more than that friction: no difference of pressure is needed.`,
      },
      {
        from: 16,
        text: say`It goes where Δp and the weight over the neck's area, ${asPressure(d.valve)}, together reach
          4 q L (μ + s)/d = ${asPressure(r.neededDifference)} (q contact pressure, L band of contact, μ friction, s
          slope, d the neck's diameter): the weight alone does. Assumed: one friction all round.`,
      },
    ]
  return [
    {
      from: 7,
      text: say`${
        water
          ? 'The hot water warms the bottle and the air in it.'
          : 'The fire warms the air in the bottle, and some of it gets out.'
      } Then the air in the bottle cools and pushes less. The air in the room pushes as always. ${ofEnd(s, {
        whole: 'It pushes the egg in.',
        torn: 'It pushes the egg in, and the tight neck tears it.',
        stays: 'It pushes the egg down, but not hard enough today.',
      })}`,
    },
    {
      from: 11,
      text: say`Warm air takes more room, so part of it leaves. What is left cools from
        ${asTemperature(r.sealTemperature)}: its particles get slower and hit less hard. The pressure falls by
        ${reached(r.peakPressureDifference)}, and the room pushes on the egg with a net force of
        ${asForce(r.pushOnEgg)}${ofEnd(s, {
          whole: ': enough to squeeze it through.',
          torn: ': enough to push it through, in pieces.',
          stays: ', which is less than it asks for.',
        })}`,
    },
    {
      from: 14,
      text: say`At one volume pressure goes with absolute temperature: cooling accounts for ${reached(d.cooled)}.
        ${water ? 'Vapour of the hot water' : 'Water vapour of the flame'} that turns to dew makes
        ${reached(d.condensed)}.${
          water
            ? ' Nothing burnt, so the oxygen is all there.'
            : say` The oxygen used up is nearly made up for by carbon dioxide: ${reached(d.oxygen + d.dioxide)} is
            left; when
              the flame dies, oxygen still makes up ${asShare(r.oxygenLeft)} of the gas.`
        } To go at once this egg asks for
        ${asPressure(r.neededDifference)}; under a push that lasts its white gives way, and less will do.`,
    },
    {
      from: 16,
      text: say`The egg is a valve first: gas leaves whenever p − p0 exceeds its weight over the neck's area
        (${asPressure(d.valve)}). From the last sealing on p V = n R T, with T falling and n losing vapour${
          water ? '' : '; C6H10O5 + 6 O2 → 6 CO2 + 5 H2O leaves the dry amount as it was'
        }. It goes at once when Δp reaches 4 q L (μ + s)/d = ${asPressure(r.neededDifference)} (q contact pressure, L
        band of
        contact, μ friction, s slope, d the neck's diameter); Δp came to ${asPressure(r.peakPressureDifference)}.
        Under load q falls with time, as the white relaxes. Assumed: one friction all round.`,
    },
  ]
}

export const teaching: EggInBottle['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The fire uses up the oxygen, and that leaves an empty space that sucks the egg in.',
      kin: 'suction',
      ask: 'Hot water and no fire: will the egg go in?',
      answer:
        'The flame goes out with most of the oxygen still there, and makes nearly as much other gas. Hot ' +
        'gas that left, and the rest cooling, does the work; and it is the room that pushes.',
      source: 'common practice',
    },
    SUCTION,
    PARTICLES_SWELL,
  ],
  before: [
    {
      ask: 'What will the egg do in the first seconds? Why?',
      answer: 'Warm gas needs more room: some of it may lift the egg and slip past.',
    },
    {
      ask: 'If it moves, when will it: while the gas gets warm or while it cools? Why?',
      answer: 'While it cools. Then less presses from inside, and the air above pushes it down.',
    },
    {
      ask: 'Would it work with hot water and no fire? Why?',
      answer: 'Yes. What counts is that the gas in the bottle is warm and then cools; vapour even helps.',
    },
  ],
  after: [
    {
      ask: 'Why did the egg dance?',
      answer: 'Warm gas lifted it, slipped out, and it fell back, again and again.',
      when: s => s.results.danceTime > 0,
    },
    {
      ask: 'What was in the bottle afterwards?',
      answer: 'Air, a little less of it than before, and water vapour.',
      when: (s, v) => s.outcome !== 'stays' && v.choices.heating === 'hot-water',
    },
    {
      ask: 'What was in the bottle afterwards?',
      answer: 'Air, a little less of it than before, some carbon dioxide and vapour. There is oxygen left.',
      when: (s, v) => s.outcome !== 'stays' && v.choices.heating !== 'hot-water',
    },
    {
      ask: 'How do we get it out again?',
      answer: 'The other way round: turn it over and make the push inside the greater one.',
      when: s => s.outcome === 'whole',
    },
    {
      ask: 'What would you change so that it goes in?',
      answer: 'A smaller or wetter egg, a wider neck, or warmer gas before it is closed.',
      when: s => s.outcome === 'stays',
    },
    {
      ask: 'Why did it tear?',
      answer: 'The neck squeezed it more than its white can stand.',
      when: s => s.outcome === 'torn',
    },
  ],
  elsewhere: [
    'A jam jar’s lid that clicks down as it cools.',
    'A bottle of water that crumples after a hot car.',
    'A fridge door that is hard to open again just after you shut it.',
    'A tank that caves in after steam cleaning.',
  ],
}
