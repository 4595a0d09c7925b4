import { dryMargin, type Gate, heatOff, near, next, pressureOff, type Risk, wait } from '../../../demonstration'
import {
  applying,
  boilingDry,
  burnerGas,
  HARM_RAISES,
  heavy,
  hotSurface,
  scald,
  sharpFolds,
  wetFloor,
  type Caution,
} from '../../../cautions'
import type { CanPlungeValues } from './inputs'
import type { CanPlungeRun, CanPlunge } from './simulate'
import { asForce, asLength, say } from '../../../sentence'

export const gates: readonly Gate[] = [
  {
    step: 'heat',
    text:
      'Goggles on for whoever is near; hair and sleeves back; heater on something that does not burn, ' +
      'its way to the bowl clear.',
    guards: ['heat', 'flame'],
  },
  {
    step: 'lift',
    text: 'Everyone behind the line, goggles on, path from heater to bowl clear.',
    guards: ['scald', 'vacuum'],
  },
]

export function cautions({ numbers: n }: CanPlungeValues, { results, details }: CanPlungeRun, risk: Risk): Caution[] {
  return applying(
    scald(n.bathTemperature, n.bathVolume, 'bath', 'The bath', 'scald-bath'),
    wetFloor(n.bathVolume, 'bath'),
    heavy('The bowl, full', 1000 * n.bathVolume + n.iceMass, 'bath'),
    scald(n.chargeTemperature, n.waterCharge, 'charge', 'Water poured in', 'scald-kettle'),
    hotSurface(
      Math.max(details.overheat ?? 0, results.boilingTemperature),
      'heat',
      'Heater and can stay hot after use',
    ),
    burnerGas('heat', n.heaterPower > 4000),
    boilingDry(dryMargin({ results, details }), details.overheat, 'purge', risk),
    scald(results.boilingTemperature, n.waterCharge, 'lift'),
    {
      id: 'splash',
      step: 'plunge',
      severity: risk.share('crush') > HARM_RAISES ? 'raised' : 'usual',
      covers: ['scald', 'vacuum'],
      hazard: 'Hot water falls out as it turns and cold water may splash; the bang startles.',
      control: say`Deep bowl on a tray, first row back ${asLength(1)}, everyone told that a bang may come.`,
    },
    sharpFolds('plunge'),
    n.vesselVolume > 1e-3
      ? {
          id: 'vessel-large',
          step: 'plunge',
          severity: 'raised',
          covers: ['vacuum', 'load'],
          hazard: say`A large can: the air presses on its surface with ${asForce(results.outsideForce)} in all.`,
          control: 'Screen, larger distance, two people who have rehearsed the lift.',
        }
      : undefined,
  )
}

export const afterFailure: CanPlunge['afterFailure'] = (_values, _simulation, _risk, outcome) => [
  wait('Leave it in the water for ten seconds: it may still fill or give way.'),
  heatOff('Heater off.'),
  pressureOff(
    'Tilt it with tongs until its mouth comes out of the water, away from you: air goes in, hot water may come out.',
  ),
  wait('Let it cool in the bowl.'),
  near('Then tip it out over the bowl, gloves on, and look inside.'),
  next(
    {
      fill:
        'Much water in it: it filled faster than it was pressed. A longer boil, colder water, or its ' +
        'mouth less deep.',
      both: 'It gave way a little and filled: a longer boil drives more air out.',
      dent: 'It gave way late and stopped early: a longer boil, or a quicker turn.',
    }[outcome] ?? 'Hardly any water in it: it held mostly air. Boil on longer, or be quicker to the bowl.',
  ),
  next('A can that has been on the heat twice is soft and lacquer-free: take a fresh one for the next try.'),
]
