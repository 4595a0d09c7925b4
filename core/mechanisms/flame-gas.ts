/**
 * Gas in a vessel with a flame in it: hot, short of oxygen, with new water vapour and carbon dioxide; then cooling.
 *
 * One lump of gas at one temperature. Heat goes to the wall by convection and radiation in one coefficient; vapour
 * condenses on the wall by the analogy of heat and mass transfer.
 */
import { GAS_CONSTANT } from '../substances/air'
import { quickSaturationPressure } from '../substances/steam-tables'

/** What a mole of oxygen burnt makes. */
export interface Fuel {
  /** J per mol of oxygen: C. Huggett, Fire and Materials 4 (1980) 61: 13.1 MJ per kg, within 5 % for most fuels */
  heat: number
  /** mol per mol of oxygen */ carbonDioxide: number
  water: number
}
const HEAT_PER_OXYGEN = 13.1e6 * 0.031999
/** By stoichiometry: cellulose C6H10O5 + 6 O2; paraffin C25H52 + 38 O2; ethanol C2H6O + 3 O2; methane CH4 + 2 O2. */
export const FUELS = {
  paper: { heat: HEAT_PER_OXYGEN, carbonDioxide: 1, water: 5 / 6 },
  paraffin: { heat: HEAT_PER_OXYGEN, carbonDioxide: 25 / 38, water: 26 / 38 },
  ethanol: { heat: HEAT_PER_OXYGEN, carbonDioxide: 2 / 3, water: 1 },
  methane: { heat: HEAT_PER_OXYGEN, carbonDioxide: 0.5, water: 1 },
} as const satisfies Record<string, Fuel>

/** Mole fraction of oxygen in dry air: US Standard Atmosphere 1976, table 3. */
export const OXYGEN_IN_AIR = 0.209476
/** Mole fraction at which a small flame dies, common practice: near 16 %. */
export const FLAME_DIES = 0.16
/** Oxygen over which a flame fades before it dies; assumption. */
const FADING = 0.005
/**
 * A flame that gives less than this share of its heat no longer makes the vapour that it burns, and is out;
 * assumption.
 */
export const OUT = 0.3
/**
 * Molar heat of air at constant pressure near 400 K, J/(mol K): 29.1 (Incropera & DeWitt table A.4: 1014 J/(kg K)),
 * from memory.
 */
export const MOLAR_HEAT = 29.3
/** Latent heat of water near room temperature, J/mol: IF97 at 300 K, 2437 kJ/kg. */
const LATENT = 43.9e3

/** Molar heat of air at constant volume, J/(mol K). */
export const MOLAR_HEAT_CONSTANT_VOLUME = MOLAR_HEAT - GAS_CONSTANT
/** Dew of which so much is left evaporates at half its rate, mol: the last of it dries slowly. */
const LAST_DEW = 1e-6

/** Unknowns, by place in the state: K, then moles. */
export const GAS = { temperature: 0, inert: 1, oxygen: 2, carbonDioxide: 3, vapour: 4, dew: 5 } as const
export const GAS_SIZE = 6
/** Those of them that cannot be less than nought; not dew, whose rate does not end at nought. */
export const GAS_AMOUNTS = [GAS.inert, GAS.oxygen, GAS.carbonDioxide, GAS.vapour]

/** Moles of gas, dew not counted. @param state see `GAS` */
export const molesOf = (state: Float64Array): number =>
  state[GAS.inert] + state[GAS.oxygen] + state[GAS.carbonDioxide] + state[GAS.vapour]
/** Mole fraction of oxygen, 0 to 1. @param state see `GAS`, not empty */
export const oxygenFraction = (state: Float64Array): number => state[GAS.oxygen] / molesOf(state)
/** Pressure, Pa. @param state see `GAS` @param volume m3, above 0 @source ideal gas law */
export const gasPressure = (state: Float64Array, volume: number): number =>
  (molesOf(state) * GAS_CONSTANT * state[GAS.temperature]) / volume

/**
 * Moist air of an amount in the first unknowns of a state. @param moles @param humid mole fraction of vapour @param
 * temperature K
 */
export function fillWithAir(state: Float64Array, moles: number, humid: number, temperature: number): void {
  const dry = moles * (1 - humid)
  state[GAS.temperature] = temperature
  state[GAS.inert] = dry * (1 - OXYGEN_IN_AIR)
  state[GAS.oxygen] = dry * OXYGEN_IN_AIR
  state[GAS.carbonDioxide] = 0
  state[GAS.vapour] = moles * humid
  state[GAS.dew] = 0
}

/** How strongly a flame burns in this gas, 0 to 1: it fades over the last half hundredth of oxygen before it dies. */
export function vigour(state: Float64Array, diesAt = FLAME_DIES): number {
  const share = (oxygenFraction(state) - diesAt) / FADING
  return share <= 0 ? 0 : share >= 1 ? 1 : share
}

