import { atWorst, type Gate, near, next, pressureOff, standBack } from '../../../demonstration'
import { applying, flammable, pressurised } from '../../../cautions'
import type { CloudBottle } from './simulate'
import { asForce, say } from '../../../sentence'

const spirits = (choices: Readonly<Record<string, string>>): boolean => choices.liquid === 'ethanol'
/** Push on a stopper from which it flies through a room, N. Common practice. */
const FLIES = 40

export const gates: readonly Gate[] = [
  { step: 'bottle', text: 'Bottle new, for fizzy drinks, without a scratch.', guards: ['pressure'] },
  {
    step: 'bottle',
    text: 'No flame, match or hot plate in the room; stock bottle of spirits away.',
    guards: ['flame'],
    when: ({ choices }) => choices.liquid === 'ethanol',
  },
  { step: 'press', text: 'Goggles on; stopper towards nobody; gauge in view.', guards: ['projectile'] },
]
export const cautions: CloudBottle['cautions'] = ({ numbers: n, choices }, _s, risk) => {
  const push = atWorst(risk, 'stopperForce')
  return applying(
    spirits(choices) ? flammable('Ethanol', n.spirits, 'bottle') : undefined,
    pressurised(atWorst(risk, 'peakPressureDifference'), n.pressureRating, 'press'),
    choices.way === 'squeeze'
      ? undefined
      : {
          id: 'stopper',
          step: 'press',
          severity: push > FLIES ? 'raised' : 'usual',
          covers: ['projectile'],
          hazard: say`The stopper is pushed with up to ${asForce(push)} and flies, also while it is pumped.`,
          control: 'A valve, or a stopper tied to the pump; aim it at the ceiling; goggles for all.',
          number: { name: 'push, 99 of 100', value: push, quantity: 'force', units: ['N', 'lbf'], raisedFrom: FLIES },
        },
    choices.nuclei === 'smoke'
      ? {
          id: 'match',
          step: 'nuclei',
          severity: 'usual',
          covers: ['flame'],
          hazard: 'A match is lit for the smoke.',
          control: 'An adult lights it; hair and sleeves back; out before it goes near the mouth; wet cloth at hand.',
        }
      : undefined,
  )
}
export const afterFailure: CloudBottle['afterFailure'] = ({ choices }, _s, _risk, outcome) => [
  standBack('Stopper or cap pointing at nobody; nobody looks into the mouth.'),
  pressureOff('Let the pressure off: open the valve or the cap slowly, until it hisses no more.'),
  near(
    choices.way === 'squeeze'
      ? 'Cap tight? Liquid all over the wall?'
      : 'Stopper and hose tight? Liquid all over the wall?',
  ),
  next(
    spirits(choices)
      ? 'Swirl again for longer, ' +
          (outcome === 'faint'
            ? 'light from the side, black behind'
            : 'more pressure (within the limit), let go faster') +
          '. ' +
          'No smoke, no match: spirits need none, and burn.'
      : choices.nuclei === 'smoke'
        ? outcome === 'faint'
          ? 'Light from the side, black behind; let go faster; warmer water.'
          : 'Fresh smoke, since it settles within minutes; warmer water; let go faster.'
        : `A wisp of smoke (water only, never with spirits)${outcome === 'faint' ? '' : ', warmer water'}; ` +
          'let go faster; light from the side.',
  ),
]
