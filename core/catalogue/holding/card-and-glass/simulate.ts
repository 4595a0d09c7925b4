/** A glass of water turned over on a card. */
import { type Detail, GAS_COLUMNS, type TraceColumn, TraceRows, type Demonstration } from '../../../demonstration'
import { neededFall, sag, sealedGap, type InvertedGlass } from '../../../mechanisms/card-under-glass'
import { liquidDensity } from '../../../substances/water'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import type { CardAndGlassValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'turned', name: 'turned over', quantity: 'fraction' },
  { id: 'sag', name: 'card hangs lower by', quantity: 'length' },
  { id: 'waterLeft', name: 'water in the glass', quantity: 'fraction' },
]
/** Turning takes so long, s. */
const TURN = 1.2
const SPILL = 0.6

const glassOf = ({ numbers: n }: CardAndGlassValues): InvertedGlass => ({
  diameter: n.glassDiameter,
  height: n.glassHeight,
  filled: n.fillShare,
  card: n.cardMass,
  outside: n.stationPressure,
  density: liquidDensity(Math.max(274, n.waterTemperature)),
})

/** Fill shares between which it would fall, if any: by looking along a grid. */
export function badFills(values: CardAndGlassValues): [number, number] | undefined {
  const glass = glassOf(values)
  const gap = sealedGap(glass.density, values.numbers.rimSeal)
  let bad: [number, number] | undefined
  for (let filled = 0.02; filled < 0.995; filled += 0.01) {
    if (sag({ ...glass, filled }) > gap) bad = [bad?.[0] ?? filled, filled]
  }
  return bad
}

export function simulate(values: CardAndGlassValues, detail: Detail) {
  const n = values.numbers
  const glass = glassOf(values)
  const outside = n.stationPressure
  const temperature = n.waterTemperature
  const area = (Math.PI * n.glassDiameter * n.glassDiameter) / 4
  const gap = sealedGap(glass.density, n.rimSeal)
  const needed = sag(glass)
  const fall = neededFall(glass)
  const air = outside * area * n.glassHeight * (1 - n.fillShare) // p V, J
  const turnFails = needed > gap
  const holds = n.soakTime
  const later = !turnFails && holds < n.holdTime
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const add = (time: number, turned: number, hangs: number, left: number) => {
    const volume = area * (n.glassHeight * (1 - n.fillShare * left) + hangs)
    rows?.add(time, {
      pressure: left < 0.999 ? outside : volume > 0 ? Math.min(outside, air / volume) : outside,
      gasTemperature: temperature,
      airMass: (left < 0.999 ? outside * volume : air) / (AIR_GAS_CONSTANT * temperature),
      steamMass: 0,
      turned,
      sag: hangs,
      waterLeft: left,
    })
  }
  for (let i = 0; i <= 12; i++) add((TURN * i) / 12, i / 12, i < 8 ? 0 : (Math.min(gap, needed) * (i - 8)) / 4, 1)
  const goneAt = turnFails ? TURN : later ? TURN + holds : undefined
  const end = goneAt ?? TURN + n.holdTime
  for (let i = 1; i <= 10; i++) add(TURN + ((end - TURN) * i) / 10, 1, Math.min(gap, needed), 1)
  if (goneAt !== undefined) for (let i = 1; i <= 8; i++) add(goneAt + (SPILL * i) / 8, 1, 0.01, 1 - i / 8)
  return {
    results: {
      sag: Math.min(needed, 0.1),
      sealedGap: gap,
      peakPressureDifference: fall,
      waterWeight: glass.density * 9.80665 * area * n.glassHeight * n.fillShare,
      airPush: outside * area,
      waterHeld: glass.density * area * n.glassHeight * n.fillShare,
      ...(goneAt !== undefined && { hush: goneAt }),
    },
    events: goneAt === undefined ? [] : [{ id: 'falls', name: 'falls', time: goneAt }],
    outcome: turnFails ? 'falls' : later ? 'later' : 'holds',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: fall,
      margin: gap / Math.max(needed, 1e-9),
      ...(goneAt !== undefined && { goneAt }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('turn', 'turn', TURN)
        rows.stage('hush', 'hold', end)
        rows.stage('after', 'spill', goneAt === undefined ? end : goneAt + SPILL)
        return rows.finish()
      })(),
  }
}
export type CardAndGlassRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type CardAndGlass = Demonstration<CardAndGlassValues, CardAndGlassRun>
