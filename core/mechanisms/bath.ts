/** A finite bath that takes up heat: ice melts first, then the water warms. */
import { ICE_FUSION_HEAT, LIQUID_SPECIFIC_HEAT } from '../substances/water-transport'
import { quickLatentHeat } from '../substances/steam-tables'

export interface BathLoad {
  /** K */ temperature: number
  /** kg */ water: number
  /** kg */ ice: number
  /** heat capacity of the hot metal, J/K */ hotMetal: number
  /** K */ metalTemperature: number
  /** kg of hot water poured in */ hotWater: number
  /** K */ waterTemperature: number
  /** kg of steam that condenses */ steam: number
  /** K */ steamTemperature: number
}

/** Heat that melts ice and warms the melt water to the bath's temperature (K), J/kg. */
const perKilogramOfIce = (temperature: number): number =>
  ICE_FUSION_HEAT + LIQUID_SPECIFIC_HEAT * Math.max(0, temperature - 273.15)

/**
 * Ice that would have kept a bath as it was: what melted, and what its warming stands for.
 *
 * @param before and after: K, and kg of ice
 * @param volume of the bath, m3
 * @returns kg
 */
export function iceToHold(
  before: { temperature: number; ice: number },
  after: { temperature: number; ice: number },
  volume: number,
): number {
  const warming = Math.max(0, after.temperature - before.temperature) * volume * 1000 * LIQUID_SPECIFIC_HEAT
  return before.ice - after.ice + warming / perKilogramOfIce(before.temperature)
}

/**
 * Bath temperature and ice left after everything hot has come to one temperature in it.
 *
 * Enthalpy is conserved and losses to the room are left out (seconds against minutes). A bath with ice is taken to stay
 * at its given temperature until the ice is gone: in practice it is stirred and somewhat above the melting point.
 *
 * @returns K, and kg of ice
 */
export function bathAfter(load: BathLoad): { temperature: number; ice: number } {
  const { temperature, water, ice } = load
  const heat =
    load.hotMetal * (load.metalTemperature - temperature) +
    load.hotWater * LIQUID_SPECIFIC_HEAT * (load.waterTemperature - temperature) +
    load.steam * (quickLatentHeat(load.steamTemperature) + LIQUID_SPECIFIC_HEAT * (load.steamTemperature - temperature))
  // Melt water is warmed to the bath's temperature too.
  const perIce = perKilogramOfIce(temperature)
  const melted = Math.min(ice, Math.max(0, heat) / perIce)
  const rest = heat - melted * perIce
  const capacity = (water + melted + load.hotWater + load.steam) * LIQUID_SPECIFIC_HEAT + load.hotMetal
  return { temperature: temperature + rest / capacity, ice: ice - melted }
}
