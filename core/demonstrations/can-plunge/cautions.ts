import { boilingDry, hotHeater, scald, sharpFolds, type Caution } from '../../cautions'
import { formatQuantity } from '../../units'
import type { Simulation, Values } from '../face'

/** The usual cautions, raised where these numbers call for it. */
export function cautions(values: Values, simulation: Simulation): Caution[] {
  const { results, details, outcome } = simulation
  const margin = details.boiledDry === 1 ? 0 : results.timeToDry === undefined ? undefined : results.timeToDry - details.timeOfLifting!
  const list: Caution[] = [
    hotHeater('heat'),
    boilingDry(margin, details.overheat!, 'purge'),
    scald(results.boilingTemperature!, 'lift'),
    {
      id: 'splash', step: 'plunge', severity: outcome === 'crush' ? 'raised' : 'usual',
      hazard: 'Hot water falls out as it turns and cold water may splash; the bang startles.',
      control: 'Deep bowl on a tray, first row back a metre, everyone told that a bang may come.',
    },
    sharpFolds('plunge'),
  ]
  if (values.numbers.vesselVolume! > 1e-3) {
    list.push({
      id: 'size', step: 'plunge', severity: 'raised',
      hazard: `A large can: the air presses on its surface with ${formatQuantity(results.outsideForce!, 'kN', 'force')} in all.`,
      control: 'Screen, larger distance, two people who have rehearsed the lift.',
    })
  }
  return list
}
