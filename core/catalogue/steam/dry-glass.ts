/** Glass that boils dry: refused as it is planned, whatever it would do afterwards. */
import { type Fault, stepTolerance } from '../../demonstration'
import type { HeatingPlan } from '../../mechanisms/heating'
import { heatOnce } from '../../mechanisms/kept-heating'
import { asTime, asVolume, say } from '../../sentence'

const unknowns = new Float64Array(5)

/**
 * Dry glass on the heat is soon hundreds of kelvins hotter than any water, and cracks there or in the water.
 * @param stated that is without fault otherwise @param time id of how long it boils, or stands in an oven
 */
export function keptWet(stated: HeatingPlan, vessel: string, time: string): Fault[] {
  // A run that was taken off at another moment is told as it was.
  const plan = { ...stated, liftedAfter: undefined }
  const heated = heatOnce(plan, unknowns, stepTolerance('summary'))
  if (!heated.boiledDry) return []
  const dry = heated.occurrences.find(o => o.id === 'dry')!.time
  const from = plan.totalTime === undefined ? heated.timeToPlume : 0
  if (from === undefined)
    return [
      {
        input: 'waterCharge',
        message: say`given ${asVolume(plan.charge / 1000, { digits: 4 })}; refused: the ${vessel} is dry after
          ${asTime(dry)}, before any steady plume shows, and dry glass cracks on the heat; accepted: more water`,
      },
    ]
  return [
    {
      input: time,
      message: say`given ${asTime(plan.totalTime ?? plan.purgeTime, { digits: 4 })}; refused: the ${vessel} is dry after
        ${asTime(dry)} on the heat, and dry glass cracks there or in the water; accepted: at most
        ${asTime(dry - from, { digits: 3, toward: 'below' })}, or more water`,
    },
  ]
}
