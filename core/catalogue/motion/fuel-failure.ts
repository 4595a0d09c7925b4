import { type FailureAct, heatOff, near, next, pressureOff, standBack, wait } from '../../demonstration'

/** s for which nobody comes near what may still light. Common practice. */
const MISFIRE_MINUTES = 5
export const fuelFailure = (what: string, change: string): FailureAct[] => [
  standBack('Nobody approaches or looks into it: treat it as live.'),
  heatOff('Every flame out, from where you stand.'),
  wait(`Wait ${MISFIRE_MINUTES} minutes.`),
  pressureOff(
    `One adult, face shield and gloves, from the side, opens ${what} at arm’s length with a tool, pointing at nobody.`,
  ),
  near('Air it outdoors, away from flames; wet blanket at hand.'),
  next(change),
]
