import { arch, blank, centimetres, type Demonstration, GAS_COLUMNS, kilopascals, kPa, newtons, rectangle, result, ROOM_INPUTS, seconds, type Shape, sideBySide, valueAt } from '../../../demonstration'
import { RUBBER, slackBalloon } from '../rubber-inputs'
import { PUMP_INPUTS, pumpWords, pumpChoice, pumpingTime } from '../inputs'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate } from './simulate'

export const balloonEmptied: Demonstration = {
  id: 'balloon-emptied', name: 'Balloon pumped flat', summary: 'A balloon on the pump’s hose: the room presses it flat, and no pump presses harder than the room.',
  noun: ['balloon', 'balloons'],
  people: { performs: 11, watches: 9 }, gates, cautions, afterFailure,
  gallery: { family: 'vacuum', effect: 'A balloon on a hose shrivels and packs into a hard lump.', topics: ['air pressure', 'vacuum'], ages: [9, 18] },
  hushWords: { inside: 'air left in the balloon', strength: '' },
  shelf: [{ step: 'pump', kind: 'pump' }],
  logged: { used: ['balloonStart', 'pumpSpeed'], seen: ['hush', 'finalPressure'] },
  inputs: [
    ...ROOM_INPUTS, slackBalloon(0.06),
    blank('balloonStart', 'blown up to', 'cm', 'load', 0.14, [0.02, 0.5], [0.06, 0.28], 0.03, { lever: [-0.03, 0.03] }),
    pumpChoice('membrane'), ...PUMP_INPUTS, pumpingTime(120), ...RUBBER,
  ],
  results: [
    result('hush', 'until it is flat', 's'), result('finalPressure', 'pressure in the hose at the end', 'kPa'), result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
    result('greatestPossible', 'most that this pump can reach here', 'kPa'), result('squeeze', 'room pressing the two skins together', 'N'), result('timeToPump', 'time at the pump', 's'), result('strokes', 'strokes', '1'),
  ],
  outcomes: [
    { id: 'flat', look: 'gone', name: 'pressed flat', sentence: 'The balloon shrinks, wrinkles and is pressed flat.' },
    { id: 'open', look: 'nothing', name: 'not yet flat', sentence: 'The balloon gets smaller but is not flat when the pump stops.' },
  ],
  wanted: 'flat', columns: [...GAS_COLUMNS, ...COLUMNS],
  procedure: [
    { id: 'balloon', hazards: ['burst'], parts: ['Pull a balloon (', { input: 'balloonSlack' }, ' across before it stretches), blown up to ', { input: 'balloonStart' }, ', over the hose and bind it.'] },
    { id: 'pump', hazards: ['vacuum'], marks: ['sealed'], parts: values => ['Pump with a ', ...pumpWords(values), ' for at most ', { input: 'pumpTime' }, '.'], duration: s => s.results.hush },
    { id: 'compare', parts: ['Again with another pump: it is flat sooner or later, not flatter.'] },
  ],
  suspects: VACUUM_SUSPECTS,
  check: ({ numbers: n }) => n.balloonStart! > n.balloonSlack! * n.burstStretch!
    ? [{ input: 'balloonStart', message: `given ${centimetres(n.balloonStart!)}; accepted: at most ${centimetres(n.balloonSlack! * n.burstStretch!)}, where this balloon bursts` }]
    : [],
  simulate,
  ledger: ({ details: d }) => ({
    moment: 'at the end of the pumping', difference: d.difference!,
    rows: [
      { id: 'pumped', cause: 'air taken out by the pump', pressure: d.first! - d.stationPressure! + d.difference! },
      { id: 'skin', cause: 'the stretched skin, gone slack (gives back)', pressure: d.stationPressure! - d.first! },
    ],
  }),
  kit: () => ['round balloons', 'pump and hose', 'thread or cable tie', 'gauge', 'stopwatch', 'eye protection'],
  drawing(values, s, time) {
    const n = values.numbers
    const across = valueAt(s.trace!, 'balloonAcross', time)
    const pressure = valueAt(s.trace!, 'pressure', time)
    const flat = across < 0.1 * n.balloonSlack!
    const size = Math.max(n.balloonStart!, n.balloonSlack!)
    const middle = 0.75 * size
    const gap = 0.14 * size
    const width = flat ? n.balloonSlack! : Math.max(across, n.balloonSlack! * 0.9)
    const high = flat ? 0.12 * n.balloonSlack! : across
    const shapes: Shape[] = [
      { kind: 'body', points: rectangle(1.15 * size, 0, 0.5 * size, 0.5 * size), stuff: 'metal' },
      { kind: 'body', points: [[width / 2, middle], [0.9 * size, middle], [1.0 * size, 0.4 * size], [1.15 * size, 0.3 * size]], stuff: 'rubber', open: true, thick: 5 },
      { kind: 'round', at: [0, middle], across: width, high, stuff: 'rubber', opacity: 0.8 },
      ...(flat ? [{ kind: 'body', points: arch(0, middle, width * 0.32, 0.03 * size, 6), stuff: 'ink', open: true, thick: 1 } as Shape] : []),
      ...[-0.45, 0, 0.45].flatMap((x): Shape[] => [
        { kind: 'push', stuff: 'outside-air', from: [x * width, middle + high / 2 + gap + 0.12 * size], to: [x * width, middle + high / 2 * Math.sqrt(1 - x * x) + 0.02 * size] },
        { kind: 'push', stuff: 'outside-air', from: [x * width, middle - high / 2 - gap - 0.12 * size], to: [x * width, middle - high / 2 * Math.sqrt(1 - x * x) - 0.02 * size] },
      ]),
      { kind: 'note', at: [-0.75 * size, middle], anchor: 'end', stuff: 'outside-air', said: ['outside ', kPa(n.stationPressure!)] },
      { kind: 'note', at: [1.4 * size, 0.6 * size], anchor: 'middle', stuff: 'ink', said: ['in the hose ', kPa(pressure)] },
    ]
    return { kind: 'balloon-line', numbers: { pressure }, scene: { frame: { left: -1.7 * size, right: 1.9 * size, bottom: 0, top: 1.5 * size }, shapes, caption: [flat ? 'Flat: two skins pressed together by the room.' : 'The pump takes air; the room keeps it at its own pressure by pushing the skin in.'] } }
  },
  why: (values, s) => [
    `The pump never pulls at the rubber. It takes air away, and the room, with ${kilopascals(values.numbers.stationPressure!)}, pushes the skin after it. ${s.results.hush === undefined ? 'Not enough was taken in the time.' : `After ${seconds(s.results.hush)} the skins meet.`}`,
    `A bigger pump is faster, not stronger: the most that can ever press is the room's ${kilopascals(values.numbers.stationPressure!)}; this pump leaves ${kilopascals(values.numbers.ultimatePressure!)} and so reaches ${kilopascals(s.results.greatestPossible!)}.`,
  ],
  explanation: (values, s) => [
    { from: 7, text: 'The pump takes the air out of the balloon. The air in the room then squeezes the balloon flat, like a big soft hand.' },
    { from: 11, text: `As long as there is air inside, it stands against the room. Once it is gone the room's air presses the two skins together with ${newtons(s.results.squeeze!)}.` },
    { from: 14, text: `A pump of twice the speed needs half the time. The end is the same: pressure outside less pressure inside can't be more than ${kilopascals(values.numbers.stationPressure!)} here.` },
    { from: 16, text: `While the skin is slack the air stays at the room's pressure and the volume falls at the pumping speed, V = V0 − S t. Once it is flat only the hose is left and its pressure falls exponentially to ${kilopascals(values.numbers.ultimatePressure!)}.` },
  ],
  teaching: {
    wrongIdea: { idea: 'A stronger pump would suck it flatter.', answer: 'A pump can only take away what pushes from inside. When nothing is left there, the room’s pressure is all there is, whatever the pump.' },
    before: ['What flattens it: the pump or something else?', 'Will a pump of twice the speed press it twice as hard?'],
    after: ['Why is there a limit to how hard it is pressed?', 'Where would it be pressed less: here or on a high mountain?'],
    elsewhere: ['Food in vacuum bags.', 'Clothes bags for travel.', 'A carton when you drink its last drop.', 'A vacuum mattress for patients.'],
  },
  variants: values => sideBySide('Pumps side by side', values, simulate, ['hush', 'greatestPossible'], [
    { name: 'half this speed', numbers: { pumpSpeed: values.numbers.pumpSpeed! / 2, strokeVolume: values.numbers.strokeVolume! / 2 } }, { name: 'this pump' },
    { name: 'twice this speed', numbers: { pumpSpeed: values.numbers.pumpSpeed! * 2, strokeVolume: values.numbers.strokeVolume! * 2 } },
    { name: 'a perfect vacuum', numbers: { ultimatePressure: 1 } },
  ]),
  sizes: (values, s) => [
    { id: 'squeeze', name: 'room pressing the skins together', value: s.results.squeeze!, quantity: 'force', units: ['N', 'lbf'], note: 'difference × the slack balloon’s cross-section' },
    { id: 'most', name: 'most any pump could do', value: values.numbers.stationPressure!, quantity: 'pressure', units: ['kPa', 'psi'], note: 'the pressure of the room' },
  ],
}
