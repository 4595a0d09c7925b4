/**
 * Constants of water for heat transfer, each at the temperature where it is used. Source: Incropera & DeWitt,
 * Fundamentals of Heat and Mass Transfer, 5th ed. (2002), table A.6, from memory.
 */

/** Specific heat of liquid water near room temperature and up to boiling, J/(kg K); within 1 % from 0 to 100 °C. */
export const LIQUID_SPECIFIC_HEAT = 4190
/** Specific heat at constant pressure of steam near 100 °C, J/(kg K). */
export const VAPOUR_SPECIFIC_HEAT = 2000
/** Heat that melts ice, J/kg. Source: CRC Handbook, 333.6 kJ/kg, from memory. */
export const ICE_FUSION_HEAT = 334e3
/** Molar mass of water, kg/mol: IAPWS R7-97(2012). */
export const WATER_MOLAR_MASS = 0.018015257

/** A condensate film between 70 and 100 °C. */
export const CONDENSATE = {
  /** kg/m3 */ density: 965,
  /** W/(m K) */ conductivity: 0.674,
  /** Pa s */ viscosity: 3.3e-4,
}

/** Bath water between 5 and 60 °C, at the film temperature of a hot wall. */
export const BATH_WATER = {
  /** W/(m K) */ conductivity: 0.61,
  /** m2/s */ kinematicViscosity: 8.6e-7,
  /** m2/s */ diffusivity: 1.47e-7,
  /** 1/K */ expansion: 3.0e-4,
  /** dimensionless */ prandtl: 5.8,
}

/** Acceleration of free fall, m/s2: standard value, ISO 80000-3. */
export const GRAVITY = 9.80665
