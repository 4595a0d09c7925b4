/** Steam driving the air out of a vessel. */

/**
 * Air fraction of the gas that leaves while steam flows through.
 *
 * The vessel is taken as a stirred part `mixing` at the bottom and a plug-flow part above it, up to the mouth: 1 is one
 * stirred tank (cautious), towards 0 the steam pushes the air out in front of it (optimistic).
 *
 * @param airFraction mole fraction of air left in the vessel, 0 to 1
 * @param mixing 0.05 to 1
 * @source compartment model of O. Levenspiel, Chemical Reaction Engineering, 3rd ed. (1999), ch. 12; integrated,
 *   x = 1 − N up to N = 1 − m, then m exp(−(N − 1 + m)/m) after N volumes; m = 1 gives exp(−N)
 */
export function leavingAirFraction(airFraction: number, mixing: number): number {
  return airFraction < mixing ? airFraction / mixing : 1
}
