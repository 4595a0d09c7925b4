/**
 * A moist gas let out of a bottle: it cools as it expands, vapour turns to droplets on nuclei, the wall warms it again.
 *
 * One lump of gas and one size of droplet. Heat comes from the wall all the while; droplets grow by diffusion; a
 * nucleus takes part once the air is supersaturated enough for it.
 */
import { cubeRoot, exp, ln } from '../elementary'
import { integratorOf, type OdeEvent, type OdeSystem } from '../solver'
import { GAS_CONSTANT } from '../substances/air'
import { ethanolVapourPressure, ETHANOL_DENSITY, ETHANOL_LATENT_HEAT, ETHANOL_MOLAR_MASS } from '../substances/ethanol'
import { WATER_MOLAR_MASS } from '../substances/water-transport'

export interface Condensable {
  /** kg/mol */ molarMass: number
  /** J/kg */ latentHeat: number
  /** kg/m3 */ density: number
  /** vapour pressure over the liquid, Pa, of K from 190 */ saturation: (temperature: number) => number
  /** diffusion coefficient in air near 280 K and 1 bar, m2/s: Perry's Handbook, 7th ed., table 2-371, from memory */
  diffusion: number
  /** N/m, of K */ surfaceTension: (temperature: number) => number
}

/**
 * Over liquid water, also below freezing: droplets this young stay liquid.
 * @source D. Bolton, Monthly Weather Review 108 (1980) 1046, eq. 10: within 0.3 % from −35 to 35 °C
 */
export function overLiquidWater(temperature: number): number {
  const celsius = Math.max(temperature, 190) - 273.15
  return 611.2 * exp((17.67 * celsius) / (celsius + 243.5))
}

export const CONDENSABLES: Readonly<Record<'water' | 'ethanol', Condensable>> = {
  water: {
    molarMass: WATER_MOLAR_MASS,
    latentHeat: 2.48e6,
    density: 1000,
    saturation: overLiquidWater,
    diffusion: 2.4e-5,
    // 75.6 mN/m at 0 °C, 72.7 at 20 °C (IAPWS R1-76(2014)), carried on in a straight line.
    surfaceTension: t => 75.65e-3 - 0.148e-3 * (t - 273.15),
  },
  ethanol: {
    molarMass: ETHANOL_MOLAR_MASS,
    latentHeat: ETHANOL_LATENT_HEAT,
    density: ETHANOL_DENSITY,
    // A trial step may hold no number at all; it is refused afterwards.
    saturation: t => ethanolVapourPressure(t > 220 ? Math.min(352, t) : 220),
    diffusion: 1.1e-5,
    // 22.4 mN/m at 20 °C, 24.1 at 0 °C (CRC Handbook, from memory).
    surfaceTension: t => 24.1e-3 - 0.085e-3 * (t - 273.15),
  },
}

export interface Nuclei {
  /** droplets that can form, per m3 */ number: number
  /** saturation ratio at which they start: Köhler for smoke and dust, Wilson for ions */ critical: number
}

export interface Expansion {
  /** Pa: before and after */ from: number
  to: number
  /** s in which the overpressure falls by a factor e */ release: number
  /** K */ wall: number
  /** gas before the release, K */ start: number
  /** partial pressure of vapour before the release, Pa */ vapour: number
  /** bottle, m3 */ volume: number
  /** m2 */ area: number
  /** W/(m2 K) */ transfer: number
  /** across, along which one looks, m */ path: number
  substance: Condensable
  nuclei: Nuclei
  /** pressed again then, s after the release, to the same pressure within so long, s */ again?: {
    at: number
    within: number
  }
}

/** Unknowns, by place in the state: K, mol of dry gas and of vapour in the bottle, kg of droplets, their number. */
const MIST = { temperature: 0, air: 1, vapour: 2, liquid: 3, drops: 4 } as const
const SIZE = 5

/**
 * Molar heat of moist air at constant pressure, J/(mol K): 29.2 near 280 K (Incropera & DeWitt, table A.4), from
 * memory.
 */
const MOLAR_HEAT = 29.2
/** A droplet is never smaller in the law of growth, m: where surface and curvature take over. */
const SMALLEST = 1e-7
const BOLTZMANN = 1.380649e-23
const AVOGADRO = 6.02214076e23
/** Refractive index of a droplet less one, and a green light's wavelength, m. */
const [REFRACTION, LIGHT] = [0.33, 0.55e-6]

