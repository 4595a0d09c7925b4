/** Why it ends so, and what to tell a class. */
import { ofEnd } from '../../../demonstration'
import { PLUME_IS_STEAM } from '../../wrong-ideas'
import type { CloudBottle } from './simulate'
import { asLength, asNumber, asPressure, asTemperature, asTime, say } from '../../../sentence'

export const why: CloudBottle['why'] = (values, s) => [
  say`Let go from ${asPressure(s.details.stationPressure + s.results.peakPressureDifference)} the gas pushes some
    of itself out, works, and cools to ${asTemperature(s.results.coldest)} (${asTemperature(s.results.dryCold)} if
    no vapour had turned to droplets and given its heat back).`,
  values.choices.nuclei === 'none'
    ? say`The vapour reaches ${asNumber(s.results.supersaturation, 2)} times saturation, but with nothing to
      settle on drops start only at about ${values.choices.liquid === 'ethanol' ? 2.3 : 4.2}, and then few:
      optical depth ${asNumber(Math.round(1000 * s.results.opticalDepth) / 1000, 3)}.`
    : say`Droplets of ${asLength(s.results.dropRadius)} form on
      ${values.choices.nuclei === 'smoke' ? 'smoke' : 'the room’s dust'}; many small ones are whiter than few
      large ones: optical depth ${asNumber(Math.round(1000 * s.results.opticalDepth) / 1000, 3)}, and the back row needs
      ${asNumber(s.details.threshold, 3)}.`,
]

export const advice: NonNullable<CloudBottle['advice']> = (values, s) => [
  {
    text:
      s.outcome === 'cloud'
        ? say`${values.choices.way === 'squeeze' ? 'Squeeze hard' : `${s.results.strokes!} strokes`}; the cloud
          stays
          ${
            s.results.cloudTime === undefined ? 'longer than half a minute' : say`about ${asTime(s.results.cloudTime)}`
          }.`
        : values.choices.nuclei === 'smoke' || values.choices.liquid === 'ethanol'
          ? 'More pressure, a quicker release, or light from the side.'
          : 'A wisp of smoke makes the difference: drops need something to settle on.',
  },
]

export const explanation: CloudBottle['explanation'] = (values, s) => {
  const spirit = values.choices.liquid === 'ethanol'
  const vapour = spirit ? 'vapour of the alcohol' : 'water vapour'
  const specks = values.choices.nuclei === 'smoke' ? 'bits of smoke' : 'specks of dust'
  const bare = values.choices.nuclei === 'none'
  return [
    {
      from: 7,
      text: say`There is ${vapour} in the air of the bottle. You cannot see it. When we let the air out, it gets cold
      all
        at once. ${ofEnd(s, {
          cloud: bare
            ? 'The vapour makes tiny drops: a cloud.'
            : `The vapour makes tiny drops on tiny ${specks}: a cloud.`,
          faint: bare
            ? 'The vapour makes a few drops only: a thin haze.'
            : `The vapour makes some tiny drops on tiny ${specks}: a thin haze.`,
          clear: bare
            ? 'But drops need something tiny to sit on, and the air is too clean.'
            : 'But it does not get cold enough for drops that you can see.',
        })}`,
    },
    {
      from: 11,
      text: say`Air that pushes other air away spends energy, so its particles get slower and it gets colder:
        ${asTemperature(s.results.coldest)} here. Slow particles of vapour stay together when they meet.
        ${ofEnd(s, {
          cloud: 'They form droplets, so many that the bottle turns white.',
          faint: 'They form droplets, but few, so it is only a haze.',
          clear: 'Here hardly any droplets formed.',
        })}`,
    },
    {
      from: 14,
      text: say`The gas expands so quickly that no heat comes in: what it does in pushing comes out of its own energy.
        Without any condensing it would fall to ${asTemperature(s.results.dryCold)}. ${
          s.results.supersaturation < 1
            ? 'There is so little vapour in it that none is in surplus even so.'
            : say`At that temperature ${spirit ? 'alcohol' : 'water'} gives off far less vapour than is there, so the
            surplus condenses
        ${bare ? 'where it can: with nothing to settle on that takes a great surplus' : `on the ${specks}`}, and what
        does
        so gives heat back.`
        }`,
    },
    {
      from: 16,
      text: say`T/T0 = (p/p0)^(R/cp) at first (T temperature, p pressure, R gas constant, cp heat capacity at constant
        pressure): ${asTemperature(s.results.dryCold)} here. The vapour comes to
        ${asNumber(s.results.supersaturation, 3)} times saturation. Small drops need some surplus (Kelvin), which a
        large
        or soluble nucleus lowers (Köhler); without nuclei it takes about ${asNumber(spirit ? 2.3 : 4.2, 2)} times
        (Wilson). How white it is goes as N^(1/3) W^(2/3) (N number of drops, W mass of liquid): many small drops are
        whiter than few large ones.`,
    },
  ]
}

export const teaching: CloudBottle['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The cloud is steam, or it is the smoke.',
      ask: 'Press it again: where did the smoke go, and where did the drops go?',
      answer:
        'Vapour is invisible; the cloud is liquid droplets. Press, and it is clear again: the smoke did ' +
        'not go away, the drops did.',
      source: 'common practice',
    },
    PLUME_IS_STEAM,
  ],
  before: [
    {
      ask: 'What will you see when I press, and what when I let go? Why?',
      answer: 'Pressing warms the gas, and any mist goes. Letting go cools it, and vapour can turn to drops.',
    },
    {
      ask: 'What would the smallest specks in the air be good for?',
      answer: 'Drops need something to begin on. Without specks vapour can stay a gas even when it is cold enough.',
    },
  ],
  after: [
    {
      ask: 'Where did the heat go?',
      answer: 'The gas pushed the air around it back as it grew. That took energy, and so it cooled.',
    },
    {
      ask: 'What is the smoke for?',
      answer: 'Each speck of it is a place where a drop can begin.',
      when: (_s, v) => v.choices.nuclei === 'smoke',
    },
    {
      ask: 'Why did it stay clear?',
      answer: 'It was not cold enough, there was too little vapour, or there was nothing for drops to begin on.',
      when: s => s.outcome === 'clear',
    },
    {
      ask: 'Why is high pressure fair weather?',
      answer: 'Under high pressure air sinks; it is pressed together, gets warmer, and drops turn to vapour again.',
      when: s => s.outcome !== 'clear',
    },
  ],
  elsewhere: [
    'Clouds where air rises over a mountain.',
    'Fog over a plane’s wing.',
    'The haze in a fizzy drink as it is opened.',
    'Breath on a cold day.',
  ],
}
