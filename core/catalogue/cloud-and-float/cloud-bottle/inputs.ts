/** What is stated, and what does not go together. */
import { MOST_GAUGE, MOST_SPIRITS } from '../../../cautions'
import {
  blank,
  coefficient,
  ROOM_INPUTS,
  defineInputs,
  type ValuesOf,
  type Values,
  type Fault,
} from '../../../demonstration'
import { atMost } from '../../fits'
import { LIGHTS, NUCLEI } from './simulate'
import { asPressure, say } from '../../../sentence'
/**
 * Most that is stated so that 99 of 100 pressings still stay under the bottle's limit: a gauge is read to 6 %, a
 * squeeze to 20 %.
 */
const READ_TO = 0.86

const SQUEEZED_TO = 0.63

/** What is refused: spirits near a flame, and more pressure than bottle and stopper are good for. */
export function check(values: CloudBottleValues): Fault[] {
  const { numbers: n, choices } = values
  const most = Math.min(MOST_GAUGE, READ_TO * n.pressureRating)
  const hardest = SQUEEZED_TO * n.pressureRating
  return [
    ...atMost(values, 'stopperDiameter', 'vesselDiameter', "the bottle's width"),
    ...(choices.liquid === 'ethanol' && choices.nuclei === 'smoke'
      ? [
          {
            input: 'nuclei',
            message:
              'given "smoke" with ethanol; refused: smoke means a match, and the vapour of spirits in the ' +
              'bottle catches fire from it; accepted: room, none, or water as the liquid',
          },
        ]
      : []),
    ...(choices.way !== 'squeeze' && n.gaugePressure > most
      ? [
          {
            input: 'gaugePressure',
            message: say`given ${asPressure(n.gaugePressure, { digits: 4 })}; accepted: at most
              ${asPressure(most, { digits: 4, toward: 'below' })}, so that it stays under the stated limit of
              ${asPressure(n.pressureRating, { digits: 4 })} and under ${asPressure(MOST_GAUGE, { digits: 4 })} in
              any bottle`,
          },
        ]
      : []),
    ...(choices.way === 'squeeze' && n.squeezePressure > hardest
      ? [
          {
            input: 'squeezePressure',
            message: say`given ${asPressure(n.squeezePressure, { digits: 4 })}; accepted: at most
              ${asPressure(hardest, { digits: 4, toward: 'below' })}, so that it stays under the stated limit of
              ${asPressure(n.pressureRating, { digits: 4 })}`,
          },
        ]
      : []),
  ]
}

/** Bottles that a cloud is made in; sizes and what they bear, from memory of such bottles. */
const BOTTLES: Readonly<
  Record<
    string,
    { name: string; volume: number; across: number; mouth: number; rating: number; pumped: number; squeezed: number }
  >
> = {
  fizzy: {
    name: 'bottle for fizzy drinks, new',
    volume: 1e-3,
    across: 0.085,
    mouth: 0.022,
    rating: 400e3,
    pumped: 60e3,
    squeezed: 15e3,
  },
  sports: {
    name: 'wide sports bottle',
    volume: 0.75e-3,
    across: 0.073,
    mouth: 0.05,
    rating: 60e3,
    pumped: 30e3,
    squeezed: 22e3,
  },
}

