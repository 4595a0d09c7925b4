/** Wall materials. */
import { exp } from '../elementary'

export interface Solid {
  /** kg/m3 */ density: number
  /** J/(kg K) */ specificHeat: number
  /** W/(m K) */ conductivity: number
  /** Young's modulus, Pa */ youngsModulus: number
  /** Poisson's ratio */ poissonRatio: number
  /** total hemispherical emissivity of the outside, dimensionless */ emissivity: number
  /** yield strength, Pa; undefined for what breaks or creeps instead */ yieldStrength?: number
  /** Young's modulus at a temperature (K) against that at 293 K, where it falls within the range of use */
  softening?: (temperature: number) => number
}

/**
 * Young's modulus of PET against that at 20 °C: nearly level up to 60 °C, a steep fall around the glass transition
 * (about 75 °C for the amorphous neck, a little higher for the stretched wall), a few per cent beyond it. Shape from
 * dynamic mechanical curves of bottle-grade PET, from memory; J. E. Mark, Polymer Data Handbook (1999), PET.
 */
export const petSoftening = (temperature: number): number => {
  const fallen = 0.04 + 0.96 / (1 + exp((temperature - 349) / 4.5))
  return fallen * (1 - 0.0025 * (temperature - 293))
}

export type SolidName = 'aluminium' | 'steel' | 'glass' | 'PET'

/**
 * Properties near room temperature. Aluminium: alloy 3004 of drink cans, lacquered and printed outside.
 * Sources: density, specific heat, conductivity from Incropera & DeWitt, 5th ed. (2002), table A.1; moduli from the CRC
 * Handbook; yield strengths of can sheet and drawn or deep-rolled steel; emissivity of painted or lacquered metal
 * from Incropera & DeWitt, table A.11; all from memory.
 */
export const SOLIDS: Readonly<Record<SolidName, Solid>> = {
  aluminium: {
    density: 2720,
    specificHeat: 900,
    conductivity: 162,
    youngsModulus: 69e9,
    poissonRatio: 0.33,
    emissivity: 0.8,
    yieldStrength: 280e6,
  },
  steel: {
    density: 7850,
    specificHeat: 480,
    conductivity: 50,
    youngsModulus: 200e9,
    poissonRatio: 0.3,
    emissivity: 0.8,
    yieldStrength: 280e6,
  },
  glass: {
    density: 2500,
    specificHeat: 800,
    conductivity: 1.1,
    youngsModulus: 70e9,
    poissonRatio: 0.22,
    emissivity: 0.92,
  },
  PET: {
    density: 1370,
    specificHeat: 1200,
    conductivity: 0.2,
    youngsModulus: 2.8e9,
    poissonRatio: 0.38,
    emissivity: 0.9,
    softening: petSoftening,
  },
}

export const SOLID_NAMES = Object.keys(SOLIDS) as SolidName[]
