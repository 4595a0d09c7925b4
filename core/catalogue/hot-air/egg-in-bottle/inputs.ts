/** What is stated, and what does not go together. */
import {
  blank,
  coefficient,
  ROOM_INPUTS,
  defineInputs,
  type ValuesOf,
  type Check,
  type Has,
} from '../../../demonstration'
import { BOTTLE, EGG, EGG_COEFFICIENTS, EGG_END, EGG_SKIN, eggWeighs } from '../egg'
import { chilled } from '../glass-chill'
import { WALL_TRANSFER } from '../inputs'
import { asLength, asTemperature, say } from '../../../sentence'

/** What heats it. A strip of paper burns for some 12 s once lit, a match for some 11 s; from memory. */
const HEATINGS: Readonly<Record<string, { name: string; burns: number }>> = {
  'paper': { name: 'a strip of burning paper', burns: 12 },
  'matches': { name: 'burning matches', burns: 11 },
  'hot-water': { name: 'hot water, no flame', burns: 1 },
}

/** Heat of combustion of paper, J/kg (lower value of cellulose, CRC Handbook, from memory). */
const PAPER_HEAT = 16e6

/** Heat of one burning match, W: a splint of 0.1 g, of which a third burns before it is short; from memory. */
const MATCH_POWER = 47

const heating = ({ choices }: Has<never, 'heating'>) => HEATINGS[choices.heating] ?? HEATINGS.paper

/** Heat set free, from the size of the paper or the number of matches, W. */
const flamePower = (v: Has<'matches' | 'paperMass', 'heating'>): number =>
  v.choices.heating === 'matches'
    ? MATCH_POWER * v.numbers.matches
    : (PAPER_HEAT * v.numbers.paperMass) / HEATINGS.paper.burns

/** What is left of the burning once it has dropped in, s. */
const burnsStill = (v: Has<'litDelay', 'heating'>): number => Math.max(0.3, heating(v).burns - v.numbers.litDelay)

const CELSIUS = 273.15

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  ...BOTTLE,
  ...EGG,
  EGG_END,
  EGG_SKIN,
  {
    id: 'heating',
    name: 'what heats it',
    kind: 'choice',
    group: 'heat',
    default: 'paper',
    lever: true,
    source:
      'Paper gives most heat; matches are tidier and slower; hot water needs no flame in the room and ' +
      'shows that oxygen has nothing to do with it.',
    choices: Object.entries(HEATINGS).map(([id, { name }]) => ({ id, name })),
  },
  blank('paperMass', 'paper', 'g', 'heat', 0.2e-3, [0.02e-3, 5e-3], [0.05e-3, 1e-3], 0.15, {
    lever: [-0.1e-3, 0.2e-3],
  }),
  blank('matches', 'matches', '1', 'heat', 3, [1, 12], [1, 6], 0, { lever: [-1, 1, 2], whole: true }),
  blank(
    'litDelay',
    'from lit to dropped in',
    's',
    'heat',
    1.5,
    [0.1, 30],
    [0.5, 8],
    { shape: 'lognormal', relative: 0.3 },
    { lever: [-1, 2] },
  ),
  blank('flamePower', 'heat that it sets free', 'W', 'heat', flamePower, [0.5, 10e3], [60, 1500], {
    shape: 'lognormal',
    relative: 0.25,
  }),
  blank('burnTime', 'burns on in the bottle for', 's', 'heat', burnsStill, [0.05, 60], [1, 25], {
    shape: 'lognormal',
    relative: 0.2,
  }),
  blank(
    'rinseTemperature',
    'hot water for the other way',
    'degC',
    'heat',
    CELSIUS + 80,
    [CELSIUS + 30, CELSIUS + 99],
    [CELSIUS + 50, CELSIUS + 95],
    { shape: 'normal', absolute: 3 },
    { lever: [-10, 10] },
  ),
  blank(
    'coolingTemperature',
    'cold water round it then',
    'degC',
    'cooling',
    CELSIUS + 10,
    [CELSIUS + 0.5, CELSIUS + 40],
    [CELSIUS + 1, CELSIUS + 25],
    { shape: 'normal', absolute: 1.5 },
  ),
  blank(
    'eggDelay',
    'from the flame (or from emptying) to the egg',
    's',
    'heat',
    1.2,
    [0.2, 60],
    [0.5, 20],
    { shape: 'lognormal', relative: 0.25 },
    { lever: [-0.5, 2, 10] },
  ),
  WALL_TRANSFER(18),
  ...EGG_COEFFICIENTS,
  coefficient(
    'glassThickness',
    'wall of the bottle',
    'mm',
    3e-3,
    [0.5e-3, 12e-3],
    [1.5e-3, 6e-3],
    0.25,
    'bottles 2 to 5 mm; heat needs about L²/α = 20 s to come through 3 mm (Incropera & DeWitt, ch. 5)',
  ),
  coefficient(
    'flameShare',
    'share of the flame’s heat that the gas keeps',
    '%',
    0.5,
    [0.02, 1],
    [0.2, 0.8],
    0.2,
    'the rest is radiated to the glass (a fifth to a third) or burns in the neck; assumption',
  ),
  coefficient(
    'exchange',
    'fresh air through the open neck',
    '%',
    1,
    [0.05, 5],
    [0.3, 2],
    0.3,
    '100 %: Epstein 1988 (counter-current through an opening); the flame in it disturbs it',
  ),
])
export type EggInBottleValues = ValuesOf<typeof inputs>

export const check: Check<EggInBottleValues> = ({ numbers: n, choices }) => [
  ...eggWeighs({ numbers: n, choices }),
  ...(choices.heating === 'hot-water' ? chilled(n.rinseTemperature, n.coolingTemperature, 'coolingTemperature') : []),
  ...(n.eggDiameter <= n.neckDiameter
    ? [
        {
          input: 'eggDiameter',
          message: say`given ${asLength(n.eggDiameter, { digits: 4 })}; accepted: more than the neck,
            ${asLength(n.neckDiameter, { digits: 4, toward: 'above' })}, or it drops in by itself`,
        },
      ]
    : []),
  ...(choices.heating === 'hot-water' && n.rinseTemperature <= n.coolingTemperature
    ? [
        {
          input: 'rinseTemperature',
          message: say`given ${asTemperature(n.rinseTemperature, { digits: 4 })}; accepted: above the cooling
            water, ${asTemperature(n.coolingTemperature, { digits: 4, toward: 'above' })}`,
        },
      ]
    : []),
]
