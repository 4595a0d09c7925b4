import {
  atWorst,
  BROKEN_GLASS,
  dryMargin,
  type Gate,
  heatOff,
  asWait,
  near,
  next,
  pressureOff,
  standBack,
  wait,
} from '../../../demonstration'
import {
  applying,
  boilingDry,
  burnerGas,
  glassUnderVacuum,
  heavy,
  hotSurface,
  scald,
  stemInStopper,
  thermalShock,
  wetFloor,
  type Caution,
} from '../../../cautions'
import type { FlaskFountain } from './simulate'
import { say } from '../../../sentence'

export const gates: readonly Gate[] = [
  {
    step: 'charge',
    text:
      'The flask looked over against the light: round bottom, no scratch or star; stem clear when blown ' +
      'through; net or tape round it.',
    guards: ['glass-under-difference'],
  },
  {
    step: 'heat',
    text: 'Goggles on for all; hair and sleeves back; stopper and stem pressed tight now, cold: never while it boils.',
    guards: ['heat', 'flame', 'scald', 'pressure'],
  },
  {
    step: 'turn',
    text: 'Heat off before anything else; screen up between the stand and everybody; goggles on.',
    guards: ['glass-under-difference', 'chilled-glass'],
  },
]

export const cautions: FlaskFountain['cautions'] = ({ numbers: n }, s, risk): Caution[] => {
  const { results: r, details } = s
  return applying(
    wetFloor(n.bathVolume, 'bath'),
    heavy('The bucket, full', 1000 * n.bathVolume, 'bath'),
    scald(n.bathTemperature, n.bathVolume, 'bath', 'The bucket', 'scald-bath'),
    stemInStopper('charge'),
    hotSurface(Math.max(details.overheat ?? 0, r.boilingTemperature), 'heat', 'Heater and flask stay hot after use'),
    burnerGas('heat', n.heaterPower > 4000),
    boilingDry(dryMargin(s), details.overheat, 'purge', risk, 'glass'),
    {
      id: 'blocked',
      step: 'heat',
      severity: 'usual',
      covers: ['pressure', 'heat'],
      hazard: 'A blocked stem turns the flask into a boiler.',
      control:
        'Blow through the stem before; steam must be seen at its end all the time, or heat off and everybody back.',
    },
    scald(r.boilingTemperature, n.waterCharge, 'heat'),
    scald(r.boilingTemperature, n.waterCharge, 'turn', 'Steam and water from the stem'),
    thermalShock(atWorst(risk, 'glassChill'), n.shockLimit, risk.share('crack'), 'turn'),
    glassUnderVacuum(
      atWorst(risk, 'peakPressureDifference'),
      atWorst(risk, 'peakPressureDifference') * n.vesselVolume,
      'turn',
      'Only a round-bottomed flask without a scratch or star',
    ),
  )
}

export const afterFailure: FlaskFountain['afterFailure'] = (_values, _s, risk, outcome) =>
  outcome === 'crack'
    ? BROKEN_GLASS
    : [
        heatOff('Heater off, if it is not.'),
        standBack(
          say`Everybody stays behind the screen for ${asWait(risk)}: nobody touches, wets or warms the flask
      with a hand; it stands under vacuum, and cold water on hot glass cracks it.`,
        ),
        wait(
          'Water halfway up that stands still: too much air inside. The water holds the air out; it may still come.',
        ),
        pressureOff(
          'To end it one adult, goggles and gloves, from behind the screen, lowers the bucket or lifts the ' +
            'stand until the stem is out of the water: air rushes in, and what stood in the stem falls.',
        ),
        near('Let it cool where it stands; take it down with gloves.'),
        next(
          outcome === 'part'
            ? 'Air was left in it: boil on longer, be quicker to the bucket.'
            : 'It was full of air: a longer boil, a tight stopper, quicker to the bucket.',
        ),
        next('Never heat it upside down, and never with the stem under water.'),
      ]
