import { kilopascals, type Values } from '../../../demonstration'
import { noOxygen } from '../planned-only'

/** Overpressure that the poorest mixture of the usual spread still makes, of the room's. */
const POOREST = 1
/** Share of that at which the lid must have let go. Our own rule. */
const LETS_GO = 0.6

/** A lid that may hold shuts a burning gas in: refused, and so is oxygen. */
export function check(values: Values): { input: string, message: string }[] {
  const most = LETS_GO * POOREST * values.numbers.stationPressure!
  return [
    ...noOxygen(values),
    ...(values.numbers.releaseGauge! > most
      ? [{ input: 'releaseGauge', message: `given ${kilopascals(values.numbers.releaseGauge!)}; refused: a lid that tight may hold, and shuts a burning gas in; accepted: at most ${kilopascals(most)}` }]
      : []),
  ]
}
