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
  bursts,
  type Caution,
  glassUnderVacuum,
  hotSurface,
  keepDry,
  neverHeatSealed,
  scald,
  thermalShock,
} from '../../../cautions'
import { say } from '../../../sentence'
import type { BalloonIntoFlask } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'charge',
    text: 'The flask looked over against the light: no scratch, star or chip; a screen between it and everybody.',
    guards: ['glass-under-difference'],
  },
  {
    step: 'heat',
    text: 'Goggles on for all; hair and sleeves back; the neck open, nothing near it that could close it.',
    guards: ['heat', 'flame', 'scald'],
  },
  {
    step: 'cover',
    text:
      'Heat off and away; it no longer boils; gloves on, screen up. It never goes back on the heat with the ' +
      'balloon on.',
    guards: ['closed-hot-vessel', 'scald', 'chilled-glass'],
  },
]

export const cautions: BalloonIntoFlask['cautions'] = (values, s, risk): Caution[] => {
  const { numbers: n, choices } = values
  const { results: r, details } = s
  // A balloon that sticks in the neck holds nothing back: the worst is what a stopper would give.
  const stuck = n.stationPressure - r.floorPressure
  const chill = atWorst(risk, 'glassChill')
  return applying(
    glassUnderVacuum(
      stuck,
      stuck * n.vesselVolume,
      'charge',
      'Only a flask without a scratch, star or chip: a balloon that sticks in the neck leaves it under full vacuum',
    ),
    hotSurface(Math.max(details.overheat, r.boilingTemperature), 'heat', 'Heater and flask stay hot after use'),
    burnerGas('heat', n.heaterPower > 4000),
    boilingDry(dryMargin(s), details.overheat, 'purge', risk, 'glass'),
    scald(r.boilingTemperature, n.waterCharge, 'heat'),
    scald(r.boilingTemperature, n.waterCharge, 'off', 'The open flask'),
    neverHeatSealed('cover'),
    scald(r.boilingTemperature, n.waterCharge, 'cover', 'Steam from the neck'),
    choices.coolingMethod === 'pour' ? thermalShock(chill, n.shockLimit, risk.share('crack'), 'cool') : keepDry('cool'),
    bursts('The balloon', risk.share('bursts'), 'cool', 'in the flask'),
  )
}

export const afterFailure: BalloonIntoFlask['afterFailure'] = (_values, _s, risk, outcome) =>
  outcome === 'crack'
    ? BROKEN_GLASS
    : [
        heatOff('Heater off, if it is not; the flask never goes back on it with the balloon on.'),
        standBack(say`Screen stays up for ${asWait(risk)}: it may still go in.`),
        wait('Let it cool where it stands until a glove can stay on it.'),
        pressureOff('With gloves, from behind the screen, lift the edge of the balloon off the lip: air goes in.'),
        near(
          outcome === 'bursts'
            ? 'Pick every piece of rubber out of the flask.'
            : outcome === 'limp'
              ? 'Draw the balloon out by its neck; look whether it stuck.'
              : 'Take the balloon off; look at its neck.',
        ),
        next(
          outcome === 'bursts'
            ? 'A larger balloon, or a smaller flask.'
            : outcome === 'limp'
              ? 'A smaller or thinner balloon; boil on a little longer.'
              : 'It was full of air: boil on longer, and be quicker with the balloon.',
        ),
      ]