export const bottleOf = ({ choices }: Values) => BOTTLES[choices.bottleKind ?? ''] ?? BOTTLES.fizzy

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  {
    id: 'bottleKind',
    name: 'bottle',
    kind: 'choice',
    group: 'vessel',
    default: 'fizzy',
    choices: Object.entries(BOTTLES).map(([id, { name }]) => ({ id, name })),
  },
  blank('vesselVolume', 'it holds', 'L', 'vessel', v => bottleOf(v).volume, [0.2e-3, 3e-3], [0.3e-3, 2e-3], 0.02, {
    tells: 'vessel',
    onShelf: 'capacity',
  }),
  blank('vesselDiameter', 'bottle across', 'cm', 'vessel', v => bottleOf(v).across, [0.04, 0.2], [0.06, 0.12], 0.01, {
    onShelf: 'diameter',
  }),
  blank('stopperDiameter', 'mouth', 'mm', 'vessel', v => bottleOf(v).mouth, [0.01, 0.06], [0.018, 0.04], 0.02),
  {
    id: 'liquid',
    name: 'liquid',
    kind: 'choice',
    group: 'water',
    default: 'water',
    lever: true,
    source:
      'Water is the weather’s own and burns nothing; ethanol gives a thicker cloud even without smoke, ' +
      'and is flammable.',
    choices: [
      { id: 'water', name: 'warm water' },
      { id: 'ethanol', name: 'ethanol' },
    ],
  },
  blank(
    'spirits',
    'spirits, if they are used',
    'mL',
    'water',
    2e-6,
    [0.2e-6, MOST_SPIRITS],
    [0.5e-6, MOST_SPIRITS],
    0.2,
  ),
  {
    id: 'nuclei',
    name: 'in the air',
    kind: 'choice',
    group: 'load',
    default: 'smoke',
    lever: true,
    source: 'Some say smoke is cheating: it is what clouds have too. Without it drops find little to settle on.',
    choices: Object.entries(NUCLEI).map(([id, { name }]) => ({ id, name })),
  },
  {
    id: 'way',
    name: 'way',
    kind: 'choice',
    group: 'pump',
    default: 'pump',
    lever: true,
    source: 'Pumping gives more and is seen by everybody; squeezing needs nothing but hands and makes a fainter cloud.',
    choices: [
      { id: 'pump', name: 'pump it up and let it go' },
      { id: 'squeeze', name: 'squeeze it and let it go' },
    ],
  },
  blank(
    'gaugePressure',
    'pumped to, over the room',
    'kPa',
    'pump',
    v => bottleOf(v).pumped,
    [2e3, MOST_GAUGE],
    [20e3, 250e3],
    0.06,
    { lever: [-30e3, 30e3, 60e3] },
  ),
  blank('strokeVolume', 'pump a stroke', 'mL', 'pump', 90e-6, [5e-6, 1e-3], [30e-6, 300e-6], 0.05, {
    onShelf: 'strokeVolume',
  }),
  blank('strokeTime', 'time of a stroke', 's', 'pump', 1, [0.2, 5], [0.5, 2], 0.1),
  blank(
    'squeezePressure',
    'squeezed to, over the room',
    'kPa',
    'pump',
    v => bottleOf(v).squeezed,
    [500, 80e3],
    [5e3, 35e3],
    { shape: 'lognormal', relative: 0.2 },
    { lever: [-5e3, 10e3] },
  ),
  blank('holdTime', 'held for', 's', 'pump', 8, [0, 300], [0, 60], 0.1, { lever: [-8, 20] }),
  blank(
    'releaseTime',
    'let go within',
    's',
    'pump',
    0.08,
    [0.005, 5],
    [0.02, 1],
    { shape: 'lognormal', relative: 0.3 },
    { lever: [0.5] },
  ),
  {
    id: 'light',
    name: 'light',
    kind: 'choice',
    group: 'load',
    default: 'torch',
    lever: true,
    choices: Object.entries(LIGHTS).map(([id, { name }]) => ({ id, name })),
  },
  blank(
    'pressureRating',
    'stated limit of bottle and stopper',
    'kPa',
    'vessel',
    v => bottleOf(v).rating,
    [20e3, 1e6],
    [100e3, 600e3],
    0,
  ),
  coefficient(
    'nucleiNumber',
    'droplets that can form in a cubic metre',
    '1',
    v => (NUCLEI[v.choices.nuclei ?? ''] ?? NUCLEI.room).number,
    [1e4, 1e14],
    [1e7, 1e13],
    { shape: 'lognormal', relative: 1.1 },
    'by what is in the air: Rogers & Yau (1989), ch. 6; a wisp of smoke 1e5 to 1e6 a cm³: from one to ' +
      'the next it differs by a factor of ten',
  ),
  coefficient(
    'dampness',
    'how near the air is to saturated before',
    '%',
    0.97,
    [0.1, 1],
    [0.7, 1],
    { shape: 'uniform', below: 0.05, above: 0.03 },
    'swirled with liquid for half a minute; assumption',
  ),
  coefficient(
    'wallTransfer',
    'wall to the gas',
    'W/(m2 K)',
    8,
    [1, 60],
    [4, 20],
    0.25,
    'natural convection in a bottle some 4 to 10, stirred by the release (Incropera & DeWitt, ch. 9)',
  ),
  coefficient(
    'visibleDepth',
    'optical depth that the back row sees',
    '1',
    v => (LIGHTS[v.choices.light ?? ''] ?? LIGHTS.torch).depth,
    [0.005, 3],
    [0.05, 1],
    0.25,
    'by light and backdrop; assumption',
  ),
])
export type CloudBottleValues = ValuesOf<typeof inputs>
