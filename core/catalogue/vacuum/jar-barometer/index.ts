import { blank, bottle, centimetres, type Demonstration, filledTo, GAS_COLUMNS, hectopascals, kilopascals, pascals, rectangle, result, ROOM_INPUTS, said, type Shape, valueAt } from '../../../demonstration'
import { JAR_RESULTS, LEAK, PUMP_INPUTS, pumpWords, isDriven, jarBears, jarInputs, pumpChoice, pumpingTime } from '../inputs'
import { jarScene } from '../jar-scene'
import { jarKit, jarLedger, jarSizes } from '../pumped'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, pressureFor, simulate, tubeOf } from './simulate'

export const jarBarometer: Demonstration = {
  id: 'jar-barometer', name: 'Barometer in the jar', summary: 'Air trapped over coloured water lifts it up a tube as the jar round it is pumped.',
  noun: ['try', 'tries'],
  people: { performs: 11, watches: 11 }, gates, cautions, afterFailure,
  gallery: { family: 'vacuum', effect: 'Coloured water climbs a tube by itself while the pump works, and sinks back with the air.', topics: ['air pressure', 'barometer', 'gas laws'], ages: [11, 18] },
  hushWords: { inside: 'air left in the jar', strength: '' },
  shelf: [{ step: 'jar', kind: 'vessel', shapes: ['bell-jar'], capacity: [0.1e-3, 60e-3] }, { step: 'pump', kind: 'pump' }],
  logged: { used: ['stopDifference', 'trappedAir'], seen: ['level', 'finalPressure'] },
  inputs: [
    ...ROOM_INPUTS, ...jarInputs(),
    blank('trappedAir', 'air over the water', 'mL', 'vessel', 150e-6, [2e-6, 2e-3], [10e-6, 300e-6], 0.05, { lever: [-20e-6, 40e-6] }),
    blank('tubeBore', 'bore of the tube', 'mm', 'vessel', 0.004, [0.0005, 0.03], [0.002, 0.01], 0.03),
    blank('tubeHeight', 'tube above the water', 'cm', 'vessel', 0.16, [0.02, 0.7], [0.05, 0.22], 0.02),
    pumpChoice('kitchen'), ...PUMP_INPUTS,
    blank('stopDifference', 'stop when the jar is below the room by', 'kPa', 'pump', 2.2e3, [20, 100e3], [200, 5e3], 0.05, { lever: [-200, 200] }), pumpingTime(60), LEAK,
  ],
  results: [
    ...JAR_RESULTS, result('level', 'water stands', 'cm'), result('spillPressure', 'jar pressure at which it spills', 'kPa'), result('spillDifference', 'that is below the room by', 'kPa'), result('hush', 'until it is seen to climb', 's'),
  ],
  outcomes: [
    { id: 'climbs', look: 'gone', name: 'climbs and stands', sentence: 'The water climbs the tube and stands there.' },
    { id: 'spills', look: 'filled', name: 'spills over', sentence: 'The water shoots up the tube and spills into the jar.' },
    { id: 'hardly', look: 'nothing', name: 'hardly moves', sentence: 'The water hardly moves.' },
  ],
  wanted: 'climbs', columns: [...GAS_COLUMNS, ...COLUMNS],
  procedure: [
    { id: 'jar', parts: ['Into a small bottle with coloured water put a stopper and a tube (', { input: 'tubeBore' }, ' wide, ', { input: 'tubeHeight' }, ' above the water) that reaches under the water; ', { input: 'trappedAir' }, ' of air stay shut in above it.'] },
    { id: 'cover', parts: ['Stand it under a ', { input: 'jarKind' }, ' of ', { input: 'jarVolume' }, ' (', { input: 'jarDiameter' }, ' across, ', { input: 'jarHeight' }, ' high).'] },
    { id: 'pump', hazards: ['glass-under-difference', 'vacuum'], marks: ['sealed'], parts: values => ['Pump with a ', ...pumpWords(values), ' until the gauge shows ', { input: 'stopDifference' }, ' below the room, for at most ', { input: 'pumpTime' }, '.'], duration: s => s.results.timeToPump },
    { id: 'air', parts: ['Let a little air in: the water sinks. Stop it half-way and read the height.'] },
  ],
  suspects: VACUUM_SUSPECTS,
  check: ({ numbers: n, choices }) => [
    ...jarBears({ numbers: n, choices }),
    ...(n.tubeHeight! > 0.95 * n.jarHeight! ? [{ input: 'tubeHeight', message: `given ${centimetres(n.tubeHeight!)}; accepted: at most ${centimetres(0.95 * n.jarHeight!)}, or it does not go under the jar` }] : []),
    ...(n.trappedAir! > 0.7 * n.jarVolume! ? [{ input: 'trappedAir', message: 'given more than the jar holds; accepted: at most seven tenths of the jar' }] : []),
  ],
  simulate, ledger: jarLedger,
  kit: values => jarKit(values, 'small bottle, two-hole stopper, glass tube', 'coloured water', 'ruler', 'tray'),
  drawing(values, s, time) {
    const n = values.numbers
    const level = valueAt(s.trace!, 'level', time)
    const high = n.tubeHeight! * 0.55
    const bottleHigh = Math.max(0.06, n.jarHeight! * 0.28)
    const points = bottle(0, 0.003, { diameter: bottleHigh * 0.9, height: bottleHigh, neck: bottleHigh * 0.4, neckLength: bottleHigh * 0.2 })
    const water = bottleHigh * 0.45
    const bore = Math.max(0.004, n.tubeBore!)
    const top = Math.min(n.jarHeight! * 0.94, water + n.tubeHeight!)
    const shapes: Shape[] = [
      { kind: 'body', points: filledTo(points, water), stuff: 'water' },
      { kind: 'body', points, stuff: 'glass', open: true, thick: 2 },
      { kind: 'body', points: rectangle(-bottleHigh * 0.22, bottleHigh * 0.92, bottleHigh * 0.44, bottleHigh * 0.12), stuff: 'rubber' },
      { kind: 'body', points: rectangle(-bore / 2, bottleHigh * 0.1, bore, top - bottleHigh * 0.1), stuff: 'paper', opacity: 1 },
      { kind: 'body', points: rectangle(-bore / 2, bottleHigh * 0.1, bore, Math.min(top, water + level) - bottleHigh * 0.1), stuff: 'water' },
      { kind: 'body', points: rectangle(-bore / 2, bottleHigh * 0.1, bore, top - bottleHigh * 0.1), stuff: 'glass', open: true, thick: 1.5 },
      { kind: 'note', at: [bottleHigh * 0.3, water + high], anchor: 'start', stuff: 'water', said: [said(level, 'length', 'cm', 'in')] },
    ]
    return jarScene(values, s, time, shapes, ['The water stands ', said(level, 'length', 'cm', 'in'), ' up the tube; it spills at ', said(n.tubeHeight!, 'length', 'cm', 'in'), '.'])
  },
  why: (values, s) => [
    `The shut-in air presses nearly like the room, and the jar less and less. What the jar has fallen by is taken up by the height of the water (10 cm for every ${pascals(980)}) and by the shut-in air, which has more room the higher the water. It spills ${kilopascals(s.results.spillDifference!)} below the room (jar at ${kilopascals(s.results.spillPressure!)}).`,
    ...(!isDriven(values) ? [`One stroke of ${(values.numbers.strokeVolume! * 1e6).toFixed(0)} mL takes ${kilopascals(values.numbers.stationPressure! * values.numbers.strokeVolume! / (values.numbers.jarVolume! + values.numbers.strokeVolume!))} at first${s.outcome === 'spills' ? ': too much at once for this tube' : ''}.`] : []),
  ],
  advice(values, s) {
    const stop = values.numbers.stationPressure! - pressureFor(tubeOf(values), 0.8 * values.numbers.tubeHeight!)
    return [{ text: `Stop at ${kilopascals(stop)} below the room: four fifths up the tube. It spills at ${kilopascals(s.results.spillDifference!)}.`, take: { input: 'stopDifference', value: Number(stop.toPrecision(3)) } }]
  },
  explanation: (values, s) => [
    { from: 7, text: 'We take air out of the big jar. The air shut in the little bottle now pushes harder than the air round it, so it pushes the water up the straw.' },
    { from: 11, text: `The shut-in air still presses like the room, ${kilopascals(values.numbers.stationPressure!)}; the jar only with ${kilopascals(s.results.finalPressure!)}. The difference carries ${centimetres(s.results.level!)} of water.` },
    { from: 14, text: `Pressure of a column: density × g × height. ${centimetres(s.results.level!)} of water are ${pascals(s.results.level! * 9790)}; so little difference makes so much height, because water is light against mercury.` },
    { from: 16, text: `p0 V/(V + A h) = p + ρ g h. With much shut-in air and a narrow tube the first term hardly falls and the tube reads the difference; with little air (${(values.numbers.trappedAir! * 1e6).toFixed(0)} mL here) it reads a little low. A change of weather of ${hectopascals(1000)} would move it 10 cm, and a kelvin of warming as well, so a sealed one is a thermometer too.` },
  ],
  teaching: {
    wrongIdea: { idea: 'The pump sucks the water up.', answer: 'The pump is not connected to the tube’s water at all. The shut-in air pushes it up, because less pushes down on it.' },
    before: ['Which way will the water go when the jar is pumped?', 'How high could it get with a very long tube?'],
    after: ['What pushed, and what stopped pushing?', 'Would it climb as high on a mountain?', 'What does it do on a warm day?'],
    elsewhere: ['A barometer in the weather.', 'A dropper bottle that leaks in an aircraft.', 'A pen that blots on a flight.', 'Water in a well that rises before a storm.'],
  },
  sizes: jarSizes,
}
