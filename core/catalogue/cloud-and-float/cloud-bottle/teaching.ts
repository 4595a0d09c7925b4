/** Why it ends so, and what to tell a class. */
import type { CloudBottle } from './simulate'
import { asLength, asNumber, asPressure, asTemperature, asTime, say } from '../../../sentence'

export const why: CloudBottle['why'] = (values, s) => [
  say`Let go from ${asPressure(s.details.stationPressure + s.results.peakPressureDifference)} the gas pushes some
    of itself out, works, and cools to ${asTemperature(s.results.coldest)} (${asTemperature(s.results.dryCold)} if
    no vapour had turned to droplets and given its heat back).`,
  values.choices.nuclei === 'none'
    ? say`The vapour reaches ${asNumber(s.results.supersaturation, 2)} times saturation, but with nothing to
      settle on drops start only at about ${values.choices.liquid === 'ethanol' ? 2.3 : 4.2}, and then few:
      optical depth ${asNumber(s.results.opticalDepth, 3)}.`
    : say`Droplets of ${asLength(s.results.dropRadius)} form on
      ${values.choices.nuclei === 'smoke' ? 'smoke' : 'the room’s dust'}; many small ones are whiter than few
      large ones: optical depth ${asNumber(s.results.opticalDepth, 3)}, and the back row needs
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

export const explanation: CloudBottle['explanation'] = (_values, s) => [
  {
    from: 7,
    text:
      'There is water in the air that you cannot see. When the air gets cold all at once, the water ' +
      'makes tiny drops on tiny bits of smoke: a cloud.',
  },
  {
    from: 11,
    text: say`Air that pushes itself out gets colder: ${asTemperature(s.results.coldest)} here. Cold air cannot
      keep so much vapour, so some turns into droplets.`,
  },
  {
    from: 14,
    text: say`Quick expansion leaves no time for heat to come in. Without vapour it would be
      ${asTemperature(s.results.dryCold)}; vapour turning into drops gives heat back. High pressure: clear. Low
      pressure: cloudy, as in the weather.`,
  },
  {
    from: 16,
    text: say`T/T0 = (p/p0)^(R/c_p) at first; then the moist rate. Saturation reached
      ${asNumber(s.results.supersaturation, 3)}. Small drops need supersaturation (Kelvin) that a soluble or large
      nucleus lowers (Köhler); Wilson saw drops on ions near ${asNumber(4.2, 2)}. Optical depth ∝ N^(1/3) W^(2/3):
      smoke makes it white, not more water.`,
  },
]

export const teaching: CloudBottle['teaching'] = {
  wrongIdea: {
    idea: 'The cloud is steam, or it is the smoke.',
    answer:
      'Vapour is invisible; the cloud is liquid droplets. Press, and it is clear again: the smoke did ' +
      'not go away, the drops did.',
  },
  before: ['When will the cloud come: when I press or when I let go?', 'Will it work without the smoke?'],
  after: ['Where did the heat go?', 'What is the smoke for?', 'Why is high pressure fair weather?'],
  elsewhere: [
    'Clouds where air rises over a mountain.',
    'Fog over an aircraft’s wing.',
    'The haze in a bottle of pop as it is opened.',
    'Breath on a cold day.',
  ],
}
