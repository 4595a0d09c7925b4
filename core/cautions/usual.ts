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

/** A closed vessel on the heat is a boiler without a valve. */
export const neverHeatSealed = (step: string): Caution => ({
  id: 'sealed-heat', step, severity: 'raised',
  hazard: 'A closed vessel on the heat bursts.',
  control: 'Heat off and the vessel off the heat before anyone touches the closure; one person says so aloud, another closes it.',
})

/** Force and work of a large vessel. @param force on the whole surface, N @param work J @param litres capacity, m3 */
export function bigForces(force: number, work: number, capacity: number, step: string): Caution {
  return {
    id: 'size', step, severity: capacity > 20e-3 ? 'raised' : 'usual',
    hazard: `The outside air presses with ${formatQuantity(force, 'kN', 'force', 2)} in all and can do ${formatQuantity(work, 'kJ', 'energy', 2)} of work: it goes suddenly, with a bang.`,
    control: capacity > 20e-3
      ? 'Outdoors or in a large hall, everyone several metres away and not in front of its ends, ear protection near it, no hand on it after it is closed.'
      : 'Screen or a metre of distance; eye protection; no hand on it after it is closed.',
  }
}

/** Folded sheet metal. */
export const sharpFolds = (step: string): Caution => ({
  id: 'edges', step, severity: 'usual',
  hazard: 'Crushed metal has sharp folds and holds hot water.', control: 'Let it cool; gloves on; open it slowly and let air in before anything else.',
})

/** Hot glass meets cold water. @param chill K @param limit that it usually bears, K */
export const thermalShock = (chill: number, limit: number, step: string): Caution => ({
  id: 'chill', step, severity: chill > 0.6 * limit ? 'raised' : 'usual',
  hazard: `Hot glass meets water ${formatQuantity(chill, 'K', 'temperatureDifference', 2)} colder; glass of this kind usually bears about ${formatQuantity(limit, 'K', 'temperatureDifference', 2)}, scratched glass much less.`,
  control: 'No scratched or chipped glass; a plastic or padded bowl; goggles for all; warmer water if the chill is near the limit.',
})

/** Water stopped short in glass. @param slam hammer pressure, Pa */
export const inflowSlam = (slam: number, force: number, step: string): Caution => ({
  id: 'slam', step, severity: slam > 2e6 ? 'raised' : 'usual',
  hazard: `Water shoots in and stops short at the far end${slam > 0 ? ` with a hammer pressure of about ${formatQuantity(slam, 'MPa', 'pressure', 2)}` : ''}; the jolt is about ${formatQuantity(force, 'N', 'force', 2)}.`,
  control: 'Hold it with a cloth round it, never against the bottom of the bowl; goggles; keep the bottle in the water if it cracks.',
})

/** The room presses the bottle down into the bowl while less presses back over its mouth. @param pull and `grip`, N @param blow and `limit`, J */
export const pulledDown = (pull: number, grip: number, blow: number, limit: number, step: string): Caution => ({
  id: 'pull', step, severity: pull > 0.5 * grip || blow > 0.3 * limit ? 'raised' : 'usual',
  hazard: `As it fills the bottle is pulled down with up to ${formatQuantity(pull, 'N', 'force', 2)}${blow > 0 ? `, more than a hand on wet glass holds: it would hit the bowl with ${formatQuantity(blow, 'J', 'energy', 2)} and may break` : '; let go it would hit the bowl and may break'}.`,
  control: 'Plastic bowl with a folded cloth on its bottom; both hands, a cloth round the bottle, cut-resistant gloves; faces back, goggles; narrower neck or shorter boil for less.',
})

/** Water from a microwave may erupt. */
export const superheated = (step: string): Caution => ({
  id: 'superheat', step, severity: 'raised',
  hazard: 'Water heated in a microwave can be hotter than boiling and erupt when it is moved.',
  control: 'Something rough in it (a wooden stick); wait half a minute before touching it; face away.',
})

