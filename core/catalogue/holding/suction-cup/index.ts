import { arch, blank, centimetres, coefficient, type Demonstration, kilopascals, kPa, newtons, percent, rectangle, result, ROOM_INPUTS, seconds, type Shape, valueAt, type Values } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate } from './simulate'

/** Air kept when pressed on, how far it opens, and when the rim peels; assumptions. */
const CUPS: Readonly<Record<string, { name: string, across: number, volume: number, kept: number, opening: number, peel: number }>> = {
  plunger: { name: 'a drain plunger', across: 0.13, volume: 350e-6, kept: 0.35, opening: 1, peel: 0.45 },
  sheet: { name: 'a rubber sheet with a knob', across: 0.22, volume: 260e-6, kept: 0.04, opening: 1, peel: 0.35 },
  hook: { name: 'a hook cup', across: 0.055, volume: 9e-6, kept: 0.08, opening: 1, peel: 0.7 },
}
const cup = ({ choices }: Values) => CUPS[choices.cup!] ?? CUPS.plunger!
/** Effective leak under a wetted rim, m2; orders of magnitude, assumption. */
const SURFACES: Readonly<Record<string, { name: string, leak: number }>> = {
  'glass': { name: 'glass or polished steel', leak: 2e-11 }, 'varnish': { name: 'varnished or plastic seat', leak: 1.5e-9 }, 'wood': { name: 'planed bare wood', leak: 6e-7 },
}

