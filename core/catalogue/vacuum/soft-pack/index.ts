import { blank, coefficient, type Demonstration, GAS_COLUMNS, kilopascals, kPa, percent, rectangle, result, ROOM_INPUTS, said, seconds, type Shape, times, valueAt, type Values } from '../../../demonstration'
import { JAR_RESULTS, LEAK, PUMP_INPUTS, pumpWords, jarBears, jarInputs, pumpChoice, pumpingTime, target } from '../inputs'
import { jarScene } from '../jar-scene'
import { jarKit, jarLedger, jarSizes } from '../pumped'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate } from './simulate'

interface PackKind { name: string, gas: number, grow: number, stiffness: number, seal: number, leak: number }
/** Magnitudes, assumed; typed over with what was measured. A marshmallow's gas leaves through its cell walls within a minute or so. */
const PACKS: Readonly<Record<string, PackKind>> = {
  'marshmallow': { name: 'marshmallows', gas: 24e-6, grow: 3.6, stiffness: 2.5e3, seal: 80e3, leak: 45 },
  'snack': { name: 'sealed snack packet', gas: 160e-6, grow: 1.6, stiffness: 200, seal: 28e3, leak: 2e4 },
  'bubble-wrap': { name: 'bubble wrap', gas: 50e-6, grow: 1.3, stiffness: 3e3, seal: 130e3, leak: 1e5 },
  'pot': { name: 'pot with a foil lid', gas: 30e-6, grow: 1.35, stiffness: 3e3, seal: 22e3, leak: 1e5 },
}
const inBottle = (bottle: number, jar: number) => ({ choices }: Values): number => choices.where === 'bottle' ? bottle : jar
const kind = ({ choices }: Values): PackKind => PACKS[choices.pack!] ?? PACKS.snack!

