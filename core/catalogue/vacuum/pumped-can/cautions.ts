import { atWorst, heatOff, near, next, pressureOff, standBack, wait, type Gate } from '../../../demonstration'
import { applying, dented, goesSuddenly, usualPump } from '../../../cautions'
import { isDriven } from '../inputs'
import type { PumpedCan } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'pump',
    text:
      'Screen up, goggles on for all; nobody near the tin from the first stroke until the air is back in; ' +
      'air valve in reach.',
    guards: ['vacuum'],
  },
]

export const cautions: PumpedCan['cautions'] = (values, s, risk) =>
  applying(
    goesSuddenly(
      s.results.outsideForce,
      atWorst(risk, 'work'),
      values.numbers.vesselVolume,
      values.numbers.pumpTime,
      'pump',
      'the pump stands on the other side of the screen, its hose as long as that takes',
    ),
    values.choices.vesselCondition === 'dented' ? dented('tin', 'pump') : undefined,
    isDriven(values) ? usualPump('pump') : undefined,
    {
      id: 'edges',
      step: 'air',
      severity: 'usual',
      covers: ['vacuum'],
      hazard: 'Crushed metal has sharp folds.',
      control: 'Air in first; cut-proof gloves; afterwards into the scrap metal, edges taped.',
    },
  )

export const afterFailure: PumpedCan['afterFailure'] = (_values, _s, _risk, outcome) => [
  standBack('Stay behind the screen: a tin that stands under a vacuum can still go at any moment.'),
  heatOff('Stop the pump.'),
  wait('Look at the gauge: does it hold, or does it rise by itself?'),
  pressureOff('Let air in slowly through the valve, from behind the screen, until the gauge stands at nought.'),
  near('Only then go near and take the stopper out.'),
  next(
    outcome === 'dent'
      ? 'It stopped early: a pump that reaches lower, or more time.'
      : 'The wall holds more than this pump can do: a thinner or a larger tin, a pump that reaches lower, or a ' +
          'tighter stopper.',
  ),
]
