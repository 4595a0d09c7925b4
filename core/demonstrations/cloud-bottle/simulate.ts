/** Air and vapour under pressure in a bottle, let go: a cloud. Pressed again: clear. */
import { CONDENSABLES, expand, opticalDepth, type Mist, type Nuclei } from '../../mechanisms/moist-expansion'
import { exp, pow } from '../../elementary'
import { AIR_MOLAR_MASS, GAS_CONSTANT } from '../../substances/air'
import type { Simulation, TraceColumn, Values } from '../face'
import type { Detail } from '../accuracy'
import { GAS_COLUMNS, TraceRows } from '../trace-rows'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS, { id: 'saturation', name: 'saturation ratio', quantity: 'fraction' }, { id: 'liquid', name: 'droplets', quantity: 'mass' }, { id: 'depth', name: 'optical depth across the bottle', quantity: 'count' },
]
/**
 * Nuclei by what is in the air, per m3, and the saturation ratio at which they start.
 *
 * None: small ions start at about 4.2 (C. T. R. Wilson 1897), some thousand a cm3 at most; room air: Aitken counts of a
 * few thousand a cm3, 1.01 to 1.03 by Köhler's curve; a wisp of smoke: a few hundred thousand a cm3, larger and earlier
 * (Rogers & Yau, A Short Course in Cloud Physics, 3rd ed., ch. 6). Ethanol starts on ions at about 2.3.
 */
export const NUCLEI: Readonly<Record<string, { name: string, number: number, critical: number }>> = {
  smoke: { name: 'a wisp of smoke', number: 3e11, critical: 1.005 }, room: { name: 'room air as it is', number: 4e9, critical: 1.02 }, none: { name: 'air washed clean (no smoke, no dust)', number: 8e8, critical: 4.2 },
}

/** Light and backdrop: the optical depth that the back row sees; assumption. */
export const LIGHTS: Readonly<Record<string, { name: string, depth: number }>> = { torch: { name: 'a torch from the side, black behind', depth: 0.12 }, window: { name: 'ordinary room light', depth: 0.35 } }

/** s after the release for which a room looks. */
const LOOK = 25

