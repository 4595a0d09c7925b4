import { blank, bottle, celsius, centimetres, coefficient, type Demonstration, dome, millilitres, percent, type Point, rectangle, result, ROOM_INPUTS, said, seconds, type Shape, sideBySide, valueAt, type Values } from '../../../demonstration'
import { WALL_TRANSFER } from '../inputs'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, dishWater, simulate, volumeFor } from './simulate'

/** A soup plate or a baking dish, m. */
const DISH = 0.2
const rimWidth = ({ numbers: n, choices }: Values): number => choices.jarShape === 'necked' ? n.mouthDiameter! : n.jarDiameter!

export const candleJar: Demonstration = {
  id: 'candle-jar', name: 'Candle under a jar', summary: 'A candle in a dish of water, a jar over it: the flame dies, and the water rises.',
  noun: ['try', 'tries'],
  people: { performs: 11, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'hot-air', effect: 'The flame shrinks and dies, and water climbs into the jar.', topics: ['combustion', 'gas laws', 'air pressure', 'wrong ideas'], ages: [7, 18] },
  hushWords: { inside: 'oxygen left of the air', strength: '' },
  shelf: [{ step: 'cover', kind: 'vessel', shapes: ['cylinder', 'bell-jar'], materials: ['glass'], capacity: [0.05e-3, 3e-3] }],
  logged: { used: ['jarVolume', 'flamePower', 'candles'], seen: ['level', 'flameTime', 'bubbles'] },
  inputs: [
    ...ROOM_INPUTS,
    blank('jarVolume', 'jar', 'mL', 'vessel', 900e-6, [50e-6, 12e-3], [200e-6, 3e-3], 0.02),
    blank('jarDiameter', 'jar across', 'cm', 'vessel', 0.095, [0.03, 0.4], [0.05, 0.2], 0.01),
    { id: 'jarShape', name: 'shape', kind: 'choice', group: 'vessel', default: 'straight', lever: true, source: 'A straight jar shows the true share; a flask’s neck makes the same volume look like much, and faster.', choices: [{ id: 'straight', name: 'straight jar' }, { id: 'necked', name: 'flask with its neck down' }] },
    blank('mouthDiameter', 'its neck, if it has one', 'cm', 'vessel', 0.045, [0.015, 0.3], [0.03, 0.1], 0.02), blank('neckLength', 'neck long', 'cm', 'vessel', 0.08, [0.005, 0.4], [0.02, 0.2], 0.03),
    blank('dishDiameter', 'dish across', 'cm', 'vessel', DISH, [0.04, 1], [0.12, 0.4], 0.01),
    blank('waterDepth', 'water in it deep', 'cm', 'water', 0.013, [0.001, 0.15], [0.005, 0.04], { shape: 'normal', absolute: 0.001 }, { lever: [-0.006, 0.01] }),
    blank('candles', 'candles', '1', 'heat', 1, [1, 12], [1, 5], 0, { lever: [1, 2] }),
    blank('wickHeight', 'flame above the water', 'cm', 'heat', 0.055, [0.005, 0.4], [0.02, 0.15], 0.04, { lever: [-0.03, 0.03] }),
    blank('flamePower', 'heat of one flame', 'W', 'heat', 45, [5, 200], [20, 90], { shape: 'lognormal', relative: 0.2 }),
    WALL_TRANSFER(11),
    coefficient('flameShare', 'share of the flame’s heat that the gas keeps', '%', 0.6, [0.05, 1], [0.3, 0.9], { shape: 'uniform', below: 0.15, above: 0.15 }, 'a candle radiates a fifth to a third (from memory); some warms its own wax and the water'),
    coefficient('caughtWarmth', 'air caught under the jar warmer than the room by', 'K', 40, [0, 150], [10, 80], { shape: 'uniform', below: 25, above: 30 }, 'the flame fills the jar for a second or two as it comes down: half of 45 W into a litre of air makes some 20 K a second; slowly lowered, more; assumption'),
    coefficient('diesAt', 'oxygen at which the flame dies', '%', 0.16, [0.1, 0.2], [0.14, 0.18], { shape: 'normal', absolute: 0.006 }, 'common practice: near 16 %; wax flames measured between 15 and 17 %'),
  ],
  results: [
    result('level', 'water rises', 'cm'), result('share', 'of the jar’s volume', '%'), result('levelCooling', 'of it by cooling', 'mm'), result('levelCondensation', 'by vapour turned to dew, less what the flame made', 'mm'), result('levelOxygen', 'by oxygen used, less carbon dioxide made', 'mm'),
    result('flameTime', 'flame lasts', 's'), result('bubbles', 'gas that bubbles out', 'mL'), result('hottest', 'gas at its hottest', 'degC'), result('oxygenLeft', 'oxygen left', '%'), result('peakPressureDifference', 'greatest pressure difference', 'Pa'), result('hush', 'until the rise is seen', 's'),
  ],
  outcomes: [
    { id: 'rises', look: 'gone', name: 'rises', sentence: 'The flame dies, and then the water rises in the jar.' },
    { id: 'drowned', look: 'partly', name: 'drowns the flame', sentence: 'The water reaches the flame before it has died.' },
    { id: 'gurgles', look: 'part-filled', name: 'runs the dish dry', sentence: 'The dish runs dry and air gurgles in.' },
    { id: 'little', look: 'nothing', name: 'hardly rises', sentence: 'The flame dies; the water hardly rises.' },
  ],
  wanted: 'rises', columns: COLUMNS,
  procedure: [
    { id: 'dish', hazards: ['flame'], parts: ['Stand ', { input: 'candles' }, ' lit candle(s) (each about ', { input: 'flamePower' }, ', flame ', { input: 'wickHeight' }, ' above the water) in a dish ', { input: 'dishDiameter' }, ' across with coloured water ', { input: 'waterDepth' }, ' deep.'] },
    { id: 'cover', hazards: ['heat'], marks: ['sealed'], parts: ['Put a ', { input: 'jarShape' }, ' of ', { input: 'jarVolume' }, ', ', { input: 'jarDiameter' }, ' across (neck ', { input: 'mouthDiameter' }, ' wide, ', { input: 'neckLength' }, ' long) over it, rim under water, on three coins.'], duration: s => s.results.flameTime },
    { id: 'watch', hazards: ['heat'], parts: ['Watch the water inside: down while the gas warms, perhaps to the rim; the flame dies, then it climbs.'] },
  ],
  // Once the amount of water was asked for, in a dish whose width nobody stated.
  retired: [{ id: 'dishWater', quantity: 'volume', becomes: 'waterDepth', from: (volume, { dishDiameter = DISH }) => Math.min(0.15, Math.max(0.001, volume / (Math.PI / 4 * dishDiameter * dishDiameter))) }],
  check: ({ numbers: n, choices }) => [
    ...(n.dishDiameter! < 1.05 * rimWidth({ numbers: n, choices }) ? [{ input: 'dishDiameter', message: `given ${centimetres(n.dishDiameter!)}; accepted: at least ${centimetres(1.05 * rimWidth({ numbers: n, choices }))}, so that water can pass under the rim` }] : []),
    ...(volumeFor({ numbers: n, choices }, n.waterDepth!) > 0.5 * n.jarVolume! ? [{ input: 'waterDepth', message: `given ${centimetres(n.waterDepth!)}; accepted: less than half of this jar under water` }] : []),
    ...(choices.jarShape === 'necked' && n.mouthDiameter! > n.jarDiameter! ? [{ input: 'mouthDiameter', message: `given ${centimetres(n.mouthDiameter!)}; accepted: at most the jar, ${centimetres(n.jarDiameter!)}` }] : []),
    ...(choices.jarShape === 'necked' && 0.785 * n.mouthDiameter! * n.mouthDiameter! * n.neckLength! > 0.6 * n.jarVolume! ? [{ input: 'neckLength', message: `given ${centimetres(n.neckLength!)}; accepted: a neck that holds at most six tenths of the ${millilitres(n.jarVolume!)}` }] : []),
  ],
  simulate,
  ledger: ({ details: d }) => ({
    moment: 'at the end', difference: d.difference!,
    rows: [
      { id: 'cooling', cause: 'the gas getting colder than it was caught', pressure: d.cooled! },
      ...(d.bubbled! > 0 ? [{ id: 'bubbles', cause: 'warm gas that bubbled out', pressure: d.bubbled! }] : []),
      { id: 'wall', cause: 'vapour turned to dew, less what the flame still made', pressure: d.condensed! },
      { id: 'oxygen', cause: 'oxygen used up, less carbon dioxide made', pressure: d.chemistry! },
      ...(Math.abs(d.letIn!) > 1 ? [{ id: 'air', cause: 'room air that gurgled in (gives back)', pressure: d.letIn! }] : []),
      { id: 'inflow', cause: 'room taken by water that came in (gives back)', pressure: d.difference! - d.cooled! - d.bubbled! - d.condensed! - d.chemistry! - (Math.abs(d.letIn!) > 1 ? d.letIn! : 0) },
    ],
  }),
  kit: () => ['candle', 'dish', 'coloured water', 'jar or flask', 'ruler for the water’s depth', 'three coins', 'lighter', 'wet cloth', 'eye protection'],
  drawing(values, s, time) {
    const n = values.numbers
    const [level, oxygen, temperature] = ['level', 'oxygen', 'gasTemperature'].map(c => valueAt(s.trace!, c, time)) as [number, number, number]
    const across = n.jarDiameter!
    const necked = values.choices.jarShape === 'necked'
    const body = Math.PI / 4 * across * across
    const tall = necked ? n.neckLength! + n.jarVolume! / body * 1.15 : n.jarVolume! / body + 0.08 * across
    const bottom = 0.004
    const pool = bottom + n.waterDepth!
    const upright = necked ? bottle(0, 0, { diameter: across, height: tall, neck: n.mouthDiameter!, neckLength: n.neckLength! }).map(([x, y]): Point => [x,
      tall - y + bottom]) : dome(0, bottom, across, tall)
    const surface = bottom + level
    const half = Math.max(across * 0.6, n.dishDiameter! / 2)
    const sunk = Math.max(0.2 * bottom, bottom + (n.waterDepth! * Math.PI * half * half - volumeFor(values, level)) / Math.max(Math.PI * half * half - body, 0.2 * body) - 0.002)
    const burning = time < s.details.flameOut!
    const width = necked ? n.mouthDiameter! * 0.4 : 0.022
    const strong = Math.min(1, Math.max(0.35, (oxygen - 0.14) / 0.06))
    const bubbling = time >= s.details.bubbleStart! && time < s.details.bubbleEnd!
    const candles = Math.min(5, Math.round(n.candles!))
    const shapes: Shape[] = [
      { kind: 'gas', points: upright, air: Math.min(1, 300 / temperature), vapour: 0 },
      { kind: 'body', points: rectangle(-half, 0.002, 2 * half, sunk), stuff: 'water', opacity: 0.75 },
      ...(level > 0.0005 ? [{ kind: 'body', points: necked ? rectangle(-n.mouthDiameter! / 2, bottom, n.mouthDiameter!, Math.min(surface - bottom, n.neckLength!)) : rectangle(-across / 2, bottom, across, surface - bottom), stuff: 'water', opacity: 0.85 } as Shape] : []),
      ...(necked && surface - bottom > n.neckLength! ? [{ kind: 'body', points: rectangle(-across / 2, bottom + n.neckLength!, across, surface - bottom - n.neckLength!), stuff: 'water', opacity: 0.85 } as Shape] : []),
      ...Array.from({ length: candles }, (_, i): Shape[] => {
        const x = (i - (candles - 1) / 2) * width * 1.5
        return [{ kind: 'body', points: rectangle(x - width / 2, 0.002, width, pool + n.wickHeight! - 0.008), stuff: 'food' }, ...(burning ? [{ kind: 'flame', at: [x, pool + n.wickHeight! - 0.006], high: 0.035 * strong } as Shape] : [{ kind: 'body', points: [[x, pool + n.wickHeight! - 0.008], [x, pool + n.wickHeight!]], stuff: 'ink', open: true, thick: 2 } as Shape])]
      }).flat(),
      ...(bubbling ? [-1, 1].map((side): Shape => ({ kind: 'bubbles', at: [side * ((necked ? n.mouthDiameter! : across) / 2 + 0.008), bottom], wide: 0.012, high: pool - bottom, count: 4 })) : []),
      { kind: 'body', points: upright, stuff: 'glass', open: true, thick: 3 },
      { kind: 'body', points: [[-half, pool * 1.5], [-half, 0.002], [half, 0.002], [half, pool * 1.5]], stuff: 'metal', open: true, thick: 2 },
      ...(level > n.waterDepth! + SHOWN ? [-0.75, 0.75].map((x): Shape => ({ kind: 'push', stuff: 'outside-air', from: [x * half * 1.05 + (x > 0 ? 0.006 : -0.006), pool + 0.05], to: [x * half * 1.05, pool + 0.012] })) : []),
      { kind: 'note', at: [half * 1.1, pool + 0.55 * tall], anchor: 'start', stuff: 'ink', said: ['gas ', said(temperature, 'temperature', 'degC', 'degF')] },
      { kind: 'note', at: [half * 1.1, pool + 0.4 * tall], anchor: 'start', stuff: 'outside-air', said: ['oxygen ', said(oxygen, 'fraction', '%', '%')] },
      { kind: 'note', at: [-half * 1.1, surface], anchor: 'end', stuff: 'water', said: [said(level, 'length', 'cm', 'in')] },
    ]
    return { kind: 'candle', numbers: {}, scene: { frame: { left: -2.3 * half, right: 2.3 * half, bottom: 0, top: bottom + tall * 1.06 }, shapes, caption: [burning ? (bubbling ? 'Burning; hot gas bubbles out under the rim.' : level < n.waterDepth! - SHOWN ? 'Burning; the warm gas pushes the water down.' : 'Burning; the oxygen goes down.') : level > n.waterDepth! + SHOWN ? 'Out: the gas cools and the room pushes water in.' : 'Out; the gas is still hot.'] } }
  },
  why: (_values, s) => {
    const { level, levelCooling, levelCondensation, levelOxygen, share, flameTime, bubbles, oxygenLeft } = s.results as Record<string, number>
    return [
      `Of ${centimetres(level!)} (${percent(share!)} of the jar), cooling makes ${centimetres(levelCooling!)}, vapour turned to dew less what the flame still made ${centimetres(levelCondensation!)}, oxygen used up less carbon dioxide made ${centimetres(Math.max(0, levelOxygen!))}.`,
      `${bubbles! > 1e-7 ? `Before that, ${millilitres(bubbles!)} of hot gas bubbled out. ` : 'No gas bubbled out: the water inside only went down and came up again. '}The flame died after ${seconds(flameTime!)} with ${percent(oxygenLeft!)} of oxygen left of 21 %.`,
      ...(s.outcome === 'drowned' ? ['The water was faster than the flame: a taller candle or a wider jar shows the other order.'] : []),
    ]
  },
  advice: (values, s) => [{ text: s.outcome === 'gurgles' ? `Pour in more: the jar wants ${millilitres(1.4 * (dishWater(values) + Math.max(0, s.details.letIn! < 0 ? -s.details.letIn! / s.details.stationPressure! * values.numbers.jarVolume! : 0)))}.` : `A jar of twice the size keeps the flame for about twice as long (${seconds(2 * s.results.flameTime!)}); a flask’s neck makes the same volume climb ${(values.numbers.jarDiameter! * values.numbers.jarDiameter! / (values.numbers.mouthDiameter! * values.numbers.mouthDiameter!)).toFixed(1)} times as high.` }],
  explanation: (_values, s) => {
    const r = s.results as Record<string, number>
    return [
      { from: 7, text: `The flame warms the air; warm air needs more room, so ${r.bubbles! > 1e-7 ? 'some bubbles out' : 'it pushes the water down'}. When the flame has gone out the air cools and needs less room. The air outside pushes water in to fill it: ${centimetres(r.level!)}.` },
      { from: 11, text: `If used-up oxygen made the water rise, it would rise while the candle burns. It rises afterwards, as the gas cools from ${celsius(r.hottest!)}. And ${percent(r.oxygenLeft!)} of oxygen are still there when the flame dies.` },
      { from: 14, text: `Ledger: cooling ${centimetres(r.levelCooling!)}, condensation less vapour made ${centimetres(r.levelCondensation!)}, oxygen less carbon dioxide ${centimetres(Math.max(0, r.levelOxygen!))}. Wax burns 38 O2 to 25 CO2 and 26 H2O: dry gas shrinks by a third of the oxygen burnt only.` },
      { from: 16, text: 'n R T = (p0 − ρ g h) V: the column itself holds hardly any pressure, so the level tells the volume. Carbon dioxide dissolves too slowly to matter within a minute. Limewater in the dish would change that over minutes.' },
    ]
  },
  teaching: {
    wrongIdea: { idea: 'The candle uses up the oxygen, a fifth of the air, so the water rises a fifth.', answer: 'The flame dies with three quarters of the oxygen left, makes carbon dioxide, and the water rises after it has died. It is mostly the gas cooling. With more candles it rises higher, though there is no more oxygen.' },
    before: ['What will the water inside do first: sink or rise?', 'Will the water rise while it burns or afterwards?', 'What changes with three candles?'],
    after: ['Why did the water go down first?', 'How could you show that there is still oxygen left?', 'Why does a flask look faster?'],
    elsewhere: ['A hot jar put upside down on a wet board sticks to it.', 'Cupping glasses.', 'A lid on a pot that sits fast after cooling.'],
  },
  variants(values) {
    const { jarVolume, jarDiameter } = values.numbers as Record<string, number>
    // The same proportions: half the volume is 0.79 times as wide, twice 1.26 times.
    const sized = (name: string, volume: number, across: number, jarShape: string) => ({ name, choices: { jarShape },
      numbers: { jarVolume: jarVolume! * volume, jarDiameter: jarDiameter! * across } })
    return sideBySide('Jars side by side', values, simulate, ['flameTime', 'level', 'share'], [
      sized('straight, half the size', 0.5, 0.794, 'straight'), sized('straight, this size', 1, 1, 'straight'), sized('straight, twice the size', 2, 1.26, 'straight'), sized('flask with a neck, this size', 1, 1, 'necked'),
    ])
  },
  sizes: (values, s) => [{ id: 'lifted', name: 'water held up', value: s.results.share! * values.numbers.jarVolume! * 1000, quantity: 'mass', units: ['g', 'oz'], note: 'by the difference between inside and outside' }],
}

/** A level that is drawn, m. */
const SHOWN = 0.001
