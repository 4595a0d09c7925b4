/** An egg on a bottle's neck: inputs, what holds it, and how it looks. */
import {
  blank,
  bottle,
  type BottleShape,
  coefficient,
  type Point,
  type Shape,
  defineInputs,
  defineInput,
  type Has,
  type Fault,
} from '../../demonstration'
import { lengthAtMost } from '../fits'
import { asLength, asMass, say } from '../../sentence'
import { pushThrough, tears, type EggInNeck, type Relaxing } from '../../mechanisms/egg-in-neck'
import { sphereDiameter, sphereVolume } from '../../vessels/sphere'

/** How many times as long as wide an egg is. */
const SLENDER = 1.32
/** Volume of a smooth egg from its waist, m3: a spheroid. */
const eggVolume = (waist: number): number => SLENDER * sphereVolume(waist)

/** Boiled white and yolk, kg/m3. */
const EGG_DENSITY = 1050
const usualMass = (waist: number): number => EGG_DENSITY * eggVolume(waist)
/** Times the usual mass of its width: from a flat one to a very long one, or one whose other measure is typed next. */
const SHAPES = [0.4, 2.5] as const

export const BOTTLE = defineInputs([
  blank('vesselVolume', 'bottle', 'mL', 'vessel', 250e-6, [80e-6, 6e-3], [200e-6, 1.5e-3], 0.02, {
    tells: 'vessel',
    onShelf: 'capacity',
  }),
  blank(
    'neckDiameter',
    'neck inside',
    'mm',
    'vessel',
    0.034,
    [0.015, 0.09],
    [0.028, 0.05],
    { shape: 'normal', absolute: 0.0003 },
    { onShelf: 'mouthDiameter' },
  ),
])
export const EGG = defineInputs([
  blank(
    'eggDiameter',
    'egg across its waist',
    'mm',
    'load',
    0.039,
    [0.015, 0.09],
    [0.034, 0.05],
    { shape: 'normal', absolute: 0.0005 },
    { lever: [-0.003, -0.0015, 0.0015, 0.003] },
  ),
  blank(
    'eggMass',
    'egg without its shell',
    'g',
    'load',
    ({ numbers: n }) => usualMass(n.eggDiameter!),
    [2e-3, 0.4],
    [0.02, 0.08],
    0.05,
  ),
])

/** What an egg of a width weighs, whatever its shape: anything else is a slip, or no egg. */
export function eggWeighs({ numbers: n }: Has<'eggDiameter' | 'eggMass'>): Fault[] {
  const [least, most] = SHAPES.map(times => times * usualMass(n.eggDiameter))
  if (n.eggMass >= least && n.eggMass <= most) return []
  return [
    {
      input: 'eggMass',
      message: say`given ${asMass(n.eggMass, { digits: 4 })}; accepted: ${asMass(least, { digits: 3, toward: 'above' })}
        to ${asMass(most, { digits: 3, toward: 'below' })}, what an egg ${asLength(n.eggDiameter, { digits: 4 })} across
        weighs`,
    },
  ]
}

/** An egg that is in a bottle has room there. */
export const eggFits = (values: Has<'eggDiameter' | 'vesselVolume'>): Fault[] =>
  lengthAtMost(
    values,
    'eggDiameter',
    sphereDiameter(values.numbers.vesselVolume / SLENDER),
    'what has room in this bottle',
  )

export const EGG_END = defineInput({
  id: 'eggEnd',
  name: 'end that goes first',
  kind: 'choice',
  group: 'load',
  default: 'pointed',
  lever: true,
  choices: [
    { id: 'pointed', name: 'pointed end' },
    { id: 'blunt', name: 'blunt end' },
  ],
})
export const EGG_SKIN = defineInput({
  id: 'eggSkin',
  name: 'neck and egg',
  kind: 'choice',
  group: 'load',
  default: 'wet',
  lever: true,
  choices: [
    { id: 'dry', name: 'dry' },
    { id: 'wet', name: 'wet' },
    { id: 'oiled', name: 'oiled' },
  ],
})
const FRICTION: Readonly<Record<string, number>> = { dry: 0.3, wet: 0.12, oiled: 0.06 }

export const EGG_COEFFICIENTS = defineInputs([
  coefficient(
    'eggStiffness',
    'stiffness of the boiled egg',
    'kPa',
    26e3,
    [3e3, 300e3],
    [10e3, 60e3],
    0.25,
    'gels of boiled white some 20 to 40 kPa (texture studies of egg gels, from memory); longer boiled, stiffer',
  ),
  coefficient(
    'eggFriction',
    'friction of egg on glass',
    '%',
    v => FRICTION[v.choices.eggSkin ?? ''] ?? 0.12,
    [0.005, 0.9],
    [0.03, 0.5],
    0.25,
    'dry, wet and oiled gel on glass; assumption',
  ),
  coefficient(
    'keptStiffness',
    'share of its stiffness that stays under a lasting load',
    '%',
    0.4,
    [0.05, 1],
    [0.25, 0.65],
    { shape: 'triangular', below: 0.2, above: 0.25 },
    'stress relaxation of heat-set egg white: a third to a half stays (Peleg 1979 for the method; figures from memory)',
  ),
  coefficient(
    'relaxationTime',
    'time in which the rest gives way',
    's',
    15,
    [0.5, 600],
    [4, 60],
    0.6,
    'the same: some 5 to 60 s; longer boiled, slower',
  ),
  coefficient(
    'tearSqueeze',
    'squeeze at which the white tears',
    '%',
    0.2,
    [0.05, 0.6],
    [0.1, 0.4],
    0.12,
    'boiled white breaks at 30 to 45 % compression, and sooner where an edge cuts in; assumption',
  ),
])