export const softPack: Demonstration = {
  id: 'soft-pack', name: 'Swelling packets', summary: 'Marshmallows, a snack packet, bubble wrap or a lidded pot as the air round them thins: in a jar, or on a flight.',
  noun: ['packet', 'packets'],
  people: { performs: 11, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'vacuum', effect: 'Marshmallows grow to several times their size, then end up smaller than they began.', topics: ['air pressure', 'gas laws', 'vacuum', 'weather and flight'], ages: [7, 16] },
  hushWords: { inside: 'air left round the packet', strength: '' },
  shelf: [{ step: 'jar', kind: 'vessel', shapes: ['bell-jar'], capacity: [0.1e-3, 60e-3] }, { step: 'pump', kind: 'pump' }],
  logged: { used: ['packGas', 'targetPressure'], seen: ['growth', 'shrunkTo', 'finalPressure'] },
  inputs: [
    ...ROOM_INPUTS,
    { id: 'pack', name: 'what is in it', kind: 'choice', group: 'load', default: 'marshmallow', choices: Object.entries(PACKS).map(([id, { name }]) => ({ id, name })) },
    { id: 'where', name: 'where', kind: 'choice', group: 'vessel', default: 'jar', choices: [{ id: 'jar', name: 'a bell jar with a pump' }, { id: 'bottle', name: 'a wide bottle with a hand pump' }, { id: 'cabin', name: 'a flight cabin or a mountain road' }] },
    // A bottle with a hand pump is small; so is what goes into it.
    blank('packGas', 'gas in it', 'mL', 'load', v => kind(v).gas * (v.choices.where === 'bottle' ? 0.4 : 1), [0.2e-6, 3e-3], [5e-6, 500e-6], 0.15),
    ...jarInputs(inBottle(1e-3, 6.5e-3), inBottle(0.095, 0.19), inBottle(0.17, 0.26)), pumpChoice('hand'), ...PUMP_INPUTS, target(20e3), pumpingTime(180),
    blank('holdTime', 'held at the end', 's', 'pump', 20, [0, 1800], [0, 120], 0.1, { lever: [-15, 30] }), LEAK,
    coefficient('roomToGrow', 'times its gas when it is taut', '1', v => kind(v).grow, [1.01, 8], [1.1, 5], 0.12, 'by the kind; assumption, measured by filling one'),
    coefficient('packStiffness', 'stiffness before it is taut', 'kPa', v => kind(v).stiffness, [10, 100e3], [100, 10e3], 0.3, 'by the kind; foam some kPa (Gibson & Ashby, Cellular Solids, 2nd ed., ch. 5, order of magnitude)'),
    coefficient('sealStrength', 'difference at which it opens', 'kPa', v => kind(v).seal, [500, 400e3], [5e3, 150e3], 0.2, 'peel seals of food packs open at some 20 to 35 kPa; from memory'),
    coefficient('leakTime', 'time in which its gas would leak away', 's', v => kind(v).leak, [1, 1e7], [10, 1e5], 0.5, 'by the kind; assumption, from how fast a swollen one sinks'),
  ],
  results: [
    ...JAR_RESULTS, result('growth', 'times its size at most', '1'), result('packDifference', 'most it pushes against its skin', 'kPa'), result('shrunkTo', 'size afterwards, against before', '%'), result('hush', 'until it is seen to grow', 's'),
  ],
  outcomes: [
    { id: 'swells', look: 'gone', name: 'swells', sentence: 'It swells up, and holds.' },
    { id: 'opens', look: 'harm', name: 'opens', sentence: 'It swells until it pops open.' },
    { id: 'little', look: 'nothing', name: 'hardly changes', sentence: 'It hardly changes.' },
  ],
  wanted: 'swells', columns: [...GAS_COLUMNS, ...COLUMNS],
  procedure: [
    { id: 'jar', parts: ({ choices }) => ['Put ', { input: 'pack' }, ' (', { input: 'packGas' }, ' of gas in all) into ', { input: 'where' }, ...(choices.where === 'jar' ? [': a ', { input: 'jarKind' }, ' of '] : [': ']), { input: 'jarVolume' }, ', ', { input: 'jarDiameter' }, ' across, ', { input: 'jarHeight' }, ' high.'] },
    { id: 'pump', hazards: ({ choices }) => choices.where === 'jar' ? ['glass-under-difference', 'burst'] : ['burst'], marks: ['sealed'], parts: values => ['Pump with a ', ...pumpWords(values), ' down to ', { input: 'targetPressure' }, ', within ', { input: 'pumpTime' }, ' (on a flight: the cabin’s pressure, and how long the climb takes).'], duration: s => s.results.timeToPump },
    { id: 'hold', parts: ['Hold for ', { input: 'holdTime' }, '.'] },
    { id: 'air', parts: ['Let the air back and look again.'] },
  ],
  suspects: VACUUM_SUSPECTS,
  check: ({ numbers: n, choices }) => [...(choices.where === 'jar' ? jarBears({ numbers: n, choices }) : []), ...(n.packGas! * n.roomToGrow! > 0.8 * n.jarVolume!
    ? [{ input: 'packGas', message: `given so much that, swollen, it needs ${(n.packGas! * n.roomToGrow! * 1e3).toFixed(2)} L; accepted: at most ${(0.8 * n.jarVolume! / n.roomToGrow! * 1e3).toFixed(2)} L for this jar` }]
    : [])],
  simulate, ledger: jarLedger,
  kit: values => values.choices.where === 'cabin' ? ['sealed packets', 'pocket barometer', 'camera', 'notebook'] : jarKit(values, 'packets or marshmallows', 'one like it outside the jar to compare'),
  drawing(values, s, time) {
    const n = values.numbers
    const volume = valueAt(s.trace!, 'packVolume', time)
    const grown = Math.max(0.25, volume / n.packGas!)
    const opened = s.events.find(e => e.id === 'opens')
    const open = opened !== undefined && time >= opened.time
    const base = n.jarDiameter! * 0.5
    const shapes: Shape[] = []
    const { pack } = values.choices
    if (pack === 'marshmallow') {
      // Linear growth as the cube root, from a few square-root steps near 1.
      const side = 0.17 * n.jarDiameter! * (grown < 1 ? 0.6 + 0.4 * grown : 1 + 0.28 * (grown - 1) / (1 + 0.12 * (grown - 1)))
      for (const [i, x] of [-0.52, 0, 0.52].entries()) shapes.push({ kind: 'round', at: [x * base, side * 0.55 + 0.004], across: side * 1.15, high: side * (1 + 0.06 * i), stuff: 'food' })
    } else if (pack === 'bubble-wrap') {
      for (let i = 0; i < 7; i++) shapes.push({ kind: 'round', at: [(i - 3) * base * 0.24, 0.02], across: base * 0.22, high: base * 0.1 * (1 + 1.6 * (grown - 1)), stuff: 'rubber', opacity: 0.6 })
      shapes.push({ kind: 'body', points: rectangle(-base * 0.9, 0.014, base * 1.8, 0.004), stuff: 'rubber' })
    } else if (pack === 'pot') {
      shapes.push({ kind: 'body', points: [[-base * 0.42, 0.003], [-base * 0.52, base * 0.8], [base * 0.52, base * 0.8], [base * 0.42, 0.003]], stuff: 'card' })
      shapes.push({ kind: 'body', open: true, thick: 3, stuff: 'metal', points: open ? [[-base * 0.55, base * 0.8], [base * 0.1, base * 1.15]] : [[-base * 0.55, base * 0.8], [-base * 0.25, base * (0.8 + 0.5 * (grown - 1))], [base * 0.25, base * (0.8 + 0.5 * (grown - 1))], [base * 0.55, base * 0.8]] })
    } else {
      shapes.push({ kind: 'round', at: [0, base * 0.75], across: base * 1.3, high: Math.min(1.4, 0.42 * grown) * base * (open ? 0.3 : 1), stuff: 'food' })
      for (const side of [-1, 1]) shapes.push({ kind: 'body', points: [[side * base * 0.62, base * 0.6], [side * base * 0.74, base * 0.55], [side * base * 0.74, base * 0.95], [side * base * 0.62, base * 0.9]], stuff: 'food' })
    }
    const size = said(Math.max(0, volume / n.packGas!), 'count', '1', '1')
    return jarScene(values, s, time, shapes, [open ? 'Open: its gas has gone. ' : '', 'Its gas takes ', size, ' times the room it had; it pushes ', kPa(valueAt(s.trace!, 'packDifference', time)), ' over its surroundings.'], values.choices.where !== 'cabin')
  },
  why: (values, s) => [
    `Its gas was shut in at ${kilopascals(values.numbers.stationPressure!)}. With ${kilopascals(s.results.finalPressure!)} round it, it would take ${times(values.numbers.stationPressure! / s.results.finalPressure!)} the room; skin and stiffness let it have ${times(s.results.growth!)}.`,
    s.outcome === 'opens' ? `The skin stood ${kilopascals(s.results.packDifference!)} and gave way.` : s.results.shrunkTo! < 0.97 ? `Meanwhile gas leaked out of it, so with the air back it is only ${percent(s.results.shrunkTo!)} of what it was.` : 'Hardly any gas left it, so it comes back to its size.',
  ],
  explanation: (values, s) => [
    { from: 7, text: `There is air hidden in it. When we take away the air outside, the hidden air spreads out and it grows ${times(s.results.growth!)}.` },
    { from: 11, text: `Less air outside pushes less. The air inside pushes as before until both match${s.results.shrunkTo! < 0.97 ? `; some escapes through the walls, so afterwards it is squashed to ${percent(s.results.shrunkTo!)}` : ''}.` },
    { from: 14, text: `Boyle: at ${kilopascals(s.results.finalPressure!)} the same gas wants ${times(values.numbers.stationPressure! / s.results.finalPressure!)} its volume. The skin takes up ${kilopascals(s.results.packDifference!)} of the difference.` },
    { from: 16, text: `Foam is a network of cells with a modulus of a few kPa: its overpressure is small against the fall of the pressure, so it follows Boyle until its walls are taut, while gas diffuses out with a time constant of ${seconds(values.numbers.leakTime!)}. Let back, the room compresses what is left.` },
  ],
  teaching: {
    wrongIdea: { idea: 'The pump blows it up.', answer: 'Nothing goes in. The same gas takes more room because less presses on it.' },
    before: ['Will it grow, shrink or stay?', 'Will it be the same afterwards?', 'Which of these has air shut in: bread, an apple, a marshmallow?'],
    after: ['Why did it end smaller?', 'Why does a snack packet bulge on a plane and not burst?'],
    elsewhere: ['Packets on a mountain road or in a cabin.', 'Ears in an aircraft.', 'Fish brought up from deep water.', 'Bread dough rising faster at height.'],
  },
  sizes: (values, s) => values.choices.where === 'cabin'
    ? [{ id: 'packDifference', name: 'pushing on its skin', value: s.results.packDifference!, quantity: 'pressure', units: ['kPa', 'psi'], note: 'inside less outside of the packet' }]
    : jarSizes(values, s),
}
