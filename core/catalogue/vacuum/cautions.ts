/** A pumped jar: gate, cautions and what is done when it does not work. */
import {
  atWorst,
  BURST,
  type FailureAct,
  type Gate,
  heatOff,
  near,
  next,
  pressureOff,
  type Risk,
  type Has,
} from '../../demonstration'
import { applying, glassUnderVacuum, nothingAlive, usualPump, type Caution } from '../../cautions'
import { isDriven } from './inputs'

/** @param step in which the jar is set up: it is looked over before anything stands in it */
export const jarGates = (step: string): readonly Gate[] => [
  {
    step,
    text: 'Jar looked over against the light: made for vacuum, without scratch or chip; nothing that lives goes in.',
    guards: ['glass-under-difference'],
  },
  {
    step: 'pump',
    text: 'Screen up, goggles on for all, air valve in reach.',
    guards: ['glass-under-difference', 'vacuum'],
  },
]
export const jarCautions = (values: Has<never, 'pump'>, risk: Risk, step = 'pump'): Caution[] =>
  applying(
    glassUnderVacuum(atWorst(risk, 'peakPressureDifference'), atWorst(risk, 'storedEnergy'), step),
    nothingAlive(step),
    isDriven(values) ? usualPump(step) : undefined,
  )
/** @param inspect what is looked at once air is in @param change what to do another time */
export const jarFailure = (inspect: string, change: string): FailureAct[] => [
  heatOff('Stop pumping; nobody leans over the jar, bends down to it or touches it.'),
  pressureOff('Let air in slowly through the valve, never by pulling at the jar, until the gauge stands at nought.'),
  near(inspect),
  near('Look for the leak: seal, grease, hose, valve.'),
  next(change),
]
export const jarBurst: readonly FailureAct[] = BURST
