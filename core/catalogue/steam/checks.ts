import { under, type Has, type Fault } from '../../demonstration'
import { saturationTemperature } from '../../substances/water'
import { asLength, asPressure, asTemperature, asVolume, say } from '../../sentence'

/** Cooled by water, and not by the room's air alone: otherwise no number of that water counts. */
export const isWetted = ({ choices }: Has<never, 'coolingMethod'>): boolean => choices.coolingMethod !== 'still-air'

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

/** What is drawn in comes out of the bath: where that holds less, air follows, which is not computed. */
export const bathHolds = ({ numbers: n }: Has<'bathVolume' | 'vesselVolume'>, vessel: string): Fault[] =>
  under(n.bathVolume, n.vesselVolume)
    ? [
        {
          input: 'bathVolume',
          message: say`given ${asVolume(n.bathVolume, { digits: 4 })}; accepted: at least
            ${asVolume(n.vesselVolume, { digits: 4, toward: 'above' })}, as much as the ${vessel} may draw in`,
        },
      ]
    : []

/**
 * The same for a mouth that stays in the bath until the vessel is full.
 * @param sinks how far the water in it may sink meanwhile, m
 * @param bath what the water stands in
 */
export function drawsNoAir(
  values: Has<'bathVolume' | 'vesselVolume' | 'mouthDepth'>,
  vessel: string,
  sinks: number,
  bath: string,
): Fault[] {
  const faults = bathHolds(values, vessel)
  if (faults.length > 0 || !under(values.numbers.mouthDepth, sinks)) return faults
  return [
    {
      input: 'mouthDepth',
      message: say`given ${asLength(values.numbers.mouthDepth, { digits: 4 })}; accepted: at least
        ${asLength(sinks, { digits: 4, toward: 'above' })}: so far the water in the ${bath} may sink as the ${vessel}
        fills, and then air follows`,
    },
  ]
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
