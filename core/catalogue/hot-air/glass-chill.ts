/** A bottle of common glass between hot and cold water. */
import { celsius } from '../../demonstration'
import { CRACKS_REFUSED, USUAL_CHILL } from '../../cautions'
import { formatQuantity } from '../../units'
import { borneChill } from '../steam/glass-checks'

/**
 * Refused where more than two in a hundred bottles would crack. @param hot and `cold`, K @param input that the
 * refusal names
 */
export function chilled(hot: number, cold: number, input: string): { input: string; message: string }[] {
  const most = borneChill(USUAL_CHILL['soda-lime'])
  return hot - cold <= most
    ? []
    : [
        {
          input,
          message:
            `given ${celsius(input === 'warmTemperature' ? hot : cold)}; refused: between ${celsius(hot)} and ` +
            `${celsius(cold)} more than ${CRACKS_REFUSED * 100} of 100 bottles crack; accepted: a difference ` +
            `of at most ${formatQuantity(most, 'K', 'temperatureDifference', 2)}`,
        },
      ]
}
