import { applying, balloons, bursts } from '../../../cautions'
import { jarBurst, jarCautions, jarFailure, jarGates } from '../cautions'
import type { BellJarBalloon } from './simulate'

export const gates = jarGates('jar')
export const cautions: BellJarBalloon['cautions'] = (values, _s, risk) =>
  applying(balloons('balloon', 7), jarCautions(values, risk), bursts('The balloon', risk.share('bursts'), 'pump'))
export const afterFailure: BellJarBalloon['afterFailure'] = (_values, _s, _risk, outcome) =>
  outcome === 'bursts'
    ? jarBurst
    : jarFailure(
        'Is the knot tight? A leaking balloon grows and then shrinks below its start.',
        outcome === 'touches'
          ? 'It had too much air for this jar: start it smaller.'
          : 'More air in it at the start, or a pump that reaches lower.',
      )