export interface Flame {
  fuel: Fuel
  /** heat that a strong flame sets free, W */ power: number
  /** share of it that the gas takes up */ kept: number
  /** oxygen, as a mole fraction, at which it dies */ diesAt: number
}

/** What goes on in the gas by itself, before any of it comes or goes. */
export interface GasRates {
  /** W that the gas gains, latent heat left out: that goes to the wall */ heat: number
  /** mol/s that condense (negative: evaporate) */ condensing: number
  /** mol/s gained, all gases together */ moles: number
  /** W to the wall, latent heat included */ toWall: number
}

const rates: GasRates = { heat: 0, condensing: 0, moles: 0, toWall: 0 }

/**
 * Flame, heat to the wall and dew; writes the gases' rates into `slope` (temperature left out) and returns their sums.
 *
 * @param flame undefined: none burns
 * @param pressure Pa @param area of wall in touch, m2 @param transfer W/(m2 K) @param wall K
 * @returns the same object each time
 * @source Chilton–Colburn with a Lewis number of one: mol/s = h A / c_p · (y − y_sat at the wall) (Incropera &
 *   DeWitt, eq. 6.67)
 */
export function gasRates(
  state: Float64Array,
  flame: Flame | undefined,
  pressure: number,
  area: number,
  transfer: number,
  wall: number,
  slope: Float64Array,
): GasRates {
  const moles = molesOf(state)
  const burning = flame ? (vigour(state, flame.diesAt) * flame.power) / flame.fuel.heat : 0
  const conductance = transfer * area
  const excess = state[GAS.vapour] / moles - quickSaturationPressure(wall) / pressure
  const dew = state[GAS.dew] > 0 ? state[GAS.dew] : 0
  const condensing = (conductance / MOLAR_HEAT) * excess * (excess > 0 ? 1 : dew / (dew + LAST_DEW))
  const loss = conductance * (state[GAS.temperature] - wall)
  const { carbonDioxide = 0, water = 0 } = flame?.fuel ?? {}
  slope[GAS.inert] = 0
  slope[GAS.oxygen] = -burning
  slope[GAS.carbonDioxide] = burning * carbonDioxide
  slope[GAS.vapour] = burning * water - condensing
  slope[GAS.dew] = condensing
  rates.heat = (flame ? burning * flame.fuel.heat * flame.kept : 0) - loss
  rates.condensing = condensing
  rates.moles = burning * (carbonDioxide + water - 1) - condensing
  rates.toWall = loss + condensing * LATENT
  return rates
}

/** In one volume: what condenses takes its share of the energy along. @returns K/s */
export const warmingClosed = (state: Float64Array, r: GasRates): number =>
  (r.heat - GAS_CONSTANT * state[GAS.temperature] * r.condensing) / (molesOf(state) * MOLAR_HEAT_CONSTANT_VOLUME)

/** A stream of room air that comes in. */
export interface RoomAir {
  /** K */ temperature: number
  /** mole fraction of vapour */ humid: number
}

/**
 * At one pressure and volume: what does not fit leaves mixed, what is missing comes in as room air. Writes all rates.
 *
 * @param air undefined: nothing can come in (a valve); @param exchange mol/s that change places besides
 * @returns mol/s that come in (negative: leave)
 */
export function holdPressure(
  state: Float64Array,
  r: GasRates,
  slope: Float64Array,
  air: RoomAir | undefined,
  exchange = 0,
): number {
  const moles = molesOf(state)
  const temperature = state[GAS.temperature]
  const colder = air ? air.temperature - temperature : 0
  const heat = r.heat + exchange * MOLAR_HEAT * colder
  // n = p V/(R T): moles follow the temperature; what comes in brings its own enthalpy.
  let warming = heat / (moles * MOLAR_HEAT)
  let coming = (-moles * warming) / temperature - r.moles
  if (coming > 0 && air) {
    warming = (heat - MOLAR_HEAT * colder * r.moles) / ((moles * MOLAR_HEAT * air.temperature) / temperature)
    coming = (-moles * warming) / temperature - r.moles
  }
  slope[GAS.temperature] = warming
  const inward = (coming > 0 && air ? coming : 0) + exchange
  const outward = ((coming < 0 ? -coming : 0) + exchange) / moles
  for (const gas of [GAS.inert, GAS.oxygen, GAS.carbonDioxide, GAS.vapour]) slope[gas] -= outward * state[gas]
  if (inward > 0 && air) {
    const dry = inward * (1 - air.humid)
    slope[GAS.oxygen] += dry * OXYGEN_IN_AIR
    slope[GAS.inert] += dry * (1 - OXYGEN_IN_AIR)
    slope[GAS.vapour] += inward * air.humid
  }
  return coming
}
