/**
 * A moist gas let out of a bottle: it cools as it expands, vapour turns to droplets on nuclei, the wall warms it again.
 *
 * One lump of gas and one size of droplet. Heat comes from the wall all the while; droplets grow by diffusion; a nucleus
 * takes part once the air is supersaturated enough for it.
 */
import { exp, pow } from '../elementary'
import { GAS_CONSTANT } from '../substances/air'
import { ethanolVapourPressure, ETHANOL_DENSITY, ETHANOL_LATENT_HEAT, ETHANOL_MOLAR_MASS } from '../substances/ethanol'
import { WATER_MOLAR_MASS } from '../substances/water-transport'

export interface Condensable {
  /** kg/mol */ molarMass: number
  /** J/kg */ latentHeat: number
  /** kg/m3 */ density: number
  /** vapour pressure over the liquid, Pa, of K from 190 */ saturation: (temperature: number) => number
  /** diffusion coefficient in air near 280 K and 1 bar, m2/s: Perry's Handbook, 7th ed., table 2-371, from memory */ diffusion: number
}

/**
 * Over liquid water, also below freezing: droplets this young stay liquid.
 * @source D. Bolton, Monthly Weather Review 108 (1980) 1046, eq. 10: within 0.3 % from −35 to 35 °C
 */
export function overLiquidWater(temperature: number): number {
  const celsius = Math.max(temperature, 190) - 273.15
  return 611.2 * exp(17.67 * celsius / (celsius + 243.5))
}

export const CONDENSABLES: Readonly<Record<'water' | 'ethanol', Condensable>> = {
  water: { molarMass: WATER_MOLAR_MASS, latentHeat: 2.48e6, density: 1000, saturation: overLiquidWater, diffusion: 2.4e-5 },
  ethanol: { molarMass: ETHANOL_MOLAR_MASS, latentHeat: ETHANOL_LATENT_HEAT, density: ETHANOL_DENSITY, saturation: t => ethanolVapourPressure(Math.min(352, Math.max(t, 220))),
    diffusion: 1.1e-5 },
}

export interface Nuclei {
  /** droplets that can form, per m3 */ number: number
  /** saturation ratio at which they start: Köhler for smoke and dust, Wilson for ions and none */ critical: number
}

export interface Expansion {
  /** Pa: before and after */ from: number
  to: number
  /** s in which the overpressure falls by a factor e */ release: number
  /** K */ wall: number
  /** gas before the release, K */ start: number
  /** bottle, m */ volume: number
  area: number
  /** W/(m2 K) */ transfer: number
  substance: Condensable
  /** saturation ratio before the release */ saturation: number
  nuclei: Nuclei
}

/** Quantities at one moment. */
export interface Mist {
  time: number
  pressure: number
  temperature: number
  /** saturation ratio */ saturation: number
  /** kg/m3 of droplets */ liquid: number
  /** m */ radius: number
  /** moles in the bottle: dry air, vapour */ air: number
  vapour: number
  /** J from the wall since the release */ heat: number
}

/**
 * Extinction across a path of droplets, dimensionless: efficiency 2 for droplets much wider than the wave.
 * @param path m
 * @source H. C. van de Hulst, Light Scattering by Small Particles (1957), sect. 8.22: Q → 2
 */
export const opticalDepth = ({ liquid, radius }: Pick<Mist, 'liquid' | 'radius'>, density: number, path: number): number =>
  radius > 0 ? 1.5 * liquid / (density * radius) * path : 0

/**
 * Runs an expansion and what follows.
 *
 * Dry limit without heat: T/T0 = (p/p0)^(R/c_p). Energy of the gas that stays: n c_p dT = V dp + heat from the wall + L dm.
 * Growth: r dr/dt = D ρ_v (S − 1)/ρ_l, the diffusion part (R. R. Rogers & M. K. Yau, A Short Course in Cloud Physics, 3rd ed.
 * (1989), eq. 7.17), which the latent heat given to the same gas holds back.
 * @param until s
 * @param onStep called with each moment, the first included; the object is reused
 */
export function expand(plan: Expansion, until: number, onStep: (mist: Mist) => void): void {
  const { from, to, release, wall, start, volume, area, transfer, substance, nuclei } = plan
  const moles0 = from * volume / (GAS_CONSTANT * start)
  const vapour0 = Math.min(0.6, plan.saturation * substance.saturation(wall) / from)
  let vapour = moles0 * vapour0
  let air = moles0 - vapour
  let liquid = 0 // kg in the bottle
  let temperature = start
  let pressure = from
  let time = 0
  let heat = 0
  let activated = 0 // share of nuclei taking part
  const specific = 29.2
  const mist: Mist = { time, pressure, temperature, saturation: plan.saturation, liquid: 0, radius: 0, air, vapour, heat }
  onStep(mist)
  while (time < until) {
    const span = time < 6 * release ? release / 12 : Math.max(release / 12, time / 18)
    const step = Math.min(span, until - time + 1e-9)
    time += step
    const next = to + (from - to) * exp(-time / release)
    const moles = air + vapour
    const fall = (next - pressure) * volume
    // Heat from the wall, implicit; expansion work exact for small steps.
    const conduct = transfer * area * step
    temperature = (moles * specific * temperature + fall + conduct * wall) / (moles * specific + conduct)
    heat += conduct * (wall - temperature)
    let partial = vapour / moles * next
    let saturated = substance.saturation(temperature)
    let ratio = partial / saturated
    // What has started, grows until the cloud is gone again.
    if (ratio > nuclei.critical) activated = 1
    if (liquid <= 0 && ratio < 1) activated = 0
    if (activated > 0 && (ratio > 1 || liquid > 0)) {
      const count = nuclei.number * volume
      const drop = liquid > 0 ? liquid / count : 0
      const radius = Math.max(5e-8, pow(drop * 3 / (4 * Math.PI * substance.density), 1 / 3))
      // Relaxation of the excess towards saturation: 1/τ = 4π D N r, in the gas as it now is.
      const rate = 4 * Math.PI * substance.diffusion * (101325 / next) * nuclei.number * (radius + 1e-7)
      // Latent heat closes the gap as well: dS/S = −(1 + L² M p_v …) per mole.
      const molarLatent = substance.latentHeat * substance.molarMass
      const gap = (partial - saturated) / next * moles
      const stiff = 1 + molarLatent * molarLatent * (saturated / next) / (specific * GAS_CONSTANT * temperature * temperature)
      const turned = Math.max(-liquid / substance.molarMass, gap / stiff * (1 - exp(-rate * stiff * step)))
      vapour -= turned
      liquid += turned * substance.molarMass
      temperature += turned * molarLatent / (moles * specific)
      partial = vapour / (air + vapour) * next
      saturated = substance.saturation(temperature)
      ratio = partial / saturated
    }
    // Gas leaves (or, warmed again, keeps leaving) so that the rest fills the bottle; droplets go with it.
    const room = next * volume / (GAS_CONSTANT * temperature)
    const kept = Math.min(1, room / (air + vapour))
    // Colder than before at the end pressure: outside air comes in.
    if (room > air + vapour) air = room - vapour
    else {
      air *= kept
      vapour *= kept
      liquid *= kept
    }
    pressure = next
    mist.time = time
    mist.pressure = pressure
    mist.temperature = temperature
    mist.saturation = ratio
    mist.liquid = liquid / volume
    mist.radius = liquid > 0 ? pow(3 * mist.liquid / (4 * Math.PI * substance.density * nuclei.number), 1 / 3) : 0
    mist.air = air
    mist.vapour = vapour
    mist.heat = heat
    onStep(mist)
  }
}
