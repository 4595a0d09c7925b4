/** Air and vapour under pressure in a bottle, let go: a cloud. Pressed again: clear. */
import {
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
  type Demonstration,
} from '../../../demonstration'
import { CONDENSABLES, expand, type Expansion, type Nuclei } from '../../../mechanisms/moist-expansion'
import { exp, pow } from '../../../elementary'
import { AIR_MOLAR_MASS, GAS_CONSTANT } from '../../../substances/air'
import type { CloudBottleValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'saturation', name: 'saturation ratio', quantity: 'fraction' },
  { id: 'liquid', name: 'droplets', quantity: 'mass' },
  { id: 'depth', name: 'optical depth across the bottle', quantity: 'count' },
]
/**
 * Nuclei by what is in the air, per m3, and the saturation ratio at which they start.
 *
 * None: small ions start at about 4.2 (C. T. R. Wilson 1897), some thousand a cm3 at most; room air: Aitken counts of a
 * few thousand a cm3, 1.01 to 1.03 by Köhler's curve; a wisp of smoke: a few hundred thousand a cm3, larger and earlier
 * (Rogers & Yau, A Short Course in Cloud Physics, 3rd ed., ch. 6). Ethanol starts on ions at about 2.3.
 */
export const NUCLEI: Readonly<Record<string, { name: string; number: number; critical: number }>> = {
  smoke: { name: 'a wisp of smoke', number: 3e11, critical: 1.005 },
  room: { name: 'room air as it is', number: 4e9, critical: 1.02 },
  none: { name: 'air washed clean (no smoke, no dust)', number: 8e8, critical: 4.2 },
}

/** Light and backdrop: the optical depth that the back row sees; assumption. */
export const LIGHTS: Readonly<Record<string, { name: string; depth: number }>> = {
  torch: { name: 'a torch from the side, black behind', depth: 0.12 },
  window: { name: 'ordinary room light', depth: 0.35 },
}

/** s after the release for which a room looks at most, and for which a cloud that stays is shown. */
const LOOK = 120
const SHOWN = 25
/** A squeeze, and a second press, s: hands. Assumption. */
const SQUEEZING = 0.6
const AGAIN = 1.2
/** Molar heat of the gas while it is shut in, and of what exchanges with the wall at one pressure, J/(mol K). */
const CLOSED_HEAT = 20.9
const OPEN_HEAT = 29.2
const PRESS_POINTS = 12
/** kg/m3 at 20 °C, CRC Handbook (from memory). */
const ETHANOL_DENSITY = 789

/** Droplets settle on what is there by smooth laws: steps so many times wider change one result of 400 by 1 in 100. */
const WIDER = 4

