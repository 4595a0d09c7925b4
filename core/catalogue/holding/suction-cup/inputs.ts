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
import { volumeAtMost } from '../../fits'
import { sphereVolume } from '../../../vessels/sphere'

/** Air kept when pressed on, how far it opens, and when the rim peels; assumptions. */
const CUPS: Readonly<
  Record<string, { name: string; across: number; volume: number; kept: number; opening: number; peel: number }>
> = {
  plunger: { name: 'a drain plunger', across: 0.13, volume: 350e-6, kept: 0.35, opening: 1, peel: 0.45 },
  sheet: { name: 'a rubber sheet with a knob', across: 0.22, volume: 260e-6, kept: 0.04, opening: 1, peel: 0.35 },
  hook: { name: 'a hook cup', across: 0.055, volume: 9e-6, kept: 0.08, opening: 1, peel: 0.7 },
}

const cup = ({ choices }: Values) => CUPS[choices.cup ?? ''] ?? CUPS.plunger

/** Effective leak under a wetted rim, m2; orders of magnitude, assumption. */
const SURFACES: Readonly<Record<string, { name: string; leak: number }>> = {
  'glass': { name: 'glass or polished steel', leak: 2e-11 },
  'varnish': { name: 'varnished or plastic seat', leak: 1.5e-9 },
  'wood': { name: 'planed bare wood', leak: 6e-7 },
}

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  {
    id: 'cup',
    name: 'cup',
    kind: 'choice',
    group: 'vessel',
    default: 'plunger',
    lever: true,
    choices: Object.entries(CUPS).map(([id, { name }]) => ({ id, name })),
  },
  blank('cupDiameter', 'inside of its rim', 'cm', 'vessel', v => cup(v).across, [0.01, 0.6], [0.03, 0.3], 0.03),
  blank('cupVolume', 'space under it, at rest', 'mL', 'vessel', v => cup(v).volume, [0.5e-6, 5e-3], [3e-6, 1e-3], 0.1),
  {
    id: 'surface',
    name: 'on',
    kind: 'choice',
    group: 'load',
    default: 'varnish',
    lever: true,
    choices: Object.entries(SURFACES).map(([id, { name }]) => ({ id, name })),
  },
  blank('loadMass', 'what is lifted', 'kg', 'load', 5, [0.05, 100], [1, 30], 0.03, { lever: [-2, 3, 10] }),
  blank(
    'liftTime',
    'held up for',
    's',
    'load',
    10,
    [0.5, 3600],
    [3, 60],
    { shape: 'lognormal', relative: 0.2 },
    { lever: [-5, 20] },
  ),
  coefficient(
    'airKept',
    'air left under it when pressed on',
    '%',
    v => cup(v).kept,
    [0.005, 0.95],
    [0.02, 0.6],
    0.25,
    'by the kind of cup; how hard it is pressed; assumption',
  ),
  coefficient(
    'opening',
    'how far the pull opens it again',
    '%',
    v => cup(v).opening,
    [0.1, 3],
    [0.5, 1.5],
    0.15,
    '100 %: back to its shape at rest; assumption',
  ),
  coefficient(
    'peelLimit',
    'difference at which its rim peels, of the outside',
    '%',
    v => cup(v).peel,
    [0.02, 0.98],
    [0.2, 0.8],
    0.2,
    'a soft rim creeps inwards and folds; assumption',
  ),
  coefficient(
    'effectiveArea',
    'area that holds, of the rim’s',
    '%',
    0.9,
    [0.3, 1],
    [0.7, 1],
    { shape: 'uniform', below: 0.1, above: 0.1 },
    'the rim’s own width; assumption',
  ),
  coefficient(
    'jerk',
    'pull against the weight at rest',
    '1',
    1.2,
    [1, 4],
    [1, 2],
    { shape: 'triangular', below: 0.15, above: 0.4 },
    'lifted smoothly; assumption',
  ),
  coefficient(
    'leakArea',
    'leak under the rim',
    'mm2',
    v => (SURFACES[v.choices.surface ?? ''] ?? SURFACES.varnish).leak,
    [0, 1e-5],
    [0, 1e-8],
    0.8,
    'by the surface, wetted; assumption, measure how long it holds',
  ),
])
export type SuctionCupValues = ValuesOf<typeof inputs>

/** A cup as deep as half its rim is a half-sphere; a plunger may be a little deeper. */
const DEEPEST = 1.5

export const check: Check<SuctionCupValues> = values =>
  volumeAtMost(
    values,
    'cupVolume',
    (DEEPEST / 2) * sphereVolume(values.numbers.cupDiameter),
    'what a deep cup of that rim encloses',
  )
