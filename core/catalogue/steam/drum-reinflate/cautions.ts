import { atLeast, atWorst, type Gate, heatOff, near, next, pressureOff, standBack, wait } from '../../../demonstration'
import {
  applying,
  burnerGas,
  heavy,
  hotSurface,
  leftOn,
  overpressure,
  scald,
  sharpFolds,
  type Caution,
} from '../../../cautions'
import type { DrumReinflate } from './simulate'
import { asTime, say } from '../../../sentence'

export const gates: readonly Gate[] = [
  {
    step: 'open',
    text: 'Bung loosened and the hiss over: the inside is at the pressure of the room.',
    guards: ['closed-hot-vessel', 'heat'],
  },
  {
    step: 'heat',
    text:
      'Way out for the steam fitted, open and pointing away; everybody behind the line. Without one it ' +
      'is not heated.',
    guards: ['pressure', 'closed-hot-vessel', 'flame'],
  },
]
/** Time in which a large vessel cools until it may be handled, s. Common practice. */
const COOLS = 1800

export const cautions: DrumReinflate['cautions'] = ({ numbers: n, choices }, s, risk): Caution[] =>
  applying(
    sharpFolds('drum'),
    heavy('The drum with its water', s.details.emptyMass + 1000 * n.waterCharge, 'drum'),
    overpressure(atWorst(risk, 'peakGaugePressure'), choices.reliefPath === 'bung-out' ? 0 : n.reliefSetting, 'heat'),
    scald(s.results.boilingTemperature, n.waterCharge, 'heat'),
    hotSurface(s.results.boilingTemperature, 'heat', 'Burner and drum stay hot after use'),
    burnerGas('heat', n.heaterPower > 4000),
    leftOn(risk.dry, atLeast(risk, 'timeToDry'), 'heat'),
  )
export const afterFailure: DrumReinflate['afterFailure'] = (_values, _s, _risk, outcome) => [
  heatOff('Burner off from a distance; everybody stays behind the line.'),
  standBack('Nobody goes near while steam comes out.'),
  wait(say`Wait ${asTime(COOLS)} with the way out open all the time: closed while it cools it would crush again.`),
  pressureOff(
    'One adult, gloves and goggles, from the side, takes the relief or bung out: no hiss either way, or wait again.',
  ),
  near('Look for cracks along the folds before anything else is done with it; empty it over a drain.'),
  next(
    outcome === 'partly'
      ? 'Sharp folds stay. Leave it at that: the shell is damaged and its limit is not known.'
      : 'Do not force it with a higher setting or a smaller way out: the shell is damaged and its limit is not known.',
  ),
]
