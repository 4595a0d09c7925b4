/** What is stated, and what does not go together. */
import { blank, coefficient, ROOM_INPUTS, defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { RUBBER, slackBalloon } from '../../vacuum/rubber-inputs'
import { asLength, say } from '../../../sentence'

const SURFACES: Readonly<Record<string, { name: string; friction: number }>> = {
  dry: { name: 'dry', friction: 0.8 },
  damp: { name: 'damp', friction: 0.45 },
  wet: { name: 'wet or soapy', friction: 0.12 },
}

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  slackBalloon(0.05),
  blank('glassDiameter', 'glass across inside', 'cm', 'vessel', 0.068, [0.02, 0.3], [0.05, 0.1], 0.01),
  blank('insertDepth', 'balloon down in it', 'cm', 'load', 0.06, [0.005, 0.3], [0.02, 0.12], 0.08, {
    lever: [-0.02, 0.02],
  }),
  blank('glassMass', 'glass with what is in it', 'g', 'load', 0.25, [0.01, 5], [0.05, 1], 0.02, {
    lever: [-0.1, 0.2, 0.5],
  }),
  blank('blownTo', 'balloon above the rim blown to', 'cm', 'load', 0.14, [0.03, 0.5], [0.08, 0.25], 0.05, {
    lever: [-0.03, 0.03],
  }),
  {
    id: 'surface',
    name: 'glass inside',
    kind: 'choice',
    group: 'load',
    default: 'dry',
    lever: true,
    choices: Object.entries(SURFACES).map(([id, { name }]) => ({ id, name })),
  },
  coefficient(
    'friction',
    'friction of rubber on glass',
    '%',
    v => (SURFACES[v.choices.surface ?? ''] ?? SURFACES.dry).friction,
    [0.02, 2],
    [0.1, 1.2],
    0.2,
    'soft rubber on dry glass 0.6 to 1 and more, wet a fifth; CRC Handbook, from memory',
  ),
  coefficient(
    'contactShare',
    'share of the wall that it touches',
    '%',
    0.7,
    [0.1, 1],
    [0.4, 0.9],
    { shape: 'uniform', below: 0.15, above: 0.15 },
    'a round balloon in a round glass; assumption',
  ),
  coefficient(
    'jerk',
    'pull against the weight at rest',
    '1',
    1.15,
    [1, 3],
    [1, 2],
    { shape: 'triangular', below: 0.13, above: 0.25 },
    'lifted smoothly; assumption',
  ),
  ...RUBBER,
])
export type BalloonInGlassValues = ValuesOf<typeof inputs>

export const check: Check<BalloonInGlassValues> = ({ numbers: n }) =>
  n.glassDiameter < n.balloonSlack * 1.02
    ? [
        {
          input: 'glassDiameter',
          message: say`given ${asLength(n.glassDiameter, { digits: 4 })}; accepted: more than the slack balloon,
            ${asLength(n.balloonSlack * 1.02, { digits: 4, toward: 'above' })}`,
        },
      ]
    : []
