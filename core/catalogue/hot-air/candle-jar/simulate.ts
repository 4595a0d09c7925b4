/** A candle in a dish of water, a jar put over it. */
import { type Detail, stepTolerance, type TraceColumn, TraceRows, type Demonstration } from '../../../demonstration'
import { BUBBLED, coverCandle } from '../../../mechanisms/jar-over-candle'
import { GAS, molesOf, oxygenFraction } from '../../../mechanisms/flame-gas'
import { GAS_CONSTANT } from '../../../substances/air'
import { liquidDensity } from '../../../substances/water'
import { GAS_MASS, HOT_COLUMNS, fuelOf, roomVapour } from '../inputs'
import type { CandleJarValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...HOT_COLUMNS,
  { id: 'level', name: 'water in the jar', quantity: 'length' },
]
/** A rise that the back row sees, m. */
const SEEN = 0.008

const sections = ({ numbers: n, choices }: CandleJarValues) => {
  const body = (Math.PI * n.jarDiameter * n.jarDiameter) / 4
  const neck = choices.jarShape === 'necked' ? (Math.PI * n.mouthDiameter * n.mouthDiameter) / 4 : body
  return { body, neck, neckLength: choices.jarShape === 'necked' ? n.neckLength : 0 }
}

/** Height of the water in the jar for a volume of it, m: a neck fills fast, a body slowly. */
function levelFor(values: CandleJarValues, volume: number): number {
  const { body, neck, neckLength } = sections(values)
  const inNeck = neck * neckLength
  return volume <= inNeck ? volume / neck : neckLength + (volume - inNeck) / body
}

/** A flask's body holds two thirds of the cylinder round it, if it is a sphere. */
const ROUNDED = 1.5
/** Highest place in the jar over its rim, m: a straight one's own height, and at most so much in a flask. */
export function heightInside(values: CandleJarValues): number {
  const { body, neck, neckLength } = sections(values)
  const inBody = Math.max(0, values.numbers.jarVolume - neck * neckLength) / body
  return neckLength > 0 ? neckLength + ROUNDED * inBody : inBody
}

/** The other way round, m3. */
export function volumeFor(values: CandleJarValues, level: number): number {
  const { body, neck, neckLength } = sections(values)
  return level <= neckLength ? level * neck : neckLength * neck + (level - neckLength) * body
}

export const dishWater = ({ numbers: n }: CandleJarValues): number =>
  (Math.PI / 4) * n.dishDiameter * n.dishDiameter * n.waterDepth

/** Wall that the gas touches, m2. */
const wallArea = ({ numbers: n }: CandleJarValues): number =>
  (Math.PI * n.jarDiameter * n.jarDiameter) / 4 + (4 * n.jarVolume) / n.jarDiameter

export function simulate(values: CandleJarValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const room = n.airTemperature
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const ended = coverCandle(
    {
      volume: n.jarVolume,
      levelFor: v => levelFor(values, v),
      volumeFor: z => volumeFor(values, z),
      rim: sections(values).neck,
      dish: (Math.PI / 4) * n.dishDiameter * n.dishDiameter,
      depth: n.waterDepth,
      area: wallArea(values),
      transfer: n.wallTransfer,
      outside,
      room,
      vapourOutside: roomVapour(values),
      caught: room + n.caughtWarmth,
      density: liquidDensity(Math.max(274, room)),
      flame: { fuel: fuelOf('paraffin'), power: n.flamePower * n.candles, kept: n.flameShare, diesAt: n.diesAt },
      wickHeight: n.wickHeight,
      seen: SEEN,
    },
    stepTolerance(detail, refinement),
    rows &&
      ((time, s, pressure, level) =>
        rows.add(time, {
          pressure,
          gasTemperature: s[GAS.temperature],
          airMass: (molesOf(s) - s[GAS.vapour]) * GAS_MASS.air,
          steamMass: s[GAS.vapour] * GAS_MASS.vapour,
          oxygen: oxygenFraction(s),
          level,
        })),
  )
  const { first, last, risen, bubbling, end: time } = ended
  const flameOut = ended.flameOut ?? time
  const start = volumeFor(values, n.waterDepth)
  const level = ended.level - n.waterDepth
  // Each cause as the volume it takes away, at the room's pressure: in turn the gas cools, then each gas goes.
  const [volume0, volume1] = ended.volumes
  const [, pressure1] = ended.pressures
  const warmth = last[GAS.temperature]
  const r = GAS_CONSTANT / volume0
  const gone = (gas: number, bubbled: number): number => (first[gas] - last[gas] - last[bubbled]) * r * warmth
  const cooled = molesOf(first) * r * (first[GAS.temperature] - warmth)
  const bubbles = last[BUBBLED.all] * r * warmth
  const condensed = gone(GAS.vapour, BUBBLED.vapour)
  const chemistry = gone(GAS.oxygen, BUBBLED.oxygen) + gone(GAS.carbonDioxide, BUBBLED.carbonDioxide)
  const letIn = (molesOf(first) - molesOf(last) - last[BUBBLED.all]) * r * warmth - condensed - chemistry
  const inflow = molesOf(last) * GAS_CONSTANT * warmth * (1 / volume0 - 1 / volume1)
  const all = cooled + bubbles + condensed + chemistry
  const part = (cause: number): number => (Math.abs(all) > 1e-9 ? (level * cause) / all : 0)
  const difference = outside - pressure1
  return {
    results: {
      level,
      share: (volume0 - volume1) / n.jarVolume,
      levelCooling: part(cooled + bubbles),
      levelCondensation: part(condensed),
      levelOxygen: part(chemistry),
      flameTime: flameOut,
      bubbles: ended.bubbles,
      hottest: ended.hottest,
      oxygenLeft: oxygenFraction(last),
      peakPressureDifference: difference,
      ...(risen !== undefined && { hush: risen }),
    },
    events: [
      ...(bubbling ? [{ id: 'bubbles', name: 'first bubble', time: bubbling[0] }] : []),
      { id: 'out', name: 'flame out', time: flameOut },
    ],
    outcome: ended.drowned ? 'drowned' : ended.gurgles !== undefined ? 'gurgles' : level >= SEEN ? 'rises' : 'little',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      cooled,
      bubbled: bubbles,
      condensed,
      chemistry,
      letIn,
      inflow,
      difference,
      startVolume: start,
      bubbleStart: bubbling?.[0] ?? 0,
      bubbleEnd: bubbling?.[1] ?? 0,
      flameOut,
      ...(risen !== undefined && { goneAt: risen }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('hush', 'burning', flameOut)
        rows.stage('cooling', 'rising as it cools', Math.min(time, Math.max(flameOut, ended.cooled)))
        rows.stage('after', 'rising as dew forms', time)
        return rows.finish()
      })(),
  }
}
export type CandleJarRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type CandleJar = Demonstration<CandleJarValues, CandleJarRun>
