import { atWorst, type Gate, heatOff, near, next, pressureOff, wait } from '../../../demonstration'
import { applying, hotSurface, openFlame, wetFloor, type Caution } from '../../../cautions'
import { dishWater, type CandleJar } from './simulate'

/** More flames than this under one glass make it hot all over. Common practice. */
const FEW_FLAMES = 3

export const gates: readonly Gate[] = [
  {
    step: 'dish',
    text:
      'Before the candle is lit: hair and sleeves back; the dish stands level and full; jar in reach, ' +
      'wet cloth at hand.',
    guards: ['flame', 'heat'],
  },
]
export const cautions: CandleJar['cautions'] = (values, _s, risk): Caution[] => {
  const many = values.numbers.candles > FEW_FLAMES
  return applying(
    openFlame('dish', many),
    wetFloor(dishWater(values), 'dish'),
    {
      id: 'glass-heated',
      step: 'cover',
      severity:
        many ||
        values.numbers.wickHeight >
          (0.7 * values.numbers.jarVolume) / (0.785 * values.numbers.jarDiameter * values.numbers.jarDiameter)
          ? 'raised'
          : 'usual',
      covers: ['heat', 'chilled-glass'],
      hazard:
        `The top of a small jar gets hot${many ? `, over ${Math.round(values.numbers.candles)} candles very` : ''}, ` +
        'and glass may crack over the flame or where water touches it.',
      control:
        'Heat-proof or thick glass; flame at least a hand’s breadth below the top; goggles; wait before lifting.',
    },
    hotSurface(atWorst(risk, 'hottest'), 'watch', 'The gas under the jar and its top get hot'),
  )
}
export const afterFailure: CandleJar['afterFailure'] = (_values, _s, _risk, outcome) => [
  wait('Let it stand until the flame is out and the glass is cool.'),
  heatOff('Still burning? Leave it: it goes out by itself.'),
  pressureOff('Tilt the jar with a cloth until air gurgles in.'),
  near('Was the rim under water all round? Coins under it.'),
  next(
    {
      drowned: 'The water was faster than the flame: a taller candle or a wider jar.',
      gurgles: 'The dish ran dry: more water in it.',
    }[outcome] ??
      'Lower the jar more slowly, so that more warm air is caught; more water in the dish; two or three candles.',
  ),
]
