import { applying, HARM_RAISES } from '../../../cautions'
import { jarCautions, jarFailure, jarGates } from '../cautions'
import { isDriven } from '../inputs'
import type { JarBarometer } from './simulate'

export const gates = jarGates('jar')
export const cautions: JarBarometer['cautions'] = (values, _s, risk) =>
  applying(jarCautions(values, risk), {
    id: 'spill',
    step: 'pump',
    severity: risk.share('spills') > HARM_RAISES ? 'raised' : 'usual',
    covers: [],
    hazard: 'Spilt water goes into the plate and the pump.',
    control: `A tray under the bottle, a trap in the line; ${
      isDriven(values) ? 'a hand at the pump’s switch' : 'one stroke at a time'
    } near the top.`,
  })
export const afterFailure: JarBarometer['afterFailure'] = (_values, _s, _risk, outcome) =>
  jarFailure(
    'Is the tube’s end under water, and the stopper tight?',
    outcome === 'spills'
      ? 'Stop earlier: wipe plate and hose dry first.'
      : 'More difference, or less air over the water.',
  )
