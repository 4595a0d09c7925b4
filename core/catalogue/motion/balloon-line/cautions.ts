import { type Gate, near, next, pressureOff, standBack } from '../../../demonstration'
import { applying, balloons, bursts } from '../../../cautions'
import type { BalloonLine } from './simulate'

export const gates: readonly Gate[] = [
  { step: 'line', text: 'Line over head height and marked with paper.', guards: [] },
  {
    step: 'blow',
    text: 'A clean mouthpiece for each; nobody’s face at the balloon or at the line’s end.',
    guards: ['burst', 'projectile'],
  },
]
export const cautions: BalloonLine['cautions'] = (_values, _s, risk) =>
  applying(
    {
      id: 'line',
      step: 'line',
      severity: 'usual',
      covers: ['projectile'],
      hazard: 'A tight line at neck height; a straw’s end at eye height.',
      control: 'Above head height, marked with paper; away when done.',
    },
    balloons('blow', 5),
    bursts('The balloon', risk.share('bursts'), 'blow', 'under the line'),
  )
export const afterFailure: BalloonLine['afterFailure'] = (_values, _s, _risk, outcome) => [
  standBack('Hands and faces away from line and balloon.'),
  pressureOff('Let the rest of its air out.'),
  near(outcome === 'bursts' ? 'Pick up every piece of rubber.' : 'Does the straw run freely when pushed by hand?'),
  next(
    outcome === 'bursts'
      ? 'Less air; a fresh balloon.'
      : (outcome === 'short'
          ? 'It ran out of air: a shorter line, a smoother one'
          : 'A short piece of wide straw in the neck keeps it open') +
          '; ' +
          'more air, but well under where it bursts; tape it closer to the line.',
  ),
]
