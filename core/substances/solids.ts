/** Wall materials. */

export interface Solid {
  /** kg/m3 */ density: number
  /** J/(kg K) */ specificHeat: number
  /** W/(m K) */ conductivity: number
  /** Young's modulus, Pa */ youngsModulus: number
  /** Poisson's ratio */ poissonRatio: number
  /** total hemispherical emissivity of the outside, dimensionless */ emissivity: number
}

/**
 * Properties near room temperature. Aluminium: alloy 3004 of drink cans, lacquered and printed outside.
 * Sources: density, specific heat, conductivity from Incropera & DeWitt, 5th ed. (2002), table A.1; moduli from the CRC
 * Handbook; emissivity of painted or lacquered metal from Incropera & DeWitt, table A.11; all from memory.
 */
export const SOLIDS = {
  aluminium: {
    density: 2720, specificHeat: 900, conductivity: 162, youngsModulus: 69e9, poissonRatio: 0.33, emissivity: 0.8,
  },
  steel: {
    density: 7850, specificHeat: 480, conductivity: 50, youngsModulus: 200e9, poissonRatio: 0.3, emissivity: 0.8,
  },
  glass: {
    density: 2500, specificHeat: 800, conductivity: 1.1, youngsModulus: 70e9, poissonRatio: 0.22, emissivity: 0.92,
  },
} as const satisfies Record<string, Solid>

export type SolidName = keyof typeof SOLIDS
export const SOLID_NAMES = Object.keys(SOLIDS) as SolidName[]
