/** How much of a heater's power gets into a vessel, from timing a known mass of water. */
import { MeasureError, asMass, asPower, asQuantity, asTemperature, asTime, requireMeasured, say } from '../sentence'
import { liquidWater } from '../substances/water'

/** Pa; the enthalpy of water hardly depends on it. */
const ATMOSPHERE = 101325

export interface WarmingTrial {
  /** kg of water */ waterMass: number
  /** K */ from: number
  /** K */ to: number
  /** s */ time: number
  /** W, by the label */ ratedPower: number
  /** kg of the vessel, and its specific heat, J/(kg K): 0 leaves it out */ vesselMass?: number
  vesselSpecificHeat?: number
  /** standard uncertainties: of the mass, relative; of each temperature, K; of the time, s; of the label, relative */
  massError?: number
  temperatureError?: number
  timeError?: number
  powerError?: number
}

export interface MeasuredEfficiency {
  /** share of the rated power */ efficiency: number
  /** relative standard uncertainty */ spread: number
  /** W that got in */ power: number
}

/**
 * Share of the rated power that warms water and vessel.
 *
 * @param trial from and to between 275 and 370 K, at least 5 K apart; below about 60 °C what evaporates hardly matters
 * @throws MeasureError naming the measure that makes no sense, a share above 1 included
 * @source energy balance with the enthalpy of water (IAPWS-IF97); uncertainties added in quadrature (JCGM 100:2008,
 *   5.1.2)
 */
export function efficiencyFromWarming(trial: WarmingTrial): MeasuredEfficiency {
  const { waterMass, from, to, time, ratedPower, vesselMass = 0, vesselSpecificHeat = 0 } = trial
  const { massError = 0.01, temperatureError = 0.5, timeError = 1, powerError = 0.05 } = trial
  requireMeasured('water', waterMass, [0.01, 50], asMass)
  requireMeasured('first temperature', from, [273.16, 370], asTemperature)
  requireMeasured('last temperature', to, [from + 5, 372], asTemperature)
  requireMeasured('time', time, [5, 7200], asTime)
  requireMeasured('rated power', ratedPower, [20, 100e3], asPower)
  const heat =
    waterMass * (liquidWater(to, ATMOSPHERE).enthalpy - liquidWater(from, ATMOSPHERE).enthalpy) +
    vesselMass * vesselSpecificHeat * (to - from)
  const efficiency = heat / (time * ratedPower)
  if (!(efficiency > 0.01 && efficiency <= 1))
    throw new MeasureError(
      say`share: comes to ${asQuantity(efficiency, 'fraction', { digits: 4 })}; accepted: 1 to 100 %;
        look again at water, time and rated power`,
    )
  const parts = [massError, (temperatureError * Math.SQRT2) / (to - from), timeError / time, powerError]
  return { efficiency, spread: Math.sqrt(parts.reduce((sum, p) => sum + p * p, 0)), power: heat / time }
}