export function simulate(values: Values, detail: Detail, refinement = 1): Simulation {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const room = n.airTemperature!
  const squeezed = values.choices.way === 'squeeze'
  const gauge = squeezed ? n.squeezePressure! : n.gaugePressure!
  const from = outside + gauge
  const volume = n.vesselVolume!
  const across = n.vesselDiameter!
  const area = 4 * volume / across + Math.PI * across * across / 2
  const substance = CONDENSABLES[values.choices.liquid === 'ethanol' ? 'ethanol' : 'water']
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  // Pumping: heat of compression, mostly lost to the wall within seconds; what is left fades while it is held.
  const strokes = squeezed ? 1 : Math.max(1, Math.ceil(gauge * volume / (outside * n.strokeVolume!)))
  const pumping = squeezed ? 0.6 : strokes * n.strokeTime!
  const relaxation = from * volume / (GAS_CONSTANT * room) * 21 / (n.wallTransfer! * area)
  const adiabatic = room * (pow(from / outside, 2 / 7) - 1)
  const rate = pumping / relaxation
  const hot = adiabatic * (1 - exp(-rate)) / rate
  const start = room + hot * exp(-n.holdTime! / relaxation)
  const saturation = n.dampness! * substance.saturation(room) / substance.saturation(start)
  const kind = NUCLEI[values.choices.nuclei!] ?? NUCLEI.room!
  const nuclei: Nuclei = { number: n.nucleiNumber!, critical: values.choices.liquid === 'ethanol' && kind.critical > 2 ? 2.3 : kind.critical }
  const molesOf = (pressure: number, temperature: number) => pressure * volume / (GAS_CONSTANT * temperature)
  const vapourShare = (pressure: number) => Math.min(0.5, n.dampness! * substance.saturation(room) / pressure)
  const add = (time: number, pressure: number, temperature: number, air: number, vapour: number, sat: number, liquid: number, depth: number) => rows?.add(time, {
    pressure, gasTemperature: temperature, airMass: air * AIR_MOLAR_MASS, steamMass: vapour * substance.molarMass, saturation: sat, liquid, depth,
  })
  const still = (time: number, pressure: number, temperature: number, sat: number) => {
    const moles = molesOf(pressure, temperature)
    const vapour = moles * vapourShare(pressure)
    add(time, pressure, temperature, moles - vapour, vapour, sat, 0, 0)
  }
  if (rows) {
    for (let i = 0; i <= 16; i++) still(pumping * i / 16, outside + gauge * i / 16, room + hot * i / 16, n.dampness!)
    for (let i = 1; i <= 10; i++) still(pumping + n.holdTime! * i / 10, from, room + (start - room) + (hot - (start - room)) * exp(-n.holdTime! * i / 10 / relaxation) - 0, n.dampness!)
  }
  const release = pumping + n.holdTime!
  let deepest = 0
  let coldest = start
  let wettest = 0
  let liquid = 0
  let radius = 0
  let seenAt: number | undefined
  let goneAt: number | undefined
  const threshold = n.visibleDepth!
  let last: Mist | undefined
  let atCold = { temperature: start, air: 0, vapour: 0, pressure: from, time: 0 }
  expand(
    { from, to: outside, release: n.releaseTime!, wall: room, start, volume, area, transfer: n.wallTransfer!, substance, saturation, nuclei }, LOOK,
    (m) => {
      const depth = opticalDepth(m, substance.density, across)
      if (depth > deepest) {
        deepest = depth
        liquid = m.liquid
        radius = m.radius
      }
      if (m.temperature < coldest) {
        coldest = m.temperature
        atCold = { temperature: m.temperature, air: m.air, vapour: m.vapour, pressure: m.pressure, time: m.time }
      }
      wettest = Math.max(wettest, m.saturation)
      if (seenAt === undefined && depth >= threshold) seenAt = m.time
      if (seenAt !== undefined && goneAt === undefined && depth < threshold * 0.6 && m.time > seenAt) goneAt = m.time
      add(release + m.time, m.pressure, m.temperature, m.air, m.vapour, m.saturation, m.liquid * volume, depth)
      last = { ...m }
    },
  )
  // Pressed once more: warm and dry again.
  const end = release + (last?.time ?? 0)
  if (rows && last) for (let i = 1; i <= 8; i++) add(end + 1.2 * i / 8, outside + gauge * i / 8, last.temperature + (room + 0.5 * adiabatic - last.temperature) * i / 8,
    molesOf(outside + gauge * i / 8, room) * 0.98, last.vapour, last.saturation * (1 - 0.4 * i / 8), last.liquid * volume * Math.max(0, 1 - i / 5),
    opticalDepth(last, substance.density, across) * Math.max(0, 1 - i / 5))
  const moles0 = molesOf(from, start)
  const r = GAS_CONSTANT / volume
  const left = moles0 - atCold.air - atCold.vapour
  return {
    results: {
      peakPressureDifference: gauge, coldest, dryCold: start * pow(outside / from, 2 / 7), supersaturation: wettest, liquidWater: liquid, dropRadius: radius,
        opticalDepth: deepest, ...(!squeezed && { strokes }),
      stopperForce: gauge * Math.PI * n.stopperDiameter! * n.stopperDiameter! / 4, ratingShare: gauge / n.pressureRating!,
        storedEnergy: from * volume * (1 - pow(outside / from, 2 / 7)) / 0.4,
      ...(seenAt !== undefined && { hush: seenAt }), ...(goneAt !== undefined && seenAt !== undefined && { cloudTime: goneAt - seenAt }),
    },
    events: [{ id: 'release', name: 'let go', time: release }, ...(seenAt === undefined ? [] : [{ id: 'cloud', name: 'cloud', time: release + seenAt }])],
    outcome: deepest >= threshold ? 'cloud' : deepest >= threshold / 4 ? 'faint' : 'clear',
    details: {
      stationPressure: outside, sealing: release, timeOfLifting: 0, threshold, start, coldTime: atCold.time, dischargeRow: left * r * start,
        coolingRow: (atCold.air + atCold.vapour) * r * (start - atCold.temperature),
      difference: from - atCold.pressure, showAt: release + (seenAt ?? 5 * n.releaseTime!), ...(seenAt !== undefined && { goneAt: release + seenAt }),
    },
    trace: rows && (() => {
      rows.stage('press', squeezed ? 'squeezing' : 'pumping', pumping)
      rows.stage('hold', 'hold', release)
      const early = release + Math.min(6 * n.releaseTime!, 3)
      rows.stage('hush', 'release', early)
      rows.stage('after', 'aftermath', end)
      rows.stage('again', 'second press', end + 1.2)
      return rows.finish()
    })(),
  }
}
