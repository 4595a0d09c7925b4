import { act, BURST, type Gate, type Values, near, next, pressureOff, wait } from '../../../demonstration'
import { applying, bursts, noFood, nothingAlive } from '../../../cautions'
import { jarCautions, jarFailure, jarGates } from '../cautions'
import { isSealed, isUnderway } from './inputs'
import type { SoftPack } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'jar',
    text:
      'What holds it looked over: a jar made for vacuum without a scratch, or a bottle that may buckle; ' +
      'nothing that lives goes in.',
    guards: ['glass-under-difference'],
    when: values => !isUnderway(values),
  },
  ...jarGates('jar')
    .filter(g => g.step === 'pump')
    .map(g => ({ ...g, when: (values: Values) => !isUnderway(values) })),
]
export const cautions: SoftPack['cautions'] = (values, _s, risk) => {
  const opens = risk.share('opens')
  const bang =
    isSealed(values) || opens > 0
      ? bursts('It', opens, 'pump', isUnderway(values) ? 'under the seats' : undefined)
      : undefined
  return isUnderway(values)
    ? applying(bang)
    : applying(
        values.choices.where === 'jar' ? jarCautions(values, risk) : nothingAlive('pump'),
        bang,
        noFood('What stood in a jar is no food any more.', 'air'),
      )
}
export const afterFailure: SoftPack['afterFailure'] = (values, _s, _risk, outcome) =>
  isUnderway(values)
    ? [
        wait('Leave it as it is.'),
        pressureOff('Nothing to open: it comes back by itself on the way down.'),
        near(outcome === 'opens' ? 'Wipe up what came out.' : 'Look at it again higher up.'),
        next('Another packet: one with more gas in it, or less.'),
      ]
    : outcome === 'opens'
      ? [...BURST.filter(a => a.kind !== 'next'), act('next', 'Less gas in it, or stop at a higher pressure.')]
      : jarFailure('Is there gas in it at all? Press it in your hand.', 'A fresher one, or a pump that reaches lower.')