/**
 * Droplets that form by themselves where no nuclei are left, 1/(m3 s).
 *
 * With water it comes into its own where C. T. R. Wilson (Phil. Trans. R. Soc. A 189 (1897) 265) saw clean air turn
 * to dense fog: an expansion near 1.38, a saturation ratio of 6 to 8.
 * @param ratio saturation ratio @param partial pressure of vapour, Pa @param temperature K
 * @source R. Becker & W. Döring, Ann. Phys. 24 (1935) 719, in the form of H. R. Pruppacher & J. D. Klett,
 *   Microphysics of Clouds and Precipitation, 2nd ed. (1997), eq. 7-46
 */
export function homogeneousNucleation(
  substance: Condensable,
  ratio: number,
  partial: number,
  temperature: number,
): number {
  if (!(ratio > 1.5)) return 0
  const thermal = BOLTZMANN * temperature
  const molecule = substance.molarMass / AVOGADRO
  const size = molecule / substance.density
  const tension = substance.surfaceTension(temperature)
  const excess = ln(ratio)
  const barrier =
    (((16 * Math.PI) / 3) * tension * tension * tension * size * size) / (thermal * thermal * thermal * excess * excess)
  if (barrier > 200) return 0
  const number = partial / thermal
  return Math.sqrt((2 * tension) / (Math.PI * molecule)) * size * number * number * exp(-barrier)
}

class MoistGas implements OdeSystem {
  readonly size = SIZE
  readonly scale: Float64Array
  readonly reference = new Float64Array(SIZE)
  readonly amounts = [MIST.air, MIST.vapour]
  readonly dependsOnTime = true
  private readonly molarLatent: number

  constructor(readonly plan: Expansion) {
    const moles = (plan.from * plan.volume) / (GAS_CONSTANT * plan.start)
    this.scale = Float64Array.of(
      2,
      0.01 * moles,
      1e-3 * moles,
      1e-5 * plan.volume * 10,
      1e-3 * plan.nuclei.number * plan.volume,
    )
    this.reference[MIST.temperature] = plan.wall
    this.reference[MIST.air] = moles
    this.molarLatent = plan.substance.latentHeat * plan.substance.molarMass
  }

  // A column of the Jacobian leaves the moment as it was, and most of them the temperature: a power costs as much as
  // all the rest of the rates.
  private moment = NaN
  private pressureThen = NaN
  private temperature = NaN
  private saturationThen = NaN
  private lastRadius = SMALLEST

  pressure(time: number): number {
    if (time !== this.moment) {
      this.moment = time
      this.pressureThen = this.pressureAt(time)
    }
    return this.pressureThen
  }

  private saturation(temperature: number): number {
    if (temperature !== this.temperature) {
      this.temperature = temperature
      this.saturationThen = this.plan.substance.saturation(temperature)
    }
    return this.saturationThen
  }

  private cubeRoot(x: number): number {
    return (this.lastRadius = cubeRoot(x, this.lastRadius))
  }

  private pressureAt(time: number): number {
    const { from, to, release, again } = this.plan
    if (again && time >= again.at) {
      const low = to + (from - to) * exp(-again.at / release)
      return low + (from - low) * Math.min(1, (time - again.at) / again.within)
    }
    return to + (from - to) * exp(-time / release)
  }

  private pressureRate(time: number): number {
    const { from, to, release, again } = this.plan
    if (again && time >= again.at)
      return time < again.at + again.within ? (from - this.pressureAt(again.at)) / again.within : 0
    return (to - this.pressure(time)) / release
  }

  partial(time: number, s: Float64Array): number {
    return (s[MIST.vapour] / (s[MIST.air] + s[MIST.vapour])) * this.pressure(time)
  }

  ratio(time: number, s: Float64Array): number {
    return this.partial(time, s) / this.saturation(s[MIST.temperature])
  }

  radius(s: Float64Array): number {
    const drops = s[MIST.drops]
    const liquid = s[MIST.liquid]
    return drops > 1 && liquid > 0
      ? this.cubeRoot((3 * liquid) / (4 * Math.PI * this.plan.substance.density * drops))
      : 0
  }

  /** Extinction across the path, see `opticalDepth`. */
  depth(s: Float64Array): number {
    return opticalDepth(
      { liquid: s[MIST.liquid] / this.plan.volume, radius: this.radius(s) },
      this.plan.substance.density,
      this.plan.path,
    )
  }

