import { type Gate, near, next, pressureOff, standBack } from '../../../demonstration'
import { applying, noFood, scald, type Caution } from '../../../cautions'
import type { EggOut } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'push',
    text: 'Goggles on; soot and ash rinsed out; face out of the line of the neck before it comes.',
    guards: ['pressure', 'projectile', 'scald'],
  },
]
export const cautions: EggOut['cautions'] = ({ numbers: n, choices }): Caution[] =>
  applying(
    choices.method === 'warming'
      ? [
          {
            id: 'out-at-once',
            step: 'push',
            severity: 'usual',
            covers: ['pressure', 'projectile'],
            hazard: 'The egg comes out all at once, where the neck points, and hot water after it.',
            control: 'Neck pointing at nobody and over a bowl; face out of its line; both hands on the bottle.',
          },
          scald(n.warmTemperature, 1e-3, 'push', 'Water over the bottle'),
        ]
      : {
          id: 'ears',
          step: 'push',
          severity: 'usual',
          covers: ['pressure', 'projectile'],
          hazard: 'Blowing hard makes dizzy and hurts ears; the egg comes out at the face.',
          control:
            'One strong breath, then turn the neck away; nobody shares a bottle; not with soot in it; nobody ' +
            'with ear or lung trouble.',
        },
    noFood(`The egg has been in a sooty bottle${choices.method === 'warming' ? '' : ' and on a mouth'}.`, 'plain'),
  )
export const afterFailure: EggOut['afterFailure'] = ({ choices }, _s, _risk, outcome) => [
  standBack(
    choices.method === 'warming'
      ? 'Out of the warm water; neck pointing at nobody.'
      : 'Stop blowing before you are dizzy; neck pointing at nobody.',
  ),
  pressureOff('Push the egg back a little with the handle of a spoon: what presses behind it comes out.'),
  near(
    outcome === 'pieces'
      ? 'Rinse the pieces out; never break the bottle.'
      : 'Turn it: the egg must close the neck all round.',
  ),
  next('Cut it up with a long knife and rinse it out: an adult does that.'),
]