export function simulate(values: CloudBottleValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const room = n.airTemperature
  const squeezed = values.choices.way === 'squeeze'
  const gauge = squeezed ? n.squeezePressure : n.gaugePressure
  const from = outside + gauge
  const volume = n.vesselVolume
  const across = n.vesselDiameter
  const area = (4 * volume) / across + (Math.PI * across * across) / 2
  const substance = CONDENSABLES[values.choices.liquid === 'ethanol' ? 'ethanol' : 'water']
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  // Pumping: heat of compression, mostly lost to the wall within seconds; what is left fades while it is held.
  const strokes = squeezed ? 1 : Math.max(1, Math.ceil((gauge * volume) / (outside * n.strokeVolume)))
  const pumping = squeezed ? SQUEEZING : strokes * n.strokeTime
  const moles = (from * volume) / (GAS_CONSTANT * room)
  const contact = n.wallTransfer * area
  const relaxation = (moles * CLOSED_HEAT) / contact
  const adiabatic = room * (pow(from / outside, 2 / 7) - 1)
  const rate = pumping / relaxation
  const hot = (adiabatic * (1 - exp(-rate))) / rate
  const start = room + hot * exp(-n.holdTime / relaxation)
  // Vapour: what was there before the press, squeezed together or joined by what the pump brings; the wet wall makes
  // it up, or takes it, as heat goes (Lewis number of one), so that a short hold leaves it as it was.
  const exchange = (moles * OPEN_HEAT) / contact
  const most =
    values.choices.liquid === 'ethanol'
      ? (((n.spirits * ETHANOL_DENSITY) / substance.molarMass) * GAS_CONSTANT * room) / volume
      : Infinity
  const wet = Math.min(most, n.dampness * substance.saturation(room))
  const brought =
    values.choices.liquid === 'ethanol' ? 0 : (n.relativeHumidity * substance.saturation(room) * gauge) / outside
  const pressed = squeezed
    ? (wet * from) / outside
    : wet + brought * (exchange / pumping) * (1 - exp(-pumping / exchange))
  const vapourAt = (held: number): number => wet + (pressed - wet) * exp(-held / exchange)
  const kind = NUCLEI[values.choices.nuclei] ?? NUCLEI.room
  const nuclei: Nuclei = {
    number: n.nucleiNumber,
    critical: values.choices.liquid === 'ethanol' && kind.critical > 2 ? 2.3 : kind.critical,
  }
  const row = (
    time: number,
    pressure: number,
    temperature: number,
    air: number,
    vapour: number,
    liquid: number,
    depth: number,
    ratio: number,
  ) =>
    rows?.add(time, {
      pressure,
      gasTemperature: temperature,
      airMass: air * AIR_MOLAR_MASS,
      steamMass: vapour * substance.molarMass,
      saturation: ratio,
      liquid,
      depth,
    })
  const still = (time: number, pressure: number, temperature: number, partial: number) => {
    const all = (pressure * volume) / (GAS_CONSTANT * temperature)
    const vapour = all * Math.min(0.5, partial / pressure)
    row(time, pressure, temperature, all - vapour, vapour, 0, 0, partial / substance.saturation(temperature))
  }
  if (rows) {
    const hotAt = (t: number): number =>
      t > 0 ? (adiabatic * (t / pumping) * (1 - exp(-t / relaxation))) / (t / relaxation) : 0
    for (let i = 0; i <= PRESS_POINTS; i++) {
      const t = (pumping * i) / PRESS_POINTS
      still(t, outside + (gauge * i) / PRESS_POINTS, room + hotAt(t), wet + ((pressed - wet) * i) / PRESS_POINTS)
    }
    for (let i = 1; i <= PRESS_POINTS; i++) {
      const t = (n.holdTime * i) / PRESS_POINTS
      still(pumping + t, from, room + hot * exp(-t / relaxation), vapourAt(t))
    }
  }
  const release = pumping + n.holdTime
  const threshold = n.visibleDepth
  const plan: Expansion = {
    from,
    to: outside,
    release: n.releaseTime,
    wall: room,
    start,
    vapour: vapourAt(n.holdTime),
    volume,
    area,
    transfer: n.wallTransfer,
    path: across,
    substance,
    nuclei,
  }
  const tolerance = WIDER * closeTolerance(refinement)
  const ended = expand(plan, LOOK, threshold, tolerance)
  const { seen: seenAt, gone: goneAt, coldest } = ended
  // Shown: the cloud for as long as it stays, and then pressed once more.
  const shown = Math.min(ended.end, goneAt === undefined ? SHOWN : 1.5 * goneAt)
  if (rows) {
    expand({ ...plan, again: { at: shown, within: AGAIN } }, shown + AGAIN, threshold, tolerance, m => {
      row(release + m.time, m.pressure, m.temperature, m.air, m.vapour, m.liquid * volume, m.depth, m.saturation)
    })
  }
  const end = release + shown
  const r = GAS_CONSTANT / volume
  const moles0 = (from * volume) / (GAS_CONSTANT * start)
  const left = moles0 - coldest.air - coldest.vapour
  const deepest = ended.deepest
  return {
    results: {
      peakPressureDifference: gauge,
      coldest: coldest.temperature,
      dryCold: start * pow(outside / from, 2 / 7),
      supersaturation: ended.wettest,
      liquidWater: ended.liquid,
      dropRadius: ended.radius,
      opticalDepth: deepest,
      ...(!squeezed && { strokes }),
      stopperForce: (gauge * Math.PI * n.stopperDiameter * n.stopperDiameter) / 4,
      ratingShare: gauge / n.pressureRating,
      storedEnergy: (from * volume * (1 - pow(outside / from, 2 / 7))) / 0.4,
      ...(seenAt !== undefined && { hush: seenAt }),
      ...(goneAt !== undefined && seenAt !== undefined && { cloudTime: goneAt - seenAt }),
    },
    events: [
      { id: 'release', name: 'let go', time: release },
      ...(seenAt === undefined ? [] : [{ id: 'cloud', name: 'cloud', time: release + seenAt }]),
    ],
    outcome: deepest >= threshold ? 'cloud' : deepest >= threshold / 4 ? 'faint' : 'clear',
    details: {
      stationPressure: outside,
      sealing: release,
      timeOfLifting: 0,
      threshold,
      start,
      coldTime: coldest.time,
      dischargeRow: left * r * start,
      coolingRow: (coldest.air + coldest.vapour) * r * (start - coldest.temperature),
      difference: left * r * start + (coldest.air + coldest.vapour) * r * (start - coldest.temperature),
      showAt: release + (seenAt ?? 5 * n.releaseTime),
      ...(seenAt !== undefined && { goneAt: release + seenAt }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('press', squeezed ? 'squeezing' : 'pumping', pumping)
        rows.stage('hold', 'hold', release)
        const early = Math.min(end, release + Math.min(6 * n.releaseTime, 3))
        rows.stage('hush', 'release', early)
        rows.stage('after', 'aftermath', end)
        rows.stage('again', 'second press', end + AGAIN)
        return rows.finish()
      })(),
  }
}
export type CloudBottleRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type CloudBottle = Demonstration<CloudBottleValues, CloudBottleRun>
