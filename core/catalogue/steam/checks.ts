/**
 * Rules between inputs that several steam demonstrations share; each fault names the input, what was given and what
 * is accepted.
 */
import type { Has } from '../../demonstration'
import { saturationTemperature } from '../../substances/water'
import { formatQuantity } from '../../units'

export interface InputFault {
  input: string
  message: string
}

const millilitres = (m3: number): string => formatQuantity(m3, m3 < 5e-3 ? 'mL' : 'L', 'volume', 4)
const millimetres = (m: number): string => formatQuantity(m, 'mm', 'length', 4)

/** Capacity against what the outside encloses, m3. */
export function capacityFits(
  { numbers: n }: Has<'vesselVolume'>,
  enclosed: number,
  by = 'its diameter and height',
): InputFault[] {
  return n.vesselVolume > enclosed * 1.03
    ? [
        {
          input: 'vesselVolume',
          message:
            `given ${millilitres(n.vesselVolume)}; accepted: at most ${millilitres(enclosed)}, what ${by} ` + 'enclose',
        },
      ]
    : []
}

/** Water can't be poured in, or stand in a bath, hotter than it boils here. */
export function belowBoiling<N extends string>(
  { numbers: n }: Has<NoInfer<N> | 'stationPressure'>,
  ...inputs: readonly N[]
): InputFault[] {
  const boiling = saturationTemperature(n.stationPressure)
  return inputs
    .filter(input => n[input] >= boiling)
    .map(input => ({
      input,
      message:
        `given ${formatQuantity(n[input], 'degC', 'temperature')}; accepted: below ` +
        `${formatQuantity(boiling, 'degC', 'temperature', 4)}, where water boils at ` +
        `${formatQuantity(n.stationPressure, 'hPa', 'pressure', 4)}`,
    }))
}

export function waterFits({ numbers: n }: Has<'waterCharge' | 'vesselVolume'>, vessel: string): InputFault[] {
  return n.waterCharge > 0.95 * n.vesselVolume
    ? [
        {
          input: 'waterCharge',
          message:
            `given ${millilitres(n.waterCharge)}; accepted: at most ${millilitres(0.95 * n.vesselVolume)}, ` +
            `which leaves a little room in the ${vessel}`,
        },
      ]
    : []
}

/** Water that is poured out again may fill a vessel to the brim. */
export const brimful = ({ numbers: n }: Has<'waterCharge' | 'vesselVolume'>): InputFault[] =>
  n.waterCharge > 1.01 * n.vesselVolume
    ? [
        {
          input: 'waterCharge',
          message:
            `given ${millilitres(n.waterCharge)}; accepted: at most ${millilitres(n.vesselVolume)}, the whole ` +
            'bottle',
        },
      ]
    : []

/** One length against another. */
export function atMost<N extends string>(
  { numbers: n }: Has<NoInfer<N>>,
  input: N,
  limit: N,
  words: string,
): InputFault[] {
  return n[input] > n[limit]
    ? [{ input, message: `given ${millimetres(n[input])}; accepted: at most ${words}, ${millimetres(n[limit])}` }]
    : []
}

/** Thin-shell theory holds up to a twentieth of the diameter, m. */
export function thinWall({ numbers: n }: Has<'wallThickness'>, diameter: number): InputFault[] {
  return n.wallThickness / diameter > 0.05
    ? [
        {
          input: 'wallThickness',
          message:
            `given ${millimetres(n.wallThickness)}; accepted: at most a twentieth of the diameter, ` +
            `${millimetres(diameter / 20)} (thin-shell buckling)`,
        },
      ]
    : []
}

/** Glass does not buckle here, but a wall of more than a tenth of the diameter is no bottle. */
export function glassWall({ numbers: n }: Has<'vesselDiameter' | 'wallThickness'>): InputFault[] {
  const most = n.vesselDiameter / 10
  return n.wallThickness > most
    ? [
        {
          input: 'wallThickness',
          message:
            `given ${millimetres(n.wallThickness)}; accepted: at most a tenth of the diameter, ` +
            `${millimetres(most)}`,
        },
      ]
    : []
}
