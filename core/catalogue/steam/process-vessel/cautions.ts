import { act, atWorst, type Gate, next, pressureOff, type Risk, standBack } from '../../../demonstration'
import type { Caution } from '../../../cautions'
import { asEnergy, asForce, say } from '../../../sentence'
import type { ProcessVessel, ProcessVesselRun } from './simulate'

/** A thought experiment: nothing is done, so nothing is confirmed. */
export const gates: readonly Gate[] = []

/** J, at the greatest difference of the draws. */
const workOn = (s: ProcessVesselRun, risk: Risk): number => atWorst(risk, 'peakPressureDifference') * s.details.capacity

export const cautions: ProcessVessel['cautions'] = (_values, s, risk): Caution[] => [
  {
    id: 'not-a-design',
    step: 'tank',
    severity: 'raised',
    covers: [],
    hazard: 'This is a classroom estimate of a real danger in works and breweries, not a design.',
    control: 'Vents and relief devices are sized and tested by qualified people under the code that holds there.',
  },
  {
    id: 'goes',
    step: 'cool',
    severity: 'raised',
    covers: ['closed-hot-vessel', 'vacuum'],
    hazard:
      risk.share('cave') > 0
        ? say`The outside air presses on the shell with ${asForce(s.results.outsideForce)} in all: where it folds, it
            goes suddenly, and the air does up to ${asEnergy(workOn(s, risk))} of work on it.`
        : say`The outside air presses on the shell with ${asForce(s.results.outsideForce)} in all: what the inside
            lacks of that, the shell has to bear.`,
    control:
      'A real tank is never cooled, emptied or pumped out with its vent shut, and nobody works on or beside one ' +
      'whose vent is in doubt.',
    number: { name: 'work the air can do', value: workOn(s, risk), quantity: 'energy', units: ['kJ', 'BTU'] },
  },
]
export const afterFailure: ProcessVessel['afterFailure'] = (_values, _s, _risk, outcome) => [
  standBack(
    'A real tank that shows a dent or a low gauge is left alone: nobody near it, the coolant stopped from a distance.',
  ),
  pressureOff('People who are trained for it let air in slowly.'),
  outcome === 'cave'
    ? act('near', 'It is emptied, cut open and never used again.')
    : next('It is inspected before it is used again: a shell that has been past its rating may not bear it twice.'),
]
