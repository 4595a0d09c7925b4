/** Several vessels in a row on one bath: each brings its heat, ice melts first. */
import type { Repeat, Ran, Has } from '../../demonstration'
import { bathAfter, type BathLoad } from '../../mechanisms/bath'
import type { SteamVessel } from '../../mechanisms/steam-vessel'
import { quickLiquidDensity, quickSaturationTemperature } from '../../substances/steam-tables'

/** What one vessel brings into the bath, without the bath. */
export type Load = Omit<BathLoad, 'temperature' | 'water' | 'ice'>

/** @param wall K @param liquid K @param water kg @param steam kg @param roomPressure Pa */
export function loadOf(
  { solid, wallThickness, upperArea, crossSection }: SteamVessel,
  at: { wall: number; liquid: number; water: number; steam: number; roomPressure: number },
): Load {
  return {
    hotMetal: solid.density * solid.specificHeat * wallThickness * (upperArea + crossSection),
    metalTemperature: at.wall,
    hotWater: at.water,
    waterTemperature: at.liquid,
    steam: at.steam,
    steamTemperature: quickSaturationTemperature(at.roomPressure),
  }
}

/** The bath after `count` like this one. @param temperature of the bath before the first, K */
export function bathAfterMany(
  { numbers: n }: Has<'bathVolume' | 'iceMass'>,
  one: Load,
  temperature: number,
  count: number,
): { temperature: number; ice: number } {
  // Written out: spreading an object costs more here than all that is done with it.
  return bathAfter({
    metalTemperature: one.metalTemperature,
    waterTemperature: one.waterTemperature,
    steamTemperature: one.steamTemperature,
    temperature,
    water: n.bathVolume * quickLiquidDensity(Math.min(temperature, 372)),
    ice: n.iceMass,
    hotMetal: one.hotMetal * count,
    hotWater: one.hotWater * count,
    steam: one.steam * count,
  })
}

export const repeatsOf = (
  values: Has<'bathVolume' | 'iceMass'>,
  load: Load,
  temperature: number,
  count: number,
): Repeat[] =>
  Array.from({ length: count }, (_, before) => {
    const bath = bathAfterMany(values, load, temperature, before)
    return { number: before + 1, bathTemperature: bath.temperature, iceLeft: bath.ice }
  })

/** Only a pool is warmed by what stands in it: what is poured or sprayed runs off. */
export const standsInPool = ({ choices }: Has<never, 'coolingMethod'>): boolean => choices.coolingMethod === 'ice-pool'

/**
 * For a closed vessel that stands in its bath until all of it is as cold: what a simulation's seal says of its heat.
 */
export const repeatsInPool =
  <V extends Has<'bathVolume' | 'iceMass' | 'bathTemperature'>>(vesselOf: (values: V) => SteamVessel) =>
  (
    values: V,
    { details: d, results: r }: Ran<'waterLeft' | 'steamMass', 'wallAtSeal' | 'liquidAtSeal' | 'stationPressure'>,
    count: number,
  ): Repeat[] => {
    const load = loadOf(vesselOf(values), {
      wall: d.wallAtSeal,
      liquid: d.liquidAtSeal,
      water: r.waterLeft,
      steam: r.steamMass,
      roomPressure: d.stationPressure,
    })
    return repeatsOf(values, load, values.numbers.bathTemperature, count)
  }
