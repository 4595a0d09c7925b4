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
  /** J per mol of oxygen: C. Huggett, Fire and Materials 4 (1980) 61: 13.1 MJ per kg, within 5 % for most fuels */ heat: number
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
/** A flame that gives less than this share of its heat no longer makes the vapour that it burns, and is out; assumption. */
export const OUT = 0.3
/** Molar heat of air at constant pressure near 400 K, J/(mol K): 29.1 (Incropera & DeWitt table A.4: 1014 J/(kg K)), from memory. */
export const MOLAR_HEAT = 29.3
/** Latent heat of water near room temperature, J/mol: IF97 at 300 K, 2437 kJ/kg. */
const LATENT = 43.9e3

export interface GasVessel {
  /** m3 */ volume: number
  /** wall that the gas touches, m2 */ area: number
  /** W/(m2 K) */ transfer: number
  /** K */ wall: number
}

/** Moles of each gas, and what has condensed. */
export class FlameGas {
  inert = 0
  oxygen = 0
  carbonDioxide = 0
  vapour = 0
  condensed = 0
  burnt = 0

  /** Outside air at a pressure (Pa), temperature (K) and partial pressure of vapour (Pa) fills the vessel. */
  constructor(readonly vessel: GasVessel, pressure: number, public temperature: number, vapourPressure: number) {
    this.addAir(pressure * vessel.volume / (GAS_CONSTANT * temperature), vapourPressure / pressure)
  }

  /** @param moles of moist air @param humid mole fraction of vapour in it */
  addAir(moles: number, humid: number): void {
    const dry = moles * (1 - humid)
    this.oxygen += dry * OXYGEN_IN_AIR
    this.inert += dry * (1 - OXYGEN_IN_AIR)
    this.vapour += moles * humid
  }

  get moles(): number {
    return this.inert + this.oxygen + this.carbonDioxide + this.vapour
  }

  /** Pa, in a volume of m3 */
  pressure(volume = this.vessel.volume): number {
    return this.moles * GAS_CONSTANT * this.temperature / volume
  }

  get oxygenFraction(): number {
    return this.oxygen / this.moles
  }

  /** Lets a share of the gas go. */
  release(share: number): void {
    const kept = 1 - Math.min(1, Math.max(0, share))
    this.inert *= kept
    this.oxygen *= kept
    this.carbonDioxide *= kept
    this.vapour *= kept
  }

  /** How strongly a flame burns in this gas, 0 to 1: it fades over the last half hundredth of oxygen before it dies. */
  vigour(diesAt = FLAME_DIES): number {
    return Math.min(1, Math.max(0, (this.oxygenFraction - diesAt) / FADING))
  }

  /**
   * Burns for a step.
   * @param power heat that a strong flame sets free, W @param kept share of it that the gas takes up @param step s
   * @param diesAt oxygen, as a mole fraction, at which it dies
   * @returns J given to the gas
   */
  burn(fuel: Fuel, power: number, kept: number, step: number, diesAt = FLAME_DIES): number {
    const oxygen = Math.min(this.oxygen, this.vigour(diesAt) * power * step / fuel.heat)
    this.oxygen -= oxygen
    this.burnt += oxygen
    this.carbonDioxide += oxygen * fuel.carbonDioxide
    this.vapour += oxygen * fuel.water
    return oxygen * fuel.heat * kept
  }

  /**
   * Heat to the wall, condensation on it (or evaporation of what condensed), implicit in the temperature.
   * @param heat given by a flame in this step, J @param area of wall in touch, m2
   */
  settle(heat: number, step: number, pressure: number, area = this.vessel.area): void {
    const { transfer, wall } = this.vessel
    const moles = this.moles
    const capacity = moles * MOLAR_HEAT
    const loss = transfer * area * step
    this.temperature = (capacity * this.temperature + heat + loss * wall) / (capacity + loss)
    // Chilton–Colburn with a Lewis number of one: mol/s = h A / c_p · (y − y_sat at the wall).
    const excess = this.vapour / moles - quickSaturationPressure(wall) / pressure
    let turned = transfer * area / MOLAR_HEAT * excess * step
    turned = turned > 0 ? Math.min(turned, Math.max(0, excess * moles)) : -Math.min(-turned, this.condensed)
    this.vapour -= turned
    this.condensed += turned
  }
}

/** Heat of what condensed, J. Goes to the wall. */
export const condensationHeat = (moles: number): number => moles * LATENT
