import { type FailureAct, type Gate, asWait, near, next, pressureOff, wait } from '../../../demonstration'
import {
  applying,
  noFood,
  oilByFlame,
  openFlame,
  scald,
  thermalShock,
  USUAL_CHILL,
  type Caution,
} from '../../../cautions'
import { shareCracked } from '../../steam/glass-checks'
import type { EggInBottle } from './simulate'
import { apart, asLength, say } from '../../../sentence'

export const gates: readonly Gate[] = [
  {
    step: 'light',
    text:
      'Before anything is lit or poured: hair tied, sleeves back, goggles on; egg in hand, pointed the ' +
      'right way, hands wiped dry; wet cloth at hand.',
    guards: ['flame', 'scald', 'heat', 'chilled-glass'],
  },
]

export const cautions: EggInBottle['cautions'] = ({ numbers: n, choices }): Caution[] => {
  const flame = choices.heating !== 'hot-water'
  return applying(
    flame
      ? openFlame('light', n.matches > 3 && choices.heating === 'matches')
      : scald(n.rinseTemperature, n.vesselVolume, 'light', 'Water from the kettle', 'scald-kettle'),
    flame && choices.eggSkin === 'oiled' ? oilByFlame('ready') : undefined,
    flame
      ? undefined
      : thermalShock(
          n.rinseTemperature - n.coolingTemperature,
          USUAL_CHILL['soda-lime'],
          shareCracked(n.rinseTemperature - n.coolingTemperature, USUAL_CHILL['soda-lime']),
          'light',
        ),
    {
      id: 'glass-heated',
      step: 'light',
      severity: 'usual',
      covers: ['heat', 'chilled-glass'],
      hazard: flame
        ? 'Glass heated at one spot, or hot glass put into cold water, can crack.'
        : 'Cold glass that hot water is poured into, or hot glass put into cold water, can crack.',
      control: flame
        ? 'Thick bottle without a chip; the paper falls free of the wall; goggles; never cooled with ice after a flame.'
        : 'A bottle without a chip, warmed with lukewarm water first; goggles; never cooled with ice.',
    },
    noFood(flame ? 'Soot and hands have been on the egg.' : 'Hands have been on the egg.', 'egg'),
  )
}

const LAST: readonly FailureAct[] = [next('Nobody eats it; ask about egg allergies before anybody cleans up.')]

export const afterFailure: EggInBottle['afterFailure'] = ({ numbers: n, choices }, _s, risk, outcome) => {
  const [egg, neck] = apart(asLength(n.eggDiameter), asLength(n.neckDiameter))
  return outcome === 'torn'
    ? [
        wait(
          choices.heating === 'hot-water'
            ? 'Let it cool; hands and faces away from the neck.'
            : 'Let it burn out and cool; hands and faces away from the neck.',
        ),
        pressureOff(
          'Torn eggs let the air in by themselves; a piece that still closes the neck is pushed aside with a stick.',
        ),
        near('Rinse the pieces out with a bottle brush; never break the bottle.'),
        next(
          say`It is too wide for this neck (${egg} in ${neck}): a smaller
            egg, wetted.`,
        ),
        ...LAST,
      ]
    : [
        wait(say`Hands and faces away from the neck for ${asWait(risk)}: it may still go.`),
        pressureOff(
          'Then lift one side of the egg with a spoon’s handle, from beside it: air hisses in. Never with a ' +
            'mouth over it.',
        ),
        near(
          choices.heating === 'hot-water'
            ? 'Take it off, look for a tear or a dry spot.'
            : 'Take it off, look for a tear or a dry spot; glass that was in a flame stays hot for minutes.',
        ),
        next(say`Measure egg and neck again: ${egg} in ${neck}.`),
        next(
          choices.heating === 'hot-water'
            ? 'Wet or oil the neck, pointed end down, quicker from the pouring out; or a smaller egg.'
            : 'Wet the neck, pointed end down, and be quicker; or take a smaller egg.',
        ),
        ...LAST,
      ]
}