export const fitOf = ({
  numbers: n,
  choices,
}: Has<'eggDiameter' | 'neckDiameter' | 'eggStiffness' | 'eggFriction', 'eggEnd'>): EggInNeck => ({
  egg: n.eggDiameter,
  neck: n.neckDiameter,
  stiffness: n.eggStiffness,
  friction: n.eggFriction,
  slope: choices.eggEnd === 'blunt' ? 0.34 : 0.24,
})
export const relaxingOf = ({ numbers: n }: Has<'keptStiffness' | 'relaxationTime'>): Relaxing => ({
  kept: n.keptStiffness,
  time: n.relaxationTime,
})
export const needed = (
  values: Has<'eggDiameter' | 'neckDiameter' | 'eggStiffness' | 'eggFriction', 'eggEnd'>,
): number => pushThrough(fitOf(values))
export const torn = (
  values: Has<'tearSqueeze' | 'eggDiameter' | 'neckDiameter' | 'eggStiffness' | 'eggFriction', 'eggEnd'>,
): boolean => tears(fitOf(values), values.numbers.tearSqueeze)

/** Diameter of a bottle body of a capacity, m: a cylinder 1.3 times as high as wide, less the shoulder. */
function bodyOf(volume: number, neck: number): BottleShape {
  let across = 0.03
  while ((Math.PI / 4) * across * across * across * 1.25 < volume) across *= 1.01
  return { diameter: Math.max(across, neck * 1.15), height: across * 1.75, neck, neckLength: across * 0.28 }
}

export const wallOf = ({ numbers: n }: Has<'vesselVolume' | 'neckDiameter'>): number => {
  const { diameter, height } = bodyOf(n.vesselVolume, n.neckDiameter)
  return Math.PI * diameter * height * 0.85 + (Math.PI * diameter * diameter) / 4
}

/** The bottle, upright or upside down; and the egg at a depth below its mouth (0: on it, 1: through). */
export function eggShapes(
  values: Has<'vesselVolume' | 'neckDiameter' | 'eggDiameter'>,
  through: number,
  ripped: boolean,
  gas: { air: number; vapour: number },
  upsideDown = false,
): { shapes: Shape[]; form: BottleShape; eggHigh: number } {
  const n = values.numbers
  const form = bodyOf(n.vesselVolume, n.neckDiameter)
  const lift = upsideDown ? 0.12 * form.height : 0
  const flip = (points: Point[]): Point[] =>
    upsideDown ? points.map(([x, y]) => [x, form.height - y + lift] as const) : points
  const wall = flip(bottle(0, 0, form))
  const eggHigh = n.eggDiameter * SLENDER
  const narrow = Math.max(0, 1 - Math.abs(through - 0.5) * 2)
  const width = n.eggDiameter - (n.eggDiameter - Math.min(n.eggDiameter, n.neckDiameter)) * Math.min(1, narrow * 1.6)
  const seat = form.height + eggHigh * 0.16
  const bottom = eggHigh * 0.5
  const y =
    through <= 0.5
      ? seat - through * 2 * (seat - (form.height - form.neckLength * 0.6))
      : form.height - form.neckLength * 0.6 - (through - 0.5) * 2 * (form.height - form.neckLength * 0.6 - bottom)
  const at = (x: number, dy: number): Point => [x, upsideDown ? form.height - (y + dy) + lift : y + dy]
  const egg: Shape[] = ripped
    ? [
        [-0.3, -0.2, 0.7],
        [0.28, 0.1, 0.6],
        [0.02, 0.42, 0.5],
      ].map(([dx, dy, size]): Shape => ({
        kind: 'round',
        at: at(dx * n.eggDiameter, dy * eggHigh),
        across: width * size,
        high: eggHigh * size * 0.8,
        stuff: 'food',
      }))
    : [{ kind: 'round', at: at(0, 0), across: width, high: (eggHigh * n.eggDiameter) / width, stuff: 'food' }]
  return {
    shapes: [
      { kind: 'gas', points: wall, ...gas },
      ...egg,
      { kind: 'body', points: wall, stuff: 'glass', open: true, thick: 3 },
    ],
    form,
    eggHigh,
  }
}
