import { over, type Has, type Fault } from '../../demonstration'
import { saturationTemperature } from '../../substances/water'
import { asLength, asPressure, asTemperature, asVolume, say } from '../../sentence'

/** Capacity against what the outside encloses, m3. */
export function capacityFits(
  { numbers: n }: Has<'vesselVolume'>,
  enclosed: number,
  by = 'its diameter and height',
): Fault[] {
  return n.vesselVolume > enclosed * 1.03
    ? [
        {
          input: 'vesselVolume',
          message: say`given ${asVolume(n.vesselVolume, { digits: 4 })}; accepted: at most
            ${asVolume(enclosed, { digits: 4, toward: 'below' })}, what ${by} enclose`,
        },
      ]
    : []
}

/** Water can't be poured in, or stand in a bath, hotter than it boils here. */
export function belowBoiling<N extends string>(
  { numbers: n }: Has<NoInfer<N> | 'stationPressure'>,
  ...inputs: readonly N[]
): Fault[] {
  const boiling = saturationTemperature(n.stationPressure)
  return inputs
    .filter(input => n[input] >= boiling)
    .map(input => ({
      input,
      message: say`given ${asTemperature(n[input], { digits: 4 })}; accepted: below
        ${asTemperature(boiling, { digits: 4, toward: 'below' })}, where water boils at
        ${asPressure(n.stationPressure, { digits: 4 })}`,
    }))
}

export function waterFits({ numbers: n }: Has<'waterCharge' | 'vesselVolume'>, vessel: string): Fault[] {
  return n.waterCharge > 0.95 * n.vesselVolume
    ? [
        {
          input: 'waterCharge',
          message: say`given ${asVolume(n.waterCharge, { digits: 4 })}; accepted: at most
            ${asVolume(0.95 * n.vesselVolume, {
              digits: 4,
              toward: 'below',
            })}, which leaves a little room in the ${vessel}`,
        },
      ]
    : []
}

/** Water that is poured out again may fill a vessel to the brim. */
export const brimful = ({ numbers: n }: Has<'waterCharge' | 'vesselVolume'>): Fault[] =>
  n.waterCharge > 1.01 * n.vesselVolume
    ? [
        {
          input: 'waterCharge',
          message: say`given ${asVolume(n.waterCharge, { digits: 4 })}; accepted: at most
            ${asVolume(n.vesselVolume, { digits: 4, toward: 'below' })}, the whole bottle`,
        },
      ]
    : []

/** One length against another. */
export function atMost<N extends string>({ numbers: n }: Has<NoInfer<N>>, input: N, limit: N, words: string): Fault[] {
  return over(n[input], n[limit])
    ? [
        {
          input,
          message: say`given ${asLength(n[input], { digits: 4 })}; accepted: at most ${words},
            ${asLength(n[limit], { digits: 4, toward: 'below' })}`,
        },
      ]
    : []
}

/** Thin-shell theory holds up to a twentieth of the diameter, m. */
export function thinWall({ numbers: n }: Has<'wallThickness'>, diameter: number): Fault[] {
  return n.wallThickness / diameter > 0.05
    ? [
        {
          input: 'wallThickness',
          message: say`given ${asLength(n.wallThickness, { digits: 4 })}; accepted: at most a twentieth of the
            diameter, ${asLength(diameter / 20, { digits: 4, toward: 'below' })} (thin-shell buckling)`,
        },
      ]
    : []
}

/** Glass does not buckle here, but a wall of more than a tenth of the diameter is no bottle. */
export function glassWall({ numbers: n }: Has<'vesselDiameter' | 'wallThickness'>): Fault[] {
  const most = n.vesselDiameter / 10
  return n.wallThickness > most
    ? [
        {
          input: 'wallThickness',
          message: say`given ${asLength(n.wallThickness, { digits: 4 })}; accepted: at most a tenth of the
            diameter, ${asLength(most, { digits: 4, toward: 'below' })}`,
        },
      ]
    : []
}
