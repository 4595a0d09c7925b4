import { atLeast, type Gate, near, next, pressureOff, standBack } from '../../../demonstration'
import { applying, liftedByHand, LIFT_CHILD, mayLetGo } from '../../../cautions'
import type { SuctionCup } from './simulate'

export const gates: readonly Gate[] = [
  { step: 'lift', text: 'Feet clear; a hand’s breadth high at first; nobody under it.', guards: ['load'] },
]
export const cautions: SuctionCup['cautions'] = (values, _s, risk) =>
  applying(
    mayLetGo('The cup', atLeast(risk, 'safetyFactor'), values.numbers.loadMass, 'lift', risk.share('later')),
    liftedByHand(values.numbers.loadMass, 8, LIFT_CHILD, 'lift'),
  )
export const afterFailure: SuctionCup['afterFailure'] = (_values, _s, _risk, outcome) => [
  standBack('Set the load down; feet clear.'),
  pressureOff('Lift one edge of the rim with a fingernail: air goes in.'),
  near('Try it on glass: is it the cup or the surface?'),
  next(
    outcome === 'later'
      ? 'It leaks: wet rim and surface, and hold it up for less long.'
      : 'Wet rim and surface, press harder, straight down; less load.',
  ),
]
