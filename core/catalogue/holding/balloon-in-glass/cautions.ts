import { type Gate, near, next, pressureOff, standBack } from '../../../demonstration'
import { applying, balloons, bursts, dropped } from '../../../cautions'
import type { BalloonInGlass } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'blow',
    text: 'A clean mouthpiece for each; glass without a chip, on a cloth; faces off the balloon.',
    guards: ['burst', 'load'],
  },
]
export const cautions: BalloonInGlass['cautions'] = (_values, _s, risk) =>
  applying(
    balloons('place', 7),
    bursts('The balloon', risk.share('bursts'), 'blow', 'on table and floor'),
    dropped('lift', 'A glass that slips breaks'),
  )
export const afterFailure: BalloonInGlass['afterFailure'] = (_values, _s, _risk, outcome) => [
  standBack('Glass on the cloth; hands off it.'),
  pressureOff('Let the air out of the balloon, away from faces.'),
  near(outcome === 'bursts' ? 'Pick up every piece of rubber; look for splinters.' : 'Dry glass and balloon.'),
  next(outcome === 'bursts' ? 'Less air; a fresh balloon.' : 'Deeper in, then blow; a lighter cup.'),
]
