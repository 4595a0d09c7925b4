/** What glass is refused for: chill, scratches, thin walls, flat bottoms, a torch. */
import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import { defineInput, type Has, type Fault } from '../../demonstration'
import { CHILL_SPREAD, CRACKS_REFUSED } from '../../cautions'
import { exp, ln } from '../../elementary'
import { saturationTemperature } from '../../substances/water'
import { asLength, asTemperature, asTemperatureDifference, say } from '../../sentence'
import { sphereDiameter } from '../../vessels/sphere'
export const GLASS_STATE = defineInput({
  id: 'glassState',
  name: 'state of the glass',
  kind: 'choice',
  group: 'vessel',
  default: 'sound',
  choices: [
    { id: 'sound', name: 'without a mark' },
    { id: 'scratched', name: 'scratched, chipped or old' },
  ],
})
export const FLASK_BOTTOM = defineInput({
  id: 'flaskBottom',
  name: 'bottom',
  kind: 'choice',
  group: 'vessel',
  default: 'round',
  choices: [
    { id: 'round', name: 'round-bottomed' },
    { id: 'flat', name: 'flat-bottomed' },
  ],
})

/** Quantile of the standard normal at `CRACKS_REFUSED`. */
const SCORE = -2.0537
/**
 * Chill that all but `CRACKS_REFUSED` of glasses like it bear, K: the quantile of the usual lognormal spread round
 * what is stated.
 * @param limit median of what such glass bears, K
 */
export const borneChill = (limit: number): number => limit * exp(SCORE * Math.sqrt(ln(1 + CHILL_SPREAD * CHILL_SPREAD)))

/** Share of glasses like it that a chill cracks, 0 to 1, by the same spread. @param chill and `limit`, K */
export const shareCracked = (chill: number, limit: number): number =>
  chill > 0 ? normalCdf(ln(chill / limit) / Math.sqrt(ln(1 + CHILL_SPREAD * CHILL_SPREAD)), 0, 1) : 0

/**
 * Glass as hot as steam meets the water: refused where more than two in a hundred would crack. @param bath id of the
 * water's temperature
 */
export function bearsTheChill<N extends string>(
  { numbers: n }: Has<NoInfer<N> | 'stationPressure' | 'shockLimit'>,
  bath: N,
): Fault[] {
  const boiling = saturationTemperature(n.stationPressure)
  const coldest = boiling - borneChill(n.shockLimit)
  return n[bath] >= coldest
    ? []
    : [
        {
          input: bath,
          message: say`given ${asTemperature(n[bath], { digits: 4 })}; refused: glass at
            ${asTemperature(boiling, { digits: 4 })} in it is chilled by
            ${asTemperatureDifference(boiling - n[bath], { digits: 4 })}, and more than ${CRACKS_REFUSED * 100} of
            100 glasses of this kind crack (they bear about
            ${asTemperatureDifference(n.shockLimit, { digits: 4 })}); accepted:
            ${asTemperature(Math.ceil(coldest * 2) / 2, { digits: 4 })} or warmer`,
        },
      ]
}

export const soundGlass = ({ choices }: Has<never, 'glassState'>): Fault[] =>
  choices.glassState === 'scratched'
    ? [
        {
          input: 'glassState',
          message:
            'given "scratched"; refused: a scratch takes most of the strength of glass, and it breaks without ' +
            'warning under a chill or a vacuum; accepted: sound',
        },
      ]
    : []

export const roundBottom = ({ choices }: Has<never, 'flaskBottom'>): Fault[] =>
  choices.flaskBottom === 'flat'
    ? [
        {
          input: 'flaskBottom',
          message: 'given "flat"; refused: a flat bottom bends under a vacuum and implodes; accepted: round',
        },
      ]
    : []

/**
 * Thinnest wall under a vacuum, of the diameter: laboratory flasks of a litre have some 1.3 to 2 mm on 13 cm; common
 * practice.
 */
const THIN = 0.008
export const thickEnough = ({ numbers: n }: Has<'vesselVolume' | 'wallThickness'>): Fault[] => {
  const least = THIN * sphereDiameter(n.vesselVolume)
  return n.wallThickness >= least
    ? []
    : [
        {
          input: 'wallThickness',
          message: say`given ${asLength(n.wallThickness, { digits: 4 })}; refused: too thin for a vacuum in a
            flask of this size; accepted: at least ${asLength(Math.ceil(least * 1e4) / 1e4, {
              digits: 4,
              toward: 'above',
            })}`,
        },
      ]
}

export const noTorch = ({ choices }: Has<never, 'fillMethod'>): Fault[] =>
  choices.fillMethod === 'torch'
    ? [
        {
          input: 'fillMethod',
          message:
            'given "torch"; refused: a torch heats glass at one spot and it bursts in the hand; accepted: ' +
            'flame, microwave, rinse-once, rinse-twice',
        },
      ]
    : []