  derivatives(time: number, s: Float64Array, slope: Float64Array): void {
    const { volume, wall, area, transfer, substance } = this.plan
    const pressure = this.pressure(time)
    const rate = this.pressureRate(time)
    const temperature = s[MIST.temperature]
    const air = s[MIST.air]
    const vapour = s[MIST.vapour]
    const moles = air + vapour
    const partial = (vapour / moles) * pressure
    const saturated = this.saturation(temperature)
    const drops = s[MIST.drops] > 0 ? s[MIST.drops] : 0
    const liquid = s[MIST.liquid] > 0 ? s[MIST.liquid] : 0
    // Growth by diffusion: mol/s = 4π D r N (c − c_sat).
    let turned = 0
    if (drops > 1) {
      const radius = this.cubeRoot(
        SMALLEST * SMALLEST * SMALLEST + (3 * liquid) / (4 * Math.PI * substance.density * drops),
      )
      turned =
        (4 * Math.PI * substance.diffusion * (101325 / pressure) * radius * drops * (partial - saturated)) /
        (GAS_CONSTANT * temperature)
      // The last of the droplets dries up.
      if (turned < 0) turned *= liquid / (liquid + 1e-9 * volume)
    }
    const heat = transfer * area * (wall - temperature) + volume * rate + this.molarLatent * turned
    // n = p V/(R T): what no longer fits leaves, droplets with it; what is missing comes in.
    const fits = (pressure * volume) / (GAS_CONSTANT * temperature)
    let warming = heat / (moles * MOLAR_HEAT)
    let coming = fits * (rate / pressure - warming / temperature) + turned
    if (coming > 0) {
      warming =
        (heat + MOLAR_HEAT * (wall - temperature) * ((fits * rate) / pressure + turned)) /
        ((moles * MOLAR_HEAT * wall) / temperature)
      coming = fits * (rate / pressure - warming / temperature) + turned
    }
    const leaving = coming < 0 ? -coming / moles : 0
    slope[MIST.temperature] = warming
    slope[MIST.air] = coming > 0 ? coming : -leaving * air
    slope[MIST.vapour] = -turned - leaving * vapour
    slope[MIST.liquid] = turned * substance.molarMass - leaving * liquid
    slope[MIST.drops] =
      homogeneousNucleation(substance, partial / saturated, partial, temperature) * volume - leaving * drops
  }
}

/** Quantities at one moment. */
export interface Mist {
  time: number
  pressure: number
  temperature: number
  /** saturation ratio */ saturation: number
  /** kg/m3 of droplets */ liquid: number
  /** m */ radius: number
  /** optical depth across the path */ depth: number
  /** moles in the bottle: dry air, vapour */ air: number
  vapour: number
}

/**
 * Extinction across a path of droplets, dimensionless: efficiency 2 for droplets much wider than the wave, and less
 * for smaller ones, as the phase shift across them squared over two.
 *
 * @param mist kg/m3 of droplets, and their radius, m @param density of the liquid, kg/m3 @param path m
 * @source H. C. van de Hulst, Light Scattering by Small Particles (1957), sect. 8.22 and 11.2: both limits, joined
 */
export function opticalDepth(
  { liquid, radius }: Pick<Mist, 'liquid' | 'radius'>,
  density: number,
  path: number,
): number {
  if (!(radius > 0) || !(liquid > 0)) return 0
  const shift = ((4 * Math.PI * radius) / LIGHT) * REFRACTION
  return (((1.5 * liquid) / (density * radius)) * path * shift * shift) / (shift * shift + 4)
}

export interface ExpansionEnd {
  /** greatest optical depth across the path */ deepest: number
  /** kg/m3 of droplets at most */ liquid: number
  /** m, of the droplets in the thickest cloud */ radius: number
  /** when the gas is coldest */ coldest: Mist
  /** saturation ratio at most */ wettest: number
  /** s after the release at which the depth passes a threshold, and falls under six tenths of it again */ seen:
    | number
    | undefined
  gone: number | undefined
  end: number
}

/**
 * Runs an expansion and what follows, until the gas is as warm as the wall and the droplets have gone, or for `until`
 * seconds.
 *
 * Dry limit without heat: T/T0 = (p/p0)^(R/c_p). Energy of the gas that stays: n c_p dT = V dp + heat from the wall +
 * L dm. Growth: r dr/dt = D ρ_v (S − 1)/ρ_l, the diffusion part (R. R. Rogers & M. K. Yau, A Short Course in Cloud
 * Physics, 3rd ed. (1989), eq. 7.17), which the latent heat given to the same gas holds back. Nuclei take part from
 * their saturation ratio on.
 * @param threshold optical depth that is seen @param tolerance relative, of one step
 * @param onStep called with each moment, the first included; the object is reused
 */
