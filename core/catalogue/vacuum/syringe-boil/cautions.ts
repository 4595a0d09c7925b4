import { applying, noNeedles, scald, snapsBack } from '../../../cautions'
import { atWorst, type Gate, near, next, pressureOff, standBack } from '../../../demonstration'
import type { SyringeBoil } from './simulate'

export const gates: readonly Gate[] = [
  { step: 'pull', text: 'Goggles on; cap screwed tight and pointing at nobody.', guards: ['vacuum'] },
]
export const cautions: SyringeBoil['cautions'] = ({ numbers: n }, _s, risk) =>
  applying(
    noNeedles('fill'),
    scald(n.waterTemperature, n.waterVolume, 'fill', 'Water that squirts from a syringe'),
    snapsBack(atWorst(risk, 'pull'), 'pull'),
  )
export const afterFailure: SyringeBoil['afterFailure'] = (_values, _s, _risk, outcome) => [
  standBack('Hold the plunger; nobody looks into the nozzle.'),
  pressureOff('Let the plunger back by hand, slowly; then open the cap.'),
  near('Is more air in it than before? Then the cap or the plunger leaks: another one.'),
  next(
    outcome === 'few'
      ? 'Less air left in, or a little warmer water; pull further.'
      : 'Less air left in and warmer water: the air alone already pushes harder than this water’s vapour.',
  ),
]
