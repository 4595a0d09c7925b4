import { type Gate, heatOff, near, next, pressureOff } from '../../../demonstration'
import { applying, balloons, usualPump } from '../../../cautions'
import { isDriven } from '../inputs'
import type { BalloonEmptied } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'pump',
    text: 'Balloon bound to the hose; nobody’s skin, ear or eye near an open hose; air valve in reach.',
    guards: ['vacuum'],
  },
]
export const cautions: BalloonEmptied['cautions'] = values =>
  applying(balloons('balloon', 7), isDriven(values) ? usualPump('pump') : undefined, {
    id: 'hose',
    step: 'pump',
    severity: 'usual',
    covers: ['vacuum'],
    hazard: 'An open hose under vacuum holds fast to skin, ears and eyes.',
    control: 'Hose on the balloon before the pump runs; nobody tries it on themselves.',
  })
export const afterFailure: BalloonEmptied['afterFailure'] = () => [
  heatOff('Stop the pump.'),
  pressureOff('Open the air valve.'),
  near('Look whether the neck of the balloon has closed over the hose: put a bit of wide tube into it.'),
  next('Bind the neck again and start afresh; a quicker pump, or longer.'),
]