export function expand(
  plan: Expansion,
  until: number,
  threshold: number,
  tolerance: number,
  onStep?: (mist: Mist) => void,
): ExpansionEnd {
  const { from, to, release, start, volume, wall, nuclei } = plan
  const system = new MoistGas(plan)
  const moles = (from * volume) / (GAS_CONSTANT * start)
  const share = Math.min(0.6, plan.vapour / from)
  const state = Float64Array.of(start, moles * (1 - share), moles * share, 0, 0)
  const mist: Mist = {
    time: 0,
    pressure: from,
    temperature: start,
    saturation: 0,
    liquid: 0,
    radius: 0,
    depth: 0,
    air: 0,
    vapour: 0,
  }
  const read = (time: number, s: Float64Array): Mist =>
    Object.assign(mist, {
      time,
      pressure: system.pressure(time),
      temperature: s[MIST.temperature],
      saturation: system.ratio(time, s),
      liquid: Math.max(0, s[MIST.liquid]) / volume,
      radius: system.radius(s),
      depth: system.depth(s),
      air: s[MIST.air],
      vapour: s[MIST.vapour],
    })
  const scratch = new Float64Array(SIZE)
  const events: OdeEvent[] = [
    { id: 'start', direction: 1, stops: true, value: (t, s) => (started ? -1 : system.ratio(t, s) - nuclei.critical) },
    { id: 'seen', direction: 1, stops: false, value: (_, s) => system.depth(s) - threshold },
    { id: 'gone', direction: -1, stops: false, value: (_, s) => system.depth(s) - 0.6 * threshold },
    {
      id: 'coldest',
      direction: 1,
      stops: true,
      value: (t, s) => {
        system.derivatives(t, s, scratch)
        return scratch[MIST.temperature]
      },
    },
    // The release over, as warm as the wall, and no droplets to speak of.
    {
      id: 'over',
      direction: -1,
      stops: true,
      value: (t, s) =>
        Math.max(
          (system.pressure(t) - to) / (1e-3 * from),
          Math.abs(s[MIST.temperature] - wall),
          s[MIST.liquid] / (1e-6 * volume),
        ) - 0.1,
    },
  ]
  let started = false
  let time = 0
  let coldest: Mist = { ...read(0, state) }
  let [deepest, liquid, wettest] = [0, 0, 0]
  let seen: number | undefined
  let gone: number | undefined
  if (system.ratio(0, state) >= nuclei.critical) {
    started = true
    state[MIST.drops] = nuclei.number * volume
  }
  const last = plan.again ? plan.again.at : until
  while (time < until) {
    const end = time < last ? last : until
    const stage = integratorOf(SIZE).run(system, state, time, end, {
      tolerance,
      firstStep: release / 50,
      events,
      between: onStep ? 1 : 0,
      onStep: onStep && ((t, s) => onStep(read(t, s))),
      peaks: [
        { id: 'depth', value: (_, s) => system.depth(s) },
        { id: 'liquid', value: (_, s) => s[MIST.liquid] / volume },
        { id: 'ratio', value: (t, s) => system.ratio(t, s) },
      ],
    })
    time = stage.time
    deepest = Math.max(deepest, stage.peaks.depth.value)
    liquid = Math.max(liquid, stage.peaks.liquid.value)
    wettest = Math.max(wettest, stage.peaks.ratio.value)
    seen ??= stage.occurrences.find(o => o.id === 'seen')?.time
    if (seen !== undefined) gone ??= stage.occurrences.find(o => o.id === 'gone' && o.time > seen!)?.time
    if (stage.stoppedBy === 'start') {
      started = true
      state[MIST.drops] += nuclei.number * volume
    } else if (stage.stoppedBy === 'coldest') {
      if (state[MIST.temperature] < coldest.temperature) coldest = { ...read(time, state) }
    } else if (stage.stoppedBy === 'over' && !plan.again) break
  }
  if (state[MIST.temperature] < coldest.temperature) coldest = { ...read(time, state) }
  return {
    deepest,
    liquid,
    radius: deepest > 0 ? (1.5 * liquid * plan.path) / (plan.substance.density * deepest) : 0,
    coldest,
    wettest,
    seen,
    gone,
    end: time,
  }
}
