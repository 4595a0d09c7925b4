import {
  act,
  atWorst,
  BROKEN_GLASS,
  dryMargin,
  type Gate,
  heatOff,
  near,
  next,
  pressureOff,
  wait,
} from '../../../demonstration'
import {
  applying,
  boilingDry,
  burnerGas,
  glassUnderVacuum,
  heavy,
  hotSurface,
  inflowSlam,
  pulledDown,
  scald,
  superheated,
  thermalShock,
  wetFloor,
  type Caution,
} from '../../../cautions'
import { onHeat } from './inputs'
import type { BottleFill } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'charge',
    text: 'The glass looked over against the light: no scratch, chip or star.',
    guards: ['chilled-glass', 'glass-under-difference'],
  },
  {
    step: 'fill',
    text: 'Goggles on for everyone; hair and sleeves back; bowl padded; cloth, gloves and stopper laid out.',
    guards: ['heat', 'flame', 'scald'],
  },
  {
    step: 'turn',
    text: 'Heat off before a stopper goes in or the bottle is moved; screen up; cloth round the bottle.',
    guards: ['chilled-glass', 'glass-under-difference'],
    when: ({ choices }) => choices.fillMethod === 'flame' || choices.fillMethod === 'microwave',
  },
  {
    step: 'turn',
    text: 'Screen up; cloth round the bottle.',
    guards: ['chilled-glass', 'glass-under-difference'],
    when: ({ choices }) => choices.fillMethod?.startsWith('rinse') === true,
  },
]

export const cautions: BottleFill['cautions'] = (values, s, risk): Caution[] => {
  const { numbers: n, choices } = values
  const { results: r, details } = s
  const cracks = risk.share('crack')
  const stoppered = n.stopperTime > 0
  return applying(
    wetFloor(n.bathVolume, 'bath'),
    heavy('The bowl, full', 1000 * n.bathVolume, 'bath'),
    scald(n.bathTemperature, n.bathVolume, 'bath', 'The bath', 'scald-bath'),
    onHeat(values)
      ? [
          hotSurface(
            Math.max(details.overheat ?? 0, r.boilingTemperature),
            'fill',
            'Heater and bottle stay hot after use',
          ),
          boilingDry(dryMargin(s), details.overheat, 'fill', risk, 'glass'),
          scald(r.boilingTemperature, n.waterCharge, 'fill'),
        ]
      : [scald(r.boilingTemperature, n.vesselVolume, 'fill', 'Water from the kettle', 'scald-kettle')],
    choices.fillMethod === 'flame' ? burnerGas('fill', n.heaterPower > 4000) : undefined,
    choices.fillMethod === 'microwave' ? superheated('fill', n.ovenWait) : undefined,
    scald(r.boilingTemperature, n.waterCharge, 'turn'),
    thermalShock(atWorst(risk, 'glassChill'), n.shockLimit, cracks, 'turn'),
    stoppered
      ? glassUnderVacuum(
          atWorst(risk, 'peakPressureDifference'),
          atWorst(risk, 'peakPressureDifference') * n.vesselVolume,
          'turn',
          'Only a sound round bottle; heat off before the stopper, and no stopper pressed while it boils',
        )
      : undefined,
    inflowSlam(atWorst(risk, 'slamPressure'), atWorst(risk, 'peakWallForce'), cracks, 'open'),
    pulledDown(atWorst(risk, 'peakPull'), n.grip, atWorst(risk, 'blowEnergy'), n.blowLimit, 'open'),
  )
}

export const afterFailure: BottleFill['afterFailure'] = ({ numbers: n }, _s, _risk, outcome) =>
  outcome === 'crack'
    ? BROKEN_GLASS
    : [
        wait(
          'Keep the mouth under water for half a minute, hands and face away from the bottle’s bottom: a ' +
            'slow one may still come.',
        ),
        heatOff('Heater off.'),
        pressureOff(
          n.stopperTime > 0
            ? 'Stopper out under water, at arm’s length; then tilt it until air goes in at the mouth.'
            : 'Tilt it slowly until air goes in at the mouth: hot water may come out.',
        ),
        near(
          'Let it drain over the bowl, mouth down, and cool on wood. Hot glass is never set on a wet or cold bench.',
        ),
        outcome === 'part'
          ? next('Air was left in it: boil longer, or rinse with water straight off the boil.')
          : act(
              'next',
              'It was full of air: boil longer, or rinse with water straight off the boil, and be quicker to the bowl.',
            ),
      ]
