/** A trimmed float in a bottle that is squeezed, held and let go. */
import {
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
  type Demonstration,
} from '../../../demonstration'
import { airToHang, bubble, dive, hangingPressure, lift, type Bulb } from '../../../mechanisms/floating-bulb'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { quickSaturationPressure } from '../../../substances/steam-tables'
import { liquidDensity } from '../../../substances/water'
import { GRAVITY } from '../../../substances/water-transport'
import type { DiverValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'depth', name: 'depth of the float', quantity: 'length' },
  { id: 'bubble', name: 'air in the float', quantity: 'volume' },
  { id: 'squeeze', name: 'squeeze', quantity: 'pressure' },
]

export const MATERIALS: Readonly<Record<string, { name: string; density: number }>> = {
  glass: { name: 'glass dropper', density: 2400 },
  plastic: { name: 'plastic pen cap or straw', density: 940 },
}
const BALLAST = 2200 // modelling clay with a little wire, kg/m3; assumption

/** Copper wire, kg/m3: CRC Handbook, from memory. */
const COPPER = 8960
/** Water in the float, m3: measured, or so many drops. */
export const waterIn = ({ numbers: n, choices }: DiverValues): number =>
  choices.waterBy === 'drops' ? n.drops * n.dropVolume : n.waterInBulb
/** Ballast, kg: weighed, or a length of wire of a gauge. */
const ballastOf = ({ numbers: n, choices }: DiverValues): number =>
  choices.ballastBy === 'wire'
    ? ((COPPER * Math.PI) / 4) * n.wireDiameter * n.wireDiameter * n.wireLength
    : n.ballastMass

export function bulbOf(values: DiverValues): Bulb {
  const { numbers: n, choices } = values
  const { density } = MATERIALS[choices.material] ?? MATERIALS.glass
  const ballast = ballastOf(values)
  const ballastDensity = choices.ballastBy === 'wire' ? COPPER : BALLAST
  return {
    mass: n.bulbMass + ballast,
    solid: n.bulbMass / density + ballast / ballastDensity,
    air: n.bulbCapacity - waterIn(values),
    pressure: n.stationPressure,
    temperature: n.waterTemperature,
  }
}

/** Water to draw in so that a squeeze of a given size just sinks it, m3. */
export function waterForSqueeze(values: DiverValues, squeeze: number): number {
  const n = values.numbers
  const bulb = bulbOf(values)
  const density = liquidDensity(n.waterTemperature)
  const damp = quickSaturationPressure(n.waterTemperature)
  return (
    n.bulbCapacity -
    (airToHang(bulb.mass, bulb.solid, density) * (n.stationPressure + squeeze - damp)) / (n.stationPressure - damp)
  )
}

const SQUEEZING = 0.6
const SETTLE = 1
const LONGEST = 14

export function simulate(values: DiverValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const bulb = bulbOf(values)
  // Water, not ice.
  const warmth = Math.max(273.16, n.waterTemperature + n.warming)
  const density = liquidDensity(warmth)
  const surface = outside + n.weather
  const hang = hangingPressure(bulb, warmth, density)
  const bottom = Math.max(0.02, n.vesselHeight - n.bulbLength)
  const needed = hang - surface
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const squeeze = n.squeezePressure
  // By itself first: a float that sinks now needs no squeeze.
  const sunk = needed <= 0
  const weight = density * GRAVITY
  const ended = dive(
    {
      bulb,
      capacity: n.bulbCapacity,
      temperature: warmth,
      density,
      surface,
      bottom,
      dragArea: n.dragArea,
      squeeze,
      settle: SETTLE,
      squeezing: SQUEEZING,
      longest: LONGEST,
    },
    closeTolerance(refinement),
    rows &&
      ((t, depth, pressed) =>
        rows.add(t, {
          pressure: surface + pressed,
          gasTemperature: warmth,
          airMass: (bulb.air * bulb.pressure) / (AIR_GAS_CONSTANT * bulb.temperature),
          steamMass: 0,
          depth,
          bubble: bubble(bulb, surface + pressed + weight * depth, warmth),
          squeeze: pressed,
        })),
  )
  const { released, back, end: time } = ended
  const down = sunk ? SETTLE : ended.down
  const pressed = SETTLE
  const air = bubble(bulb, surface, warmth)
  const unit = air * density * GRAVITY
  // Where hardly any gas carries it, a little warmth asks for more than a room has: that is no trim any more.
  const warmer = hangingPressure(bulb, warmth + 5, liquidDensity(warmth + 5)) - hang
  return {
    results: {
      // What floats by its solids alone sinks at no squeeze.
      ...(Number.isFinite(needed) && {
        squeezeToSink: Math.max(0, needed),
        handForce: Math.max(0, needed) * n.handArea,
        ...(Math.abs(warmer) < n.stationPressure && { perFiveKelvin: warmer }),
      }),
      peakPressureDifference: squeeze,
      freeboard: lift(bulb, surface, warmth, density) / unit,
      ...(down !== undefined && !sunk && { hush: down - pressed, sinkTime: down - pressed }),
      ...(back !== undefined && { returnTime: back - released }),
      staysBelow: Math.max(0, bottom * weight),
      waterToTrim: Math.max(0, waterForSqueeze(values, 0.6 * squeeze)),
    },
    events: [
      ...(down !== undefined && !sunk ? [{ id: 'down', name: 'down', time: down }] : []),
      ...(back !== undefined ? [{ id: 'back', name: 'back', time: back }] : []),
    ],
    outcome: sunk ? 'sunk' : down === undefined ? 'floats' : back === undefined ? 'stays' : 'dives',
    details: {
      stationPressure: outside,
      sealing: pressed,
      timeOfLifting: 0,
      bottom,
      difference: squeeze,
      released,
      ...(down !== undefined && !sunk && { goneAt: down }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('float', 'float', pressed)
        rows.stage('hush', 'squeeze', released)
        rows.stage('after', 'release', time)
        return rows.finish()
      })(),
  }
}
export type DiverRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type Diver = Demonstration<DiverValues, DiverRun>