/** Glass with less inside than outside. @param difference in words @param energy in words @param large more than a few hundred joules */
export const glassUnderVacuum = (difference: string, energy: string, large: boolean, step: string): Caution => ({
  id: 'implosion', step, severity: large ? 'raised' : 'usual',
  hazard: `Glass under vacuum can implode: ${difference} over its whole surface, ${energy} of work in store.`,
  control: 'Only glass made for vacuum, never scratched, chipped or flat-sided; a screen or guard between it and everybody; eye protection for all.',
})

/** A driven pump. */
export const usualPump = (step: string): Caution => ({
  id: 'pump', step, severity: 'usual', hazard: 'A pump left running can draw liquid in, and oil or water back when it stops.',
  control: 'Trap in the line; open the air valve before switching off; hair, ties and sleeves away from it.',
})

/** Something bursts or tears. */
export const bursts = (what: string, raised: boolean, step: string): Caution => ({
  id: 'burst', step, severity: raised ? 'raised' : 'usual', hazard: `${what} may burst with a bang.`,
  control: 'Say so beforehand; eye protection; look for bits in hose and valve afterwards; latex: ask about allergies.',
})

/** Bottles that are pumped up. @param gauge in words @param share of the stated limit */
export const pressurised = (gauge: string, share: number, step: string): Caution => ({
  id: 'pressurised', step, severity: share > 0.6 ? 'raised' : 'usual',
  hazard: `The bottle stands ${gauge} over the room, ${Math.round(share * 100)} % of the stated limit.`,
  control: 'Only bottles made for fizzy drinks, without a scratch and not old; stay under the stated pressure; goggles; the stopper points at nobody.',
})

export const flammable = (what: string, step: string): Caution => ({
  id: 'flammable', step, severity: 'raised', hazard: `${what} burns; its vapour catches fire from a distance.`,
  control: 'No flame, spark or hot plate in the room; a few millilitres only; open a window; keep the bottle away from flames afterwards too.',
})

export const openFlame = (step: string): Caution => ({
  id: 'flame', step, severity: 'usual', hazard: 'Open flame; hot glass; smoke.',
  control: 'Hair and sleeves back; a bowl of water and a damp cloth at hand; smoke detectors thought of; tongs or a long match.',
})

/** Something flies. @param speed in words @param reach in words */
export const projectile = (what: string, speed: string, far: string, step: string): Caution => ({
  id: 'projectile', step, severity: 'raised', hazard: `${what} leaves at ${speed} and could fly ${far}.`,
  control: 'Line of fire empty and closed off, with a backstop; doors watched; eye and ear protection; one person fires, on a count, when nobody is forward of the muzzle.',
})

/** Somebody hangs or pulls. */
export const mayLetGo = (what: string, step: string): Caution => ({
  id: 'lets-go', step, severity: 'raised', hazard: `${what} can let go without warning.`,
  control: 'Proof load first, twice what will hang on it; a fall of a hand’s breadth at most, soft floor; a loose strap as second hold; nobody behind those who pull.',
})

/** Burning vapour: planning only. */
export const fuelMixture = (step: string): Caution => ({
  id: 'fuel', step, severity: 'raised', hazard: 'Fuel vapour and air burn in an instant: heat, a bang, flying parts, fire.',
  control: 'Only trained staff, by their own written assessment and their employer’s recipe; never by pupils; indoors never above half a litre; only bottles made for fizzy drinks. The mixture is not planned here.',
})

/** A bang. @param level in words at the nearest listener */
export const bang = (level: string, raised: boolean, step: string): Caution => ({
  id: 'bang', step, severity: raised ? 'raised' : 'usual', hazard: `A bang of about ${level} at the first row.`, control: 'Say so beforehand; ear protection for the presenter, hands on ears for the rest; anyone who startles badly sits at the back.',
})