export const suctionCup: Demonstration = {
  id: 'suction-cup', name: 'Lift it by a cup', summary: 'A plunger or a rubber sheet pressed on a seat or a table lifts it.',
  noun: ['try', 'tries'],
  people: { performs: 8, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'holding', effect: 'A plunger lifts a stool; somebody lets a corner in, and it drops.', topics: ['air pressure', 'force and area'], ages: [7, 14] },
  hushWords: { inside: 'air under the cup', strength: '' }, shelf: [],
  logged: { used: ['loadMass', 'surface'], seen: ['hush'] },
  inputs: [
    ...ROOM_INPUTS,
    { id: 'cup', name: 'cup', kind: 'choice', group: 'vessel', default: 'plunger', lever: true, choices: Object.entries(CUPS).map(([id, { name }]) => ({ id, name })) },
    blank('cupDiameter', 'inside of its rim', 'cm', 'vessel', v => cup(v).across, [0.01, 0.6], [0.03, 0.3], 0.03),
    blank('cupVolume', 'space under it, at rest', 'mL', 'vessel', v => cup(v).volume, [0.5e-6, 5e-3], [3e-6, 1e-3], 0.1),
    { id: 'surface', name: 'on', kind: 'choice', group: 'load', default: 'varnish', lever: true, choices: Object.entries(SURFACES).map(([id, { name }]) => ({ id, name })) },
    blank('loadMass', 'what is lifted', 'kg', 'load', 5, [0.05, 100], [1, 30], 0.03, { lever: [-2, 3, 10] }),
    blank('liftTime', 'held up for', 's', 'load', 10, [0.5, 3600], [3, 60], { shape: 'lognormal', relative: 0.2 }, { lever: [-5, 20] }),
    coefficient('airKept', 'air left under it when pressed on', '%', v => cup(v).kept, [0.005, 0.95], [0.02, 0.6], 0.25, 'by the kind of cup; how hard it is pressed; assumption'),
    coefficient('opening', 'how far the pull opens it again', '%', v => cup(v).opening, [0.1, 3], [0.5, 1.5], 0.15, '100 %: back to its shape at rest; assumption'),
    coefficient('peelLimit', 'difference at which its rim peels, of the outside', '%', v => cup(v).peel, [0.02, 0.98], [0.2, 0.8], 0.2, 'a soft rim creeps inwards and folds; assumption'),
    coefficient('effectiveArea', 'area that holds, of the rim’s', '%', 0.9, [0.3, 1], [0.7, 1], { shape: 'uniform', below: 0.1, above: 0.1 }, 'the rim’s own width; assumption'),
    coefficient('jerk', 'pull against the weight at rest', '1', 1.2, [1, 4], [1, 2], { shape: 'triangular', below: 0.15, above: 0.4 }, 'lifted smoothly; assumption'),
    coefficient('leakArea', 'leak under the rim', 'mm2', v => (SURFACES[v.choices.surface!] ?? SURFACES.varnish!).leak, [0, 1e-5], [0, 1e-8], 0.8, 'by the surface, wetted; assumption, measure how long it holds'),
  ],
  results: [
    result('holdingForce', 'holds', 'N'), result('pull', 'pull, with the jerk', 'N'), result('safetyFactor', 'holding force over pull', '1'), result('lowestPressure', 'pressure under the cup', 'kPa'), result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
    result('mostDifference', 'most this cup can make', 'kPa'), result('holdTime', 'the leak lets it hold for', 's'), result('hush', 'comes off after', 's'),
  ],
  outcomes: [
    { id: 'lifts', look: 'gone', name: 'lifts and holds', sentence: 'It lifts and holds as long as wanted.' },
    { id: 'later', look: 'partly', name: 'lifts, then lets go', sentence: 'It lifts, then lets go.' },
    { id: 'off', look: 'nothing', name: 'comes off', sentence: 'The cup comes off with a pop.' },
  ],
  wanted: 'lifts', columns: COLUMNS,
  procedure: [
    { id: 'press', parts: ['Wet the rim of ', { input: 'cup' }, ' (', { input: 'cupDiameter' }, ' across, ', { input: 'cupVolume' }, ' under it) and press it hard on ', { input: 'surface' }, '.'] },
    { id: 'lift', hazards: ['load'], marks: ['sealed'], parts: ['Pull straight up, smoothly: it lifts ', { input: 'loadMass' }, ' for ', { input: 'liftTime' }, '.'], duration: s => s.results.hush },
    { id: 'off', parts: ['Set it down; lift one edge of the rim with a fingernail: it is off.'] },
  ],
  check: () => [], simulate,
  ledger: ({ details: d }) => ({ moment: 'while it is lifted', difference: d.difference!, rows: [{ id: 'stretched', cause: 'the air it kept, given more room by the pull', pressure: d.difference! }] }),
  kit: () => ['plunger or rubber sheet', 'wet cloth', 'stool or small table with a smooth top', 'mat', 'spring balance'],
  drawing(values, s, time) {
    const n = values.numbers
    const d = n.cupDiameter!
    const [pressure, lifted, opened] = ['pressure', 'lifted', 'opened'].map(c => valueAt(s.trace!, c, time)) as [number, number, number]
    const gone = s.details.goneAt !== undefined && time > s.details.goneAt + 0.005
    const up = lifted >= 1 && !gone ? 0.25 * d : 0
    const top = 0.9 * d + up
    const rise = d * (0.16 + 0.24 * Math.max(0, Math.min(1, opened)))
    const away = gone ? 0.35 * d : 0
    const shape = arch(0, top + away, d / 2, rise)
    const shapes: Shape[] = [
      { kind: 'body', points: rectangle(-d, top - 0.1 * d, 2 * d, 0.1 * d), stuff: 'card' }, { kind: 'body', points: rectangle(-0.85 * d, up, 0.1 * d, top - 0.1 * d - up), stuff: 'card' }, { kind: 'body', points: rectangle(0.75 * d, up, 0.1 * d, top - 0.1 * d - up), stuff: 'card' },
      ...(gone ? [] : [{ kind: 'gas', points: shape, air: pressure / n.stationPressure!, vapour: 0 } as Shape]),
      { kind: 'body', points: shape, stuff: 'rubber', open: true, thick: 6 },
      { kind: 'body', points: [[0, top + rise + away], [0, top + rise + 0.45 * d + away]], stuff: 'ink', open: true, thick: 5 },
      ...(gone ? [] : [-0.34, 0.34].map((x): Shape => ({ kind: 'push', stuff: 'outside-air', from: [x * d, top + rise + 0.3 * d], to: [x * d, top + rise * 0.75] }))),
      ...(gone ? [] : [-0.3, 0.3].map((x): Shape => ({ kind: 'push', stuff: 'outside-air', from: [x * d, top - 0.42 * d], to: [x * d, top - 0.12 * d] }))),
      { kind: 'note', at: [1.15 * d, top + 0.1 * d], anchor: 'start', stuff: 'ink', said: ['under it ', kPa(pressure)] }, { kind: 'note', at: [1.15 * d, top + 0.4 * d], anchor: 'start', stuff: 'outside-air', said: ['outside ', kPa(n.stationPressure!)] },
    ]
    return { kind: 'cup', numbers: {}, scene: { frame: { left: -2.2 * d, right: 2.4 * d, bottom: 0, top: 2.25 * d }, shapes, caption: [gone ? 'Off.' : up > 0 ? 'Lifted: the room pushes the seat up against the cup.' : 'Pulled: the little air under it spreads out and pushes less.'] } }
  },
  why: (values, s) => [
    `Pressed on, it keeps ${percent(values.numbers.airKept!)} of its air. Pulled, that air gets more room: at most ${kilopascals(s.results.mostDifference!)} less than the room, over ${centimetres(values.numbers.cupDiameter!)}: ${newtons(s.results.holdingForce!)}${s.details.peels ? ', where its rim peels' : ''}.`,
    s.outcome === 'off' ? `The pull is ${newtons(s.results.pull!)}: too much for it.` : s.outcome === 'later' ? `Air creeps in under the rim: it lets go after ${seconds(s.results.holdTime!)}. Wet the rim, or a smoother top.` : `The pull is ${newtons(s.results.pull!)}.`,
  ],
  explanation: (values, s) => [
    { from: 7, text: 'When you press the cup, most of its air goes out. The air in the room then holds it on, like a hand, from above and from below.' },
    { from: 11, text: `It holds ${newtons(s.results.holdingForce!)}. Let a little air in under the rim and both sides are the same again: it falls off.` },
    { from: 14, text: `Boyle for the air it kept: ${percent(values.numbers.airKept!)} of the volume at rest, opened out, would have ${kilopascals(values.numbers.stationPressure! - s.results.mostDifference!)}. Difference times area gives the force.` },
    { from: 16, text: 'The cup makes its own vacuum: the harder you pull, the more it opens and the lower the pressure, until the rim peels or it is open as far as it goes. That is why kept air, stiffness of the rim and roughness decide, and not the pull alone.' },
  ],
  teaching: {
    wrongIdea: { idea: 'The cup sucks itself on, or it is sticky.', answer: 'Nothing sticks. With one pinhole the same rubber holds nothing.' },
    before: ['Why press it first?', 'Will it lift a bare plank?'],
    after: ['Who lifts the seat: the cup or the air under the seat?', 'Why does wetting help?'],
    elsewhere: ['Hooks on tiles.', 'Glaziers’ lifters.', 'Limpets and octopus arms.', 'Robots that pick up cartons.'],
  },
  sizes: (values, s) => [{ id: 'holdingForce', name: 'holding force', value: s.results.holdingForce!, quantity: 'force', units: ['N', 'lbf'], note: 'difference it can make × area' }, { id: 'most', name: 'most any cup of this width could', value: values.numbers.stationPressure! * s.details.area!, quantity: 'force', units: ['N', 'lbf'], note: 'outside pressure × area' }],
}
