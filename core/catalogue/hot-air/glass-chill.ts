/** A bottle of common glass between hot and cold water. */
import { CRACKS_REFUSED, USUAL_CHILL } from '../../cautions'
import { borneChill } from '../steam/glass-checks'
import { asTemperature, asTemperatureDifference, say } from '../../sentence'
import type { Fault } from '../../demonstration'

/**
 * Refused where more than two in a hundred bottles would crack. @param hot and `cold`, K @param input that the
 * refusal names
 */
export function chilled(hot: number, cold: number, input: string): Fault[] {
  const most = borneChill(USUAL_CHILL['soda-lime'])
  return hot - cold <= most
    ? []
    : [
        {
          input,
          message: say`given ${asTemperature(input === 'warmTemperature' ? hot : cold, { digits: 4 })}; refused:
            between ${asTemperature(hot, { digits: 4 })} and ${asTemperature(cold, { digits: 4 })} more than
            ${CRACKS_REFUSED * 100} of 100 bottles crack; accepted: a difference of at most
            ${asTemperatureDifference(most, { digits: 4, toward: 'below' })}`,
        },
      ]
}
