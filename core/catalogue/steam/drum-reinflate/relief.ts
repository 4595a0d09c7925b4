import type { DrumReinflateValues } from './inputs'
import { gasThroughNozzle } from '../../../mechanisms/nozzle-flow'
import { quickLatentHeat, quickSaturationTemperature } from '../../../substances/steam-tables'
import { WATER_GAS_CONSTANT } from '../../../substances/water'
import { reinflationPlan } from './simulate'
import { asArea, asLength, asPressure, say } from '../../../sentence'
import type { Fault } from '../../../demonstration'

/**
 * A relief valve may let the pressure rise by this share of its setting before it must pass all: usual for valves, 10
 * to 25 %; common practice.
 */
const ACCUMULATION = 0.25
/** The burner's power and the opening are not known exactly: this many times what is stated must pass. */
const MARGIN = 1.3
/** Without a setting the steam may still not build up more than this, Pa. Common practice. */
const LEAST_ALLOWED = 5e3

/**
 * Refuses an opening that would let more build up than its setting allows.
 * @source steam from the heat that gets in over its latent heat, against the isentropic flow through the opening with
 *   its contraction
 */
export function reliefPasses(values: DrumReinflateValues): Fault[] {
  if (values.choices.reliefPath === 'none') return []
  const plan = reinflationPlan(values)
  const gauge = Math.max(LEAST_ALLOWED, (1 + ACCUMULATION) * plan.reliefSetting)
  const inside = plan.room.pressure + gauge
  const temperature = quickSaturationTemperature(inside)
  const made = (MARGIN * plan.power) / quickLatentHeat(temperature)
  const passes = gasThroughNozzle(
    plan.reliefArea,
    inside,
    inside / (WATER_GAS_CONSTANT * temperature),
    plan.room.pressure,
  )
  if (passes >= made) return []
  const wanted = (made / passes) * values.numbers.reliefOpening
  return values.choices.reliefPath === 'bung-out'
    ? [
        {
          input: 'mouthDiameter',
          message: say`given ${asLength(values.numbers.mouthDiameter, { digits: 4 })}; refused: this burner makes
            more steam than the open bung hole lets out, and the pressure climbs; accepted: a wider hole, or a
            smaller burner`,
        },
      ]
    : [
        {
          input: 'reliefOpening',
          message: say`given ${asArea(values.numbers.reliefOpening, { digits: 4 })}; refused: this burner makes
            more steam than that lets out, and the pressure climbs past the
            ${asPressure(plan.reliefSetting, { digits: 4 })} at which it opens; accepted: at least
            ${asArea(wanted * 1.005, { digits: 4, toward: 'above' })}, or a smaller burner`,
        },
      ]
}
