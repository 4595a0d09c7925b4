import { act, atWorst, type Gate, mayStillGo, next, pressureOff, standBack } from '../../../demonstration'
import { goesSuddenly, type Caution } from '../../../cautions'
import type { ProcessVessel } from './simulate'

/** A thought experiment: nothing is done, so nothing is confirmed. */
export const gates: readonly Gate[] = []
export const cautions: ProcessVessel['cautions'] = (_values, s, risk): Caution[] => [
  {
    id: 'not-a-design',
    step: 'tank',
    severity: 'raised',
    covers: [],
    hazard: 'This is a classroom estimate of a real danger in works and breweries, not a design.',
    control: 'Vents and relief devices are sized and tested by qualified people under the code that holds there.',
  },
  goesSuddenly(
    s.results.outsideForce,
    atWorst(risk, 'peakPressureDifference') * s.details.capacity,
    s.details.capacity,
    mayStillGo(risk),
    'cool',
    'a real tank is never cooled with its vent shut',
  ),
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
