/** Hazards that several demonstrations share, with the usual control. */
import type { Caution } from './caution'
import { formatQuantity } from '../units'

/** Steam and boiling water. @param boilingPoint K @param step at which it is met */
export const scald = (boilingPoint: number, step: string): Caution => ({
  id: 'scald', step, severity: 'usual',
  hazard: `Steam and water at ${formatQuantity(boilingPoint, 'degC', 'temperature')} scald, steam worst of all.`,
  control: 'Tongs and heat-proof gloves; eye protection; face and arms away from the mouth; turn it away from you.',
})

/** Heaters stay hot. */
export const hotHeater = (step: string): Caution => ({
  id: 'hot-heater', step, severity: 'usual',
  hazard: 'The heater and the vessel stay hot after use.',
  control: 'Heater off and marked hot before anyone comes near; clear the bench between heater and bowl.',
})

/** Aluminium alloys lose half their strength about here, K: handbook range 200 to 250 °C, from memory. */
const SOFTENING = 500
/** Less time than this between the planned lift and dryness is no margin, s. */
const THIN_MARGIN = 30

/**
 * Boiling dry.
 * @param margin s from the planned lift to dryness; negative if it dries before; undefined if it never would
 * @param hottest metal temperature reached, K
 */
export function boilingDry(margin: number | undefined, hottest: number, step: string): Caution {
  const control = 'Someone watches it all the time; lift it or add water before then.'
  if (margin === undefined) return { id: 'dry', step, severity: 'usual', hazard: 'A vessel that boils dry overheats, softens and smokes.', control }
  if (margin <= 0) {
    return {
      id: 'dry', step, severity: 'raised',
      hazard: `It boils dry on the heat: empty metal overheats${hottest > SOFTENING ? ' and softens' : ''}; its coating smokes, and smoke is not steam.`,
      control: 'More water or a shorter boil; take it off the heat at once if the plume thins or smells.',
    }
  }
  return {
    id: 'dry', step, severity: margin < THIN_MARGIN ? 'raised' : 'usual',
    hazard: `Dry ${formatQuantity(margin, margin > 120 ? 'min' : 's', 'time', 2)} after the planned lift; a dry vessel overheats, softens and smokes.`, control,
  }
}
