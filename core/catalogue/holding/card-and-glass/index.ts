import { blank, centimetres, coefficient, type Demonstration, kilograms, kilopascals, kPa, newtons, pascals, percent, type Point, rectangle, result, ROOM_INPUTS, said, seconds, type Shape, valueAt, type Values } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, badFills, simulate } from './simulate'

const CARDS: Readonly<Record<string, { name: string, mass: number, soak: number, seal: number }>> = {
  plastic: { name: 'a stiff plastic card', mass: 6e-3, soak: 3e4, seal: 0.3 }, card: { name: 'smooth cardboard', mass: 3e-3, soak: 240, seal: 0.34 }, paper: { name: 'writing paper', mass: 0.8e-3, soak: 35, seal: 0.36 },
}
const card = ({ choices }: Values) => CARDS[choices.card!] ?? CARDS.card!
const CELSIUS = 273.15

/** More than this falls on nobody, m3. Our own rule. */
const MOST_WATER = 5e-3

export const cardAndGlass: Demonstration = {
  id: 'card-and-glass', name: 'Card under a glass', summary: 'A glass of water, a card on it, turned over: the card stays.',
  noun: ['try', 'tries'],
  people: { performs: 6, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'holding', effect: 'A glass of water is turned over, and nothing comes out.', topics: ['air pressure', 'gas laws', 'surface tension'], ages: [7, 14] },
  hushWords: { inside: 'air over the water', strength: '' }, shelf: [],
  logged: { used: ['fillShare', 'glassHeight', 'card'], seen: ['hush'] },
  inputs: [
    ...ROOM_INPUTS,
    blank('glassDiameter', 'glass across at the rim', 'cm', 'vessel', 0.07, [0.01, 0.3], [0.04, 0.12], 0.01), blank('glassHeight', 'glass high inside', 'cm', 'vessel', 0.12, [0.02, 1.5], [0.06, 0.4], 0.01),
    blank('fillShare', 'filled to', '%', 'water', 0.7, [0.02, 1], [0.1, 1], { shape: 'normal', absolute: 0.03 }, { lever: [-0.3, 0.25] }),
    blank('waterTemperature', 'water', 'degC', 'water', CELSIUS + 18, [CELSIUS + 1, CELSIUS + 60], [CELSIUS + 5, CELSIUS + 40], { shape: 'normal', absolute: 2 }),
    { id: 'card', name: 'card', kind: 'choice', group: 'load', default: 'card', lever: true, choices: Object.entries(CARDS).map(([id, { name }]) => ({ id, name })) },
    blank('holdTime', 'held over for', 's', 'load', 20, [0.5, 3600], [3, 120], 0.1, { lever: [-10, 40] }),
    coefficient('cardMass', 'card', 'g', v => card(v).mass, [0.1e-3, 0.2], [0.5e-3, 0.02], 0.15, 'by the kind; weigh it'),
    coefficient('rimSeal', 'gap that stays closed, of the capillary length', '%', v => card(v).seal, [0.01, 1.5], [0.1, 0.8], 0.25, 'a wet, flat rim; chipped or greasy rims a tenth; assumption, the capillary length is 2.7 mm'),
    coefficient('soakTime', 'card goes limp after', 's', v => card(v).soak, [1, 1e5], [10, 1e4], 0.4, 'by the kind; assumption'),
  ],
  results: [
    result('sag', 'card must hang lower by', 'mm'), result('sealedGap', 'and may by', 'mm'), result('peakPressureDifference', 'trapped air falls by', 'Pa'), result('waterHeld', 'water held', 'g'), result('waterWeight', 'it weighs', 'N'), result('airPush', 'room pushes up on the card with', 'N'), result('hush', 'holds for', 's'),
  ],
  outcomes: [
    { id: 'holds', look: 'gone', name: 'holds', sentence: 'The card stays and the water with it.' },
    { id: 'later', look: 'partly', name: 'holds, then falls', sentence: 'It holds for a while, then the card goes limp and the water falls.' },
    { id: 'falls', look: 'nothing', name: 'falls at once', sentence: 'The card slips and the water falls as it is turned.' },
  ],
  wanted: 'holds', columns: COLUMNS,
  procedure: [
    { id: 'fill', parts: ['Fill a glass, ', { input: 'glassDiameter' }, ' across and ', { input: 'glassHeight' }, ' high, to ', { input: 'fillShare' }, ' of its height with water at ', { input: 'waterTemperature' }, '; wet its rim.'] },
    { id: 'turn', hazards: ['load'], marks: ['sealed'], parts: ['Lay ', { input: 'card' }, ' on it, hand flat against it, and turn it over above a bowl.'] },
    { id: 'hold', parts: ['Take the hand away and hold it for ', { input: 'holdTime' }, '.'], duration: s => s.results.hush },
  ],
  check: ({ numbers: n }) => {
    const water = n.fillShare! * Math.PI / 4 * n.glassDiameter! * n.glassDiameter! * n.glassHeight!
    return water <= MOST_WATER ? [] : [{ input: 'glassHeight', message: `given ${centimetres(n.glassHeight!)}; refused: ${kilograms(1000 * water)} of water held up by a card; accepted: at most ${kilograms(1000 * MOST_WATER)} in all` }]
  },
  simulate,
  ledger: ({ details: d }) => ({ moment: 'turned over', difference: d.difference!, rows: [{ id: 'stretched', cause: 'trapped air, given a little more room as the card hangs lower', pressure: d.difference! }] }),
  kit: values => ['glass or tumbler', card(values).name, 'bowl', 'water', 'mop', 'ruler'],
  drawing(values, s, time) {
    const n = values.numbers
    const [turned, hang, left, pressure] = ['turned', 'sag', 'waterLeft', 'pressure'].map(c => valueAt(s.trace!, c, time)) as [number, number, number, number]
    const [d, h] = [n.glassDiameter!, n.glassHeight!]
    const over = turned >= 0.5
    const base = 0.35 * h + 0.15 * h
    const narrow = 0.82
    const wall: Point[] = over
      ? [[-d / 2, base], [-d / 2 * narrow, base + h], [d / 2 * narrow, base + h], [d / 2, base]]
      : [[-d / 2, base + h], [-d / 2 * narrow, base], [d / 2 * narrow, base], [d / 2, base + h]]
    const level = n.fillShare! * left * h
    const at = (y: number) => d / 2 * (over ? 1 - (1 - narrow) * y / h : narrow + (1 - narrow) * y / h)
    // A sag of a fraction of a millimetre is drawn ten times as large.
    const low = base - Math.min(0.06 * h, hang * 10)
    const shapes: Shape[] = [
      { kind: 'gas', points: wall, air: pressure / n.stationPressure!, vapour: 0 },
      { kind: 'body', points: [[-at(0), over ? low : base], [-at(level), base + level], [at(level), base + level], [at(0), over ? low : base]], stuff: 'water', opacity: 0.85 },
      { kind: 'body', points: wall, stuff: 'glass', open: true, thick: 3 },
      ...(left > 0.98 ? [{ kind: 'body', points: rectangle(-d * 0.65, over ? low - 0.02 * h : base + h, d * 1.3, 0.02 * h), stuff: 'card' } as Shape] : [{ kind: 'body', points: rectangle(-d * 0.5, 0.05 * h, d * 1.3, 0.02 * h), stuff: 'card' } as Shape]),
      { kind: 'body', points: [[-d * 1.1, 0.28 * h], [-d * 0.9, 0], [d * 0.9, 0], [d * 1.1, 0.28 * h]], stuff: 'metal', open: true, thick: 2 },
      ...(left < 0.98 ? [{ kind: 'body', points: rectangle(-d * 0.3, 0.03 * h, d * 0.6, base), stuff: 'water', opacity: 0.6 } as Shape, { kind: 'body', points: rectangle(-d * 0.95, 0.01 * h, d * 1.9, 0.1 * h), stuff: 'water', opacity: 0.6 } as Shape] : []),
      ...(over && left > 0.98 ? [-0.5, 0, 0.5].map((x): Shape => ({ kind: 'push', stuff: 'outside-air', from: [x * d, low - 0.26 * h], to: [x * d, low - 0.04 * h] })) : []),
      { kind: 'note', at: [d * 0.85, base + h * 0.85], anchor: 'start', stuff: 'ink', said: ['trapped air ', kPa(pressure)] }, { kind: 'note', at: [d * 0.85, base - 0.1 * h], anchor: 'start', stuff: 'outside-air', said: ['outside ', kPa(n.stationPressure!)] },
      ...(over ? [{ kind: 'note', at: [-d * 0.85, base], anchor: 'end', stuff: 'ink', said: ['card lower by ', said(hang, 'length', 'mm', 'in')] } as Shape] : []),
    ]
    return { kind: 'glass', numbers: {}, scene: { frame: { left: -1.9 * h, right: 1.9 * h, bottom: 0, top: base + 1.08 * h }, shapes, caption: [left < 0.98 ? 'Down it comes.' : over ? 'The room pushes up; the card hangs a hair lower (drawn ten times as much).' : 'Hand flat on the card, turn.'] } }
  },
  why: (values, s) => [
    `The room pushes up with ${newtons(s.results.airPush!)}, the water weighs only ${newtons(s.results.waterWeight!)}: no lack of push. But the trapped air pushes down nearly as hard. It must lose ${pascals(s.results.peakPressureDifference!)}, and it does so by the card hanging ${centimetres(s.results.sag!)} lower; the wet rim stays closed up to ${centimetres(s.results.sealedGap!)}.`,
    ...(s.outcome === 'later' ? [`Then the card goes limp, after ${seconds(values.numbers.soakTime!)}.`] : s.outcome === 'falls' ? ['That is more than the rim keeps closed: air gets in.'] : []),
  ],
  advice(values) {
    const bad = badFills(values)
    return [bad ? { text: `With this glass it falls between ${percent(bad[0])} and ${percent(bad[1])} full: fill it to the brim, or take a shorter glass.`, take: { input: 'fillShare', value: Math.min(1, bad[1] + 0.05) } } : { text: 'This glass holds however full it is; half full asks most of it.' }]
  },
  explanation: (values, s) => [
    { from: 7, text: 'The air under the card pushes up, and it is stronger than the water is heavy.' },
    { from: 11, text: `Air pushes on the card from below with ${newtons(s.results.airPush!)}; the water is only ${newtons(s.results.waterWeight!)}. The wet rim keeps air from slipping in.` },
    { from: 14, text: `There is air in the glass as well. When the card hangs ${centimetres(s.results.sag!)} lower, that air has a little more room and its pressure falls by ${pascals(s.results.peakPressureDifference!)}: just what carries the water.` },
    { from: 16, text: `p0 V/(V + A s) + ρ g h = p0 gives s = H(1 − f) ρ g h/(p0 − ρ g h): greatest at half full. The film closes gaps up to about a third of the capillary length √(σ/ρg) = 2.7 mm. In a glass of a metre it would not hold, ${kilopascals(values.numbers.stationPressure!)} or not.` },
  ],
  teaching: {
    wrongIdea: { idea: 'It only works with a full glass, because no air may be inside.', answer: 'It works half full as well. The air inside spreads a hair and pushes that much less. In a very tall glass half full it fails.' },
    before: ['Does it work half full? With hot water?', 'What will happen at the first hole in the card?'],
    after: ['What did the air inside do?', 'Why must the rim be wet?'],
    elsewhere: ['A straw with a finger on it.', 'A pet’s water bottle.', 'A wine siphon.', 'A water cooler’s upturned bottle.'],
  },
  sizes: (_values, s) => [{ id: 'airPush', name: 'room pushing up', value: s.results.airPush!, quantity: 'force', units: ['N', 'lbf'], note: 'outside pressure × the rim’s area' }, { id: 'waterWeight', name: 'water held', value: s.results.waterWeight!, quantity: 'force', units: ['N', 'lbf'], note: 'its weight' }],
}
