/** Hot gas in a bottle, an egg on its neck, and what the room pushes through. */
import { type Detail, stepTolerance, type TraceColumn, TraceRows, type Demonstration } from '../../../demonstration'
import { coolUnderEgg } from '../../../mechanisms/bottle-under-egg'
import { widestEgg } from '../../../mechanisms/egg-in-neck'
import { GAS, gasPressure, molesOf, oxygenFraction, FLAME_DIES } from '../../../mechanisms/flame-gas'
import { GAS_CONSTANT } from '../../../substances/air'
import { GRAVITY } from '../../../substances/water-transport'
import { GAS_MASS, HOT_COLUMNS, fuelOf, roomVapour } from '../inputs'
import { fitOf, needed, relaxingOf, torn, wallOf } from '../egg'
import type { EggInBottleValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...HOT_COLUMNS,
  { id: 'through', name: 'egg through the neck', quantity: 'fraction' },
]

/** The egg takes so long through the neck, s: what the room sees. */
const GULP = 0.35
/** Rinsed and emptied, the glass stays so much below the water's temperature, K; assumption. */
const RINSE_LOSS = 10
/** Points of the trace in the gulp, and where in it the air rushes in. */
const [GULP_POINTS, RUSH] = [12, 0.6]

/** When the egg last sealed hangs on the last breath of gas under it: followed more closely than usual. */
const CLOSER = 6

export function simulate(values: EggInBottleValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const volume = n.vesselVolume
  const hotWater = values.choices.heating === 'hot-water'
  const neckArea = (Math.PI * n.neckDiameter * n.neckDiameter) / 4
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const row = (s: Float64Array, pressure: number, through: number) => ({
    pressure,
    gasTemperature: s[GAS.temperature],
    airMass: (molesOf(s) - s[GAS.vapour]) * GAS_MASS.air,
    steamMass: s[GAS.vapour] * GAS_MASS.vapour,
    oxygen: oxygenFraction(s),
    through,
  })
  // The egg as a valve: its weight over the neck.
  const valve = (n.eggMass * GRAVITY) / neckArea
  const ended = coolUnderEgg(
    {
      volume,
      area: wallOf(values),
      transfer: n.wallTransfer,
      glassThickness: n.glassThickness,
      outside,
      room: n.airTemperature,
      vapourOutside: roomVapour(values),
      ...(hotWater
        ? { rinse: { hot: Math.max(n.airTemperature, n.rinseTemperature - RINSE_LOSS), cold: n.coolingTemperature } }
        : {
            flame: {
              fuel: fuelOf('paper'),
              power: n.flamePower,
              kept: n.flameShare,
              diesAt: FLAME_DIES,
              burns: n.burnTime,
            },
          }),
      delay: n.eggDelay,
      exchange: n.exchange,
      fit: fitOf(values),
      relaxing: relaxingOf(values),
      valve,
    },
    stepTolerance(detail, CLOSER * refinement),
    rows && ((t, s, p) => rows.add(t, row(s, p, 0))),
  )
  const { seal, greatest, entered } = ended
  // What a fire does once the egg is in is not watched.
  const flameOut = entered !== undefined && (ended.flameOut ?? 0) > entered ? undefined : ended.flameOut
  let time = ended.end
  if (entered !== undefined && rows) {
    const held = greatest.state
    const pressure = gasPressure(held, volume)
    for (let i = 1; i <= GULP_POINTS; i++) {
      const through = i / GULP_POINTS
      time = entered + GULP * through
      const rush = Math.max(0, (through - RUSH) / (1 - RUSH))
      rows.add(time, {
        ...row(held, pressure + (outside - pressure) * rush, through),
        airMass: (molesOf(held) - held[GAS.vapour]) * GAS_MASS.air * (1 + (outside / pressure - 1) * rush),
      })
    }
  }
  const rt = GAS_CONSTANT / volume
  const [from, to] = [seal.state, greatest.state]
  const warmth = to[GAS.temperature]
  const fallen = (gas: number): number => (from[gas] - to[gas]) * rt * warmth
  const start = gasPressure(from, volume)
  return {
    results: {
      peakPressureDifference: ended.peakDifference,
      neededDifference: needed(values),
      hottest: ended.hottest,
      sealTemperature: from[GAS.temperature],
      oxygenLeft: oxygenFraction(to),
      danceTime: ended.danced,
      widestEgg: widestEgg(fitOf(values), ended.possible + valve),
      possibleDifference: ended.possible,
      pushOnEgg: ended.peakDifference * neckArea,
      ...(entered !== undefined && { hush: entered - n.eggDelay }),
    },
    events: [
      { id: 'seal', name: 'egg on', time: n.eggDelay },
      ...(flameOut !== undefined ? [{ id: 'out', name: 'flame out', time: flameOut }] : []),
      ...(entered !== undefined ? [{ id: 'in', name: 'in', time: entered }] : []),
    ].sort((a, b) => a.time - b.time),
    outcome: entered === undefined ? 'stays' : torn(values) ? 'torn' : 'whole',
    details: {
      stationPressure: outside,
      sealing: n.eggDelay,
      timeOfLifting: 0,
      valve,
      cooled: molesOf(from) * rt * (from[GAS.temperature] - warmth),
      condensed: fallen(GAS.vapour),
      oxygen: fallen(GAS.oxygen),
      dioxide: fallen(GAS.carbonDioxide),
      start,
      difference: start - gasPressure(to, volume),
      peakTime: greatest.time,
      lastSeal: seal.time,
      flameOut: ended.flameOut ?? 0,
      ...(entered !== undefined && { goneAt: entered }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('heat', hotWater ? 'open and warm' : 'open fire', n.eggDelay)
        rows.stage('hush', 'hush', entered ?? time)
        rows.stage('after', 'gulp', time)
        return rows.finish()
      })(),
  }
}
export type EggInBottleRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type EggInBottle = Demonstration<EggInBottleValues, EggInBottleRun>
