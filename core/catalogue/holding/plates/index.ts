import { arch, blank, centimetres, coefficient, type Demonstration, kilopascals, kPa, newtons, rectangle, result, ROOM_INPUTS, said, seconds, type Shape, sideBySide, valueAt, type Values } from '../../../demonstration'
import { PUMP_INPUTS, pumpWords, pumpChoice, pumpingTime } from '../../vacuum/inputs'
import { VACUUM_SUSPECTS } from '../../vacuum/suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate } from './simulate'

const hemispheres = ({ choices }: Values): boolean => choices.pairShape === 'hemispheres'
/** What two people pulling against each other make: each some 300 N for a moment; from memory. */
const TUG = 300

export const plates: Demonstration = {
  id: 'plates', name: 'Plates that won’t part', summary: 'Two discs or half-spheres, pumped out: pulled at, or hung from, they hold.',
  noun: ['try', 'tries'],
  people: { performs: 14, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'holding', effect: 'Two people tug at two plates and can’t part them; a valve opens, and they fall apart.', topics: ['air pressure', 'force and area', 'vacuum'], ages: [7, 18] },
  hushWords: { inside: 'air left between', strength: '' },
  shelf: [{ step: 'pump', kind: 'pump' }],
  logged: { used: ['sealDiameter', 'loadMass'], seen: ['finalPressure', 'holdTime'] },
  inputs: [
    ...ROOM_INPUTS,
    { id: 'pairShape', name: 'pair', kind: 'choice', group: 'vessel', default: 'discs', choices: [{ id: 'discs', name: 'flat plates' }, { id: 'hemispheres', name: 'half-spheres' }] },
    blank('sealDiameter', 'inside of the seal', 'cm', 'vessel', 0.16, [0.02, 0.6], [0.06, 0.3], 0.015),
    blank('chamberVolume', 'air between them', 'mL', 'vessel', v => hemispheres(v) ? Math.PI / 6 * v.numbers.sealDiameter! * v.numbers.sealDiameter! * v.numbers.sealDiameter! : Math.PI / 4 * v.numbers.sealDiameter! * v.numbers.sealDiameter! * 0.008, [1e-6, 0.1], [10e-6, 3e-3], 0.1),
    pumpChoice('hand', true), ...PUMP_INPUTS, pumpingTime(60),
    blank('waitTime', 'valve shut until the load', 's', 'load', 20, [0, 3600], [2, 120], { shape: 'lognormal', relative: 0.3 }, { lever: [-10, 40] }),
    blank('loadMass', 'what hangs or pulls, as a mass', 'kg', 'load', 45, [0.1, 3000], [5, 120], 0.03, { lever: [-15, 15] }),
    blank('hangTime', 'it hangs for', 's', 'load', 10, [0.5, 600], [2, 60], { shape: 'lognormal', relative: 0.3 }),
    coefficient('jerk', 'pull against the weight at rest', '1', 1.35, [1, 4], [1, 2.5], { shape: 'triangular', below: 0.25, above: 0.55 }, 'somebody who hangs on carefully; a jump doubles it and more; assumption'),
    coefficient('straightness', 'share of the force when not pulled quite straight', '%', 0.85, [0.2, 1], [0.6, 1], { shape: 'uniform', below: 0.15, above: 0.12 }, 'a pull beside the middle parts one edge first; assumption'),
    coefficient('leakArea', 'leak of the seal', 'mm2', 3e-10, [0, 1e-6], [0, 1e-8], 0.9, 'a clean greased ring keeps for minutes; a hair in it does not; measure by watching the gauge'),
  ],
  results: [
    result('holdingForce', 'holds at first', 'N'), result('holdingAtLoad', 'holds when loaded', 'N'), result('pull', 'pull, with the jerk', 'N'), result('safetyFactor', 'holding force over pull', '1'), result('proofLoad', 'proof load first', 'N'), result('holdTime', 'would hold this load for', 's'),
    result('mostPossible', 'most with nothing left inside', 'N'), result('finalPressure', 'pressure between them', 'kPa'), result('peakPressureDifference', 'greatest pressure difference', 'kPa'), result('timeToPump', 'time at the pump', 's'), result('strokes', 'strokes', '1'), result('hush', 'holds for', 's'),
  ],
  outcomes: [
    { id: 'holds', look: 'gone', name: 'holds to the end', sentence: 'The plates hold until the valve is opened.' },
    { id: 'parts', look: 'partly', name: 'lets go while loaded', sentence: 'They hold for a while, then let go with a bang.' },
    { id: 'weak', look: 'nothing', name: 'does not take the load', sentence: 'They part as soon as the load is on.' },
  ],
  wanted: 'holds', columns: COLUMNS,
  procedure: [
    { id: 'grease', parts: ['Wipe and grease the rims of a pair of ', { input: 'pairShape' }, ', ', { input: 'sealDiameter' }, ' across inside the seal, ', { input: 'chamberVolume' }, ' of air between them.'] },
    { id: 'pump', hazards: ['vacuum'], parts: values => ['Pump with a ', ...pumpWords(values), ' for at most ', { input: 'pumpTime' }, '; shut the valve.'], duration: s => s.results.timeToPump },
    { id: 'hang', hazards: ['load'], marks: ['sealed'], parts: ['After ', { input: 'waitTime' }, ' hang ', { input: 'loadMass' }, ' on it for ', { input: 'hangTime' }, '.'], duration: s => s.results.hush },
    { id: 'open', parts: ['Load off first; then open the valve: they part by themselves.'] },
  ],
  suspects: VACUUM_SUSPECTS,
  check: () => [], simulate,
  ledger: ({ details: d }) => ({ moment: 'when the load comes on', difference: d.difference!, rows: [{ id: 'pumped', cause: 'air taken out by the pump', pressure: d.difference! + d.leaked! }, { id: 'leak', cause: 'air that leaked back (gives back)', pressure: -d.leaked! }] }),
  kit: () => ['pair of plates or half-spheres with handles', 'pump, hose, valve', 'gauge', 'vacuum grease', 'lint-free cloth', 'weights for the proof load', 'strap as a second hold', 'mat'],
  drawing(values, s, time) {
    const n = values.numbers
    const [pressure, holding, pull] = ['pressure', 'holding', 'pull'].map(c => valueAt(s.trace!, c, time)) as [number, number, number]
    const d = n.sealDiameter!
    const apart = s.results.hush !== undefined && time > s.details.goneAt! + 0.01 ? d * 0.35 : 0
    const y = d * 1.3
    const round = hemispheres(values)
    const thick = 0.06 * d
    const half = (up: number): Shape => ({ kind: 'body', stuff: 'metal', points: round
      ? [...arch(0, y + (up > 0 ? 0 : -apart), d / 2 + thick, up * (d / 2 + thick)), ...arch(0, y + (up > 0 ? 0 : -apart), d / 2, up * d / 2).reverse()]
      : rectangle(-d / 2 - thick, up > 0 ? y + 0.02 * d : y - 0.02 * d - thick - apart, d + 2 * thick, thick) })
    const reach = round ? d / 2 + thick : thick + 0.02 * d
    const shapes: Shape[] = [
      ...(apart ? [] : [{ kind: 'gas', points: round ? [...arch(0, y, d / 2, d / 2), ...arch(0, y, d / 2, -d / 2).reverse()] : rectangle(-d / 2, y - 0.02 * d, d, 0.04 * d), air: pressure / n.stationPressure!, vapour: 0 } as Shape]),
      half(1), half(-1),
      { kind: 'body', points: [[0, y + reach], [0, y + reach + 0.3 * d]], stuff: 'metal', open: true, thick: 4 }, { kind: 'body', points: [[-0.16 * d, y + reach + 0.3 * d], [0.16 * d, y + reach + 0.3 * d]], stuff: 'metal', open: true, thick: 5 },
      { kind: 'body', points: [[0, y - reach - apart], [0, y - reach - apart - 0.22 * d]], stuff: 'metal', open: true, thick: 4 },
      ...(pull > 0 ? [{ kind: 'body', points: rectangle(-0.22 * d, y - reach - apart - 0.55 * d, 0.44 * d, 0.33 * d), stuff: 'ink' } as Shape] : []),
      ...[-0.62, 0, 0.62].flatMap((x): Shape[] => apart ? [] : [
        { kind: 'push', stuff: 'outside-air', from: [x * d * 0.7, y + reach + 0.26 * d], to: [x * d * 0.7, y + reach * Math.sqrt(1 - (round ? x * x * 0.5 : 0)) + 0.03 * d] },
        { kind: 'push', stuff: 'outside-air', from: [x * d * 0.7 + 0.07 * d, y - reach - 0.22 * d], to: [x * d * 0.7 + 0.07 * d, y - reach * Math.sqrt(1 - (round ? x * x * 0.5 : 0)) - 0.03 * d] },
      ]),
      { kind: 'note', at: [d * 0.75, y + 0.12 * d], anchor: 'start', stuff: 'ink', said: ['between ', kPa(pressure)] }, { kind: 'note', at: [d * 0.75, y - 0.12 * d], anchor: 'start', stuff: 'outside-air', said: ['outside ', kPa(n.stationPressure!)] },
      { kind: 'note', at: [-d * 0.75, y + 0.12 * d], anchor: 'end', stuff: 'ink', said: ['holds ', said(holding, 'force', 'N', 'lbf')] }, { kind: 'note', at: [-d * 0.75, y - 0.12 * d], anchor: 'end', stuff: 'danger', said: ['pull ', said(pull, 'force', 'N', 'lbf')] },
    ]
    return { kind: 'plates', numbers: {}, scene: { frame: { left: -2.4 * d, right: 2.4 * d, bottom: round ? -0.2 * d : 0.1 * d, top: y + reach + 0.4 * d }, shapes, caption: [apart ? 'Apart.' : 'The room presses them together with ', ...(apart ? [] : [said(holding, 'force', 'N', 'lbf')]), apart ? '' : '.'] } }
  },
  why: (values, s) => [
    `The room presses on ${centimetres(values.numbers.sealDiameter!)} across with ${kilopascals(s.results.peakPressureDifference!)} more than what is left inside: ${newtons(s.results.holdingForce!)}, of at most ${newtons(s.results.mostPossible!)} with nothing inside. Half-spheres hold no more than flat plates of the same width: only the opening counts.`,
    s.outcome === 'holds' ? `The pull of ${newtons(s.results.pull!)} is ${s.results.safetyFactor!.toFixed(1)} times less${s.results.holdTime === undefined ? '' : `; the seal's leak would part them after ${seconds(s.results.holdTime)}`}.` : `The pull of ${newtons(s.results.pull!)} is too much: a wider pair, a better vacuum, or less load.`,
  ],
  advice: (_values, s) => [{ text: `Proof load: ${newtons(s.results.proofLoad!)}, before anybody hangs. It would take about ${Math.max(1, Math.ceil(s.results.holdingAtLoad! / TUG))} people tugging at each side to part them straight.` }],
  explanation: (values, s) => [
    { from: 7, text: 'There is no glue. We took the air away from between. The air outside pushes from both sides, and nothing pushes back.' },
    { from: 11, text: `Air presses on every square centimetre with about ${(values.numbers.stationPressure! / 98066).toFixed(1)} kg. On this plate that makes ${newtons(s.results.holdingForce!)}.` },
    { from: 14, text: `Force is pressure difference times area: ${kilopascals(s.results.peakPressureDifference!)} × ${(s.details.area! * 1e4).toFixed(0)} cm² × ${(values.numbers.straightness! * 100).toFixed(0)} % for a pull that is not quite straight.` },
    { from: 16, text: 'For half-spheres add up the components along the pull: ∫ p cos θ dA is p π r², the projected area. The second team of horses only replaces a wall. Leakage is choked while the inside is under half the outside, so the pressure rises in a straight line at first.' },
  ],
  teaching: {
    wrongIdea: { idea: 'The vacuum inside holds them together.', answer: 'A vacuum can’t hold anything. The room holds them together; on the Moon they would fall apart.' },
    before: ['What holds them?', 'Would larger plates be harder to part?', 'Do two teams pull twice as hard as one team and a wall?'],
    after: ['Why did they part so easily with the valve open?', 'Would they hold better at the sea or up here?'],
    elsewhere: ['Suction cups on glass.', 'A wet glass on a wet table.', 'Vacuum lifters for stone plates.', 'A fresh jar’s lid.'],
  },
  variants: values => sideBySide('Widths side by side', values, simulate, ['holdingForce', 'safetyFactor', 'holdTime'], [0.75, 1, 1.5].map(factor => ({
    name: `${centimetres(values.numbers.sealDiameter! * factor)} across`,
    numbers: { sealDiameter: values.numbers.sealDiameter! * factor, chamberVolume: values.numbers.chamberVolume! * factor * factor * (hemispheres(values) ? factor : 1) },
  }))),
  sizes: (_values, s) => [
    { id: 'holdingForce', name: 'holding force', value: s.results.holdingForce!, quantity: 'force', units: ['N', 'lbf'], note: 'difference × area inside the seal, pulled not quite straight' },
    { id: 'most', name: 'most with nothing left inside', value: s.results.mostPossible!, quantity: 'force', units: ['N', 'lbf'], note: 'outside pressure × the same area' },
  ],
}
