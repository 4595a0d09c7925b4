/** What is stated, and what does not go together. */
import {
  blank,
  coefficient,
  ROOM_INPUTS,
  defineInputs,
  type ValuesOf,
  type Check,
  type Values,
} from '../../../demonstration'
import { asLength, asMass, say } from '../../../sentence'

const CARDS: Readonly<Record<string, { name: string; mass: number; soak: number; seal: number }>> = {
  plastic: { name: 'a stiff plastic card', mass: 6e-3, soak: 3e4, seal: 0.3 },
  card: { name: 'smooth cardboard', mass: 3e-3, soak: 240, seal: 0.34 },
  paper: { name: 'writing paper', mass: 0.8e-3, soak: 35, seal: 0.36 },
}

export const card = ({ choices }: Values) => CARDS[choices.card ?? ''] ?? CARDS.card

const CELSIUS = 273.15

/** More than this falls on nobody, m3. Our own rule. */
const MOST_WATER = 5e-3

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  blank('glassDiameter', 'glass across at the rim', 'cm', 'vessel', 0.07, [0.01, 0.3], [0.04, 0.12], 0.01),
  blank('glassHeight', 'glass high inside', 'cm', 'vessel', 0.12, [0.02, 1.5], [0.06, 0.4], 0.01),
  blank(
    'fillShare',
    'filled to',
    '%',
    'water',
    0.7,
    [0.02, 1],
    [0.1, 1],
    { shape: 'normal', absolute: 0.03 },
    { lever: [-0.3, 0.25] },
  ),
  blank(
    'waterTemperature',
    'water',
    'degC',
    'water',
    CELSIUS + 18,
    [CELSIUS + 1, CELSIUS + 60],
    [CELSIUS + 5, CELSIUS + 40],
    { shape: 'normal', absolute: 2 },
  ),
  {
    id: 'card',
    name: 'card',
    kind: 'choice',
    group: 'load',
    default: 'card',
    lever: true,
    choices: Object.entries(CARDS).map(([id, { name }]) => ({ id, name })),
  },
  blank('holdTime', 'held over for', 's', 'load', 20, [0.5, 3600], [3, 120], 0.1, { lever: [-10, 40] }),
  coefficient('cardMass', 'card', 'g', v => card(v).mass, [0.1e-3, 0.2], [0.5e-3, 0.02], 0.15, 'by the kind; weigh it'),
  coefficient(
    'rimSeal',
    'gap that stays closed, of the capillary length',
    '%',
    v => card(v).seal,
    [0.01, 1.5],
    [0.1, 0.8],
    0.25,
    'a wet, flat rim; chipped or greasy rims a tenth; assumption, the capillary length is 2.7 mm',
  ),
  coefficient(
    'soakTime',
    'card goes limp after',
    's',
    v => card(v).soak,
    [1, 1e5],
    [10, 1e4],
    0.4,
    'by the kind; assumption',
  ),
])
export type CardAndGlassValues = ValuesOf<typeof inputs>

export const check: Check<CardAndGlassValues> = ({ numbers: n }) => {
  const water = ((n.fillShare * Math.PI) / 4) * n.glassDiameter * n.glassDiameter * n.glassHeight
  return water <= MOST_WATER
    ? []
    : [
        {
          input: 'glassHeight',
          message: say`given ${asLength(n.glassHeight, { digits: 4 })}; refused:
            ${asMass(1000 * water, { digits: 4 })} of water held up by a card; accepted: at most
            ${asMass(1000 * MOST_WATER, { digits: 4, toward: 'below' })} in all`,
        },
      ]
}
