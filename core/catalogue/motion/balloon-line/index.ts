import { blank, centimetres, coefficient, type Demonstration, kilopascals, kPa, metres, metresPerSecond, newtons, result, ROOM_INPUTS, said, seconds, type Shape, valueAt } from '../../../demonstration'
import { RUBBER, slackBalloon } from '../../vacuum/rubber-inputs'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate } from './simulate'

export const balloonLine: Demonstration = {
  id: 'balloon-line', name: 'Balloon on a line', summary: 'A balloon taped to a straw drives itself along a line across the room.',
  noun: ['run', 'runs'],
  people: { performs: 7, watches: 5 }, gates, cautions, afterFailure,
  gallery: { family: 'motion', effect: 'A balloon whizzes along a string over everybody’s heads.', topics: ['motion', 'air pressure', 'energy'], ages: [5, 14] },
  hushWords: { inside: 'air in the balloon', strength: '' }, shelf: [],
  logged: { used: ['blownTo', 'nozzleDiameter', 'balloonShape'], seen: ['runLength', 'runTime'] },
  inputs: [
    ...ROOM_INPUTS,
    { id: 'balloonShape', name: 'balloon', kind: 'choice', group: 'load', default: 'round', lever: true, source: 'Round ones are at hand; long ones keep their pressure and their small front, and run faster.', choices: [{ id: 'round', name: 'round balloon' }, { id: 'long', name: 'long balloon' }] },
    slackBalloon(0.06), blank('blownTo', 'blown to (a long one: as a ball of the same air)', 'cm', 'load', 0.24, [0.05, 0.6], [0.12, 0.35], 0.04, { lever: [-0.05, 0.04] }),
    blank('nozzleDiameter', 'nozzle', 'mm', 'load', 0.009, [0.001, 0.04], [0.004, 0.02], 0.05, { lever: [-0.003, 0.004] }), blank('rubberMass', 'empty balloon', 'g', 'load', 2.4e-3, [0.3e-3, 0.05], [1e-3, 8e-3], 0.03), blank('strawMass', 'straw and tape', 'g', 'load', 1.2e-3, [0.1e-3, 0.1], [0.5e-3, 5e-3], 0.05),
    blank('lineLength', 'line', 'm', 'vessel', 8, [0.5, 100], [3, 20], 0.01, { lever: [-3, 4] }), blank('lineSlope', 'climbs, in a metre', '%', 'vessel', 0, [-0.5, 1], [0, 0.3], { shape: 'normal', absolute: 0.01 }),
    coefficient('lineFriction', 'friction of straw on line', '%', 0.25, [0.01, 2], [0.1, 0.6], 0.25, 'plastic on nylon line 0.15 to 0.3, on cotton more; CRC Handbook, from memory'),
    coefficient('nozzleFlow', 'share of the nozzle that the jet fills', '%', 0.75, [0.2, 1], [0.5, 0.98], { shape: 'uniform', below: 0.13, above: 0.13 }, 'a soft neck flutters; a short tube in it 0.8 (White, sect. 6.10)'),
    coefficient('dragRound', 'drag coefficient of a round balloon', '1', 0.5, [0.1, 1.5], [0.3, 0.8], 0.15, 'sphere below the drag crisis, White, fig. 7.16'), coefficient('dragLong', 'drag coefficient of a long balloon', '1', 0.35, [0.05, 1.5], [0.2, 0.8], 0.25, 'rounded rod along the flow, White, table 7.3'),
    ...RUBBER,
  ],
  results: [
    result('runLength', 'runs', 'm'), result('runTime', 'in', 's'), result('topSpeed', 'fastest', 'm/s'), result('arrivalSpeed', 'arrives with', 'm/s'), result('thrust', 'thrust at the start', 'N'), result('airTime', 'air lasts', 's'), result('airVolume', 'air blown in', 'L'), result('peakPressureDifference', 'greatest pressure difference', 'kPa'), result('hush', 'to the end of the line', 's'),
  ],
  outcomes: [
    { id: 'arrives', look: 'gone', name: 'runs to the end', sentence: 'The balloon runs to the end of the line.' }, { id: 'short', look: 'partly', name: 'stops on the way', sentence: 'The balloon stops on the way.' },
    { id: 'stands', look: 'nothing', name: 'hardly moves', sentence: 'The balloon hisses and hardly moves.' }, { id: 'bursts', look: 'harm', name: 'bursts', sentence: 'The balloon bursts before it is let go.' },
  ],
  wanted: 'arrives', columns: COLUMNS,
  procedure: [
    { id: 'line', parts: ['Stretch a smooth line of ', { input: 'lineLength' }, ' (climbing ', { input: 'lineSlope' }, ') with a straw on it.'] },
    { id: 'blow', hazards: ['burst'], parts: ['Blow up a ', { input: 'balloonShape' }, ' (', { input: 'balloonSlack' }, ' across before it stretches, ', { input: 'rubberMass' }, ') to ', { input: 'blownTo' }, ', nozzle ', { input: 'nozzleDiameter' }, '; tape it under the straw (', { input: 'strawMass' }, ').'] },
    { id: 'go', hazards: ['projectile'], marks: ['sealed'], parts: ['Count down and let go.'], duration: s => s.results.runTime },
  ],
  check: ({ numbers: n }) => n.nozzleDiameter! > 0.6 * n.balloonSlack! ? [{ input: 'nozzleDiameter', message: `given ${(n.nozzleDiameter! * 1e3).toFixed(1)} mm; accepted: at most ${(600 * n.balloonSlack!).toFixed(1)} mm, six tenths of the slack balloon` }] : [],
  simulate,
  ledger: ({ details: d }) => ({ moment: 'blown up: a negative difference is more inside than outside', difference: -d.difference!, rows: [{ id: 'skin', cause: 'the stretched skin', pressure: -d.difference! }] }),
  kit: () => ['balloons, round and long', 'smooth fishing line', 'straws', 'tape', 'clip', 'tape measure', 'stopwatch'],
  drawing(values, s, time) {
    const n = values.numbers
    const [place, speed, across, left, pressure] = ['place', 'speed', 'balloonAcross', 'left', 'pressure'].map(c => valueAt(s.trace!, c, time)) as [number, number, number, number, number]
    const l = n.lineLength!
    // The balloon is drawn larger than to scale on a long line, and says so.
    const larger = Math.max(1, l * 0.13 / n.blownTo!)
    const long = values.choices.balloonShape === 'long'
    const size = (long ? s.details.longWidth! : Math.max(0.02, across)) * larger
    const stretch = long ? Math.max(0.15, left) * 5 : 1
    const x = -l / 2 + place
    const y = 0.16 * l
    const shapes: Shape[] = [
      { kind: 'body', points: [[-l / 2, y], [l / 2, y + n.lineSlope! * l]], stuff: 'ink', open: true, thick: 1.5 },
      ...[-1, 1].map((side): Shape => ({ kind: 'body', points: [[side * l / 2, 0], [side * l / 2, y * 1.15 + (side > 0 ? n.lineSlope! * l : 0)]], stuff: 'metal', open: true, thick: 4 })),
      { kind: 'round', at: [x, y + n.lineSlope! * place - size * 0.6], across: Math.max(size * stretch, 0.012 * l), high: size, stuff: 'rubber', opacity: 0.85 },
      ...(pressure > s.details.stationPressure! + 20 ? [0, 1].map((i): Shape => ({ kind: 'push', stuff: 'inside-air', from: [x - size * stretch * 0.55, y - size * (0.5 + 0.2 * i) + n.lineSlope! * place], to: [x - size * stretch * 0.55 - 0.07 * l, y - size * (0.5 + 0.2 * i) + n.lineSlope! * place] })) : []),
      { kind: 'note', at: [0, y * 1.7], anchor: 'middle', stuff: 'ink', said: [said(speed, 'speed', 'm/s', 'ft/s'), '   in the balloon ', kPa(pressure), '   outside ', kPa(s.details.stationPressure!)] },
    ]
    return { kind: 'line', numbers: {}, scene: { frame: { left: -0.68 * l, right: 0.56 * l, bottom: 0, top: y * 2 + Math.max(0, n.lineSlope!) * l }, shapes, caption: [larger > 1.05 ? 'Balloon drawn larger than to scale. ' : '', said(place, 'length', 'm', 'ft'), ' along the line.'] } }
  },
  why: (_values, s) => [
    `The skin presses the air out at ${kilopascals(s.results.peakPressureDifference!)} over the room; the jet pushes back with ${newtons(s.results.thrust!)} for ${seconds(s.results.airTime!)}. It runs ${metres(s.results.runLength!)}, at most ${metresPerSecond(s.results.topSpeed!)}: drag of the air round the balloon holds it there.`,
    ...(s.outcome === 'short' ? ['A wider nozzle pushes harder but not as long; a long balloon has less drag; nylon line has less friction.'] : []),
  ],
  explanation: (values, s) => [
    { from: 5, text: 'The air rushes out backwards and pushes the balloon forwards.' },
    { from: 11, text: `Action and reaction: the balloon pushes the air out one way, the air pushes the balloon the other way, with ${newtons(s.results.thrust!)}. It does not need a wall to push against.` },
    { from: 14, text: `Thrust is mass flow times speed of the jet. ${centimetres(values.numbers.blownTo!)} across at the start, it soon runs as fast as drag allows: ${metresPerSecond(s.results.topSpeed!)}.` },
    { from: 16, text: 'F = 2 C A Δp for a jet into still air: independent of the density. Δp falls, then rises as the balloon shrinks back through the hump of its pressure: that is why it spurts at the end. A long balloon keeps its pressure, and its front.' },
  ],
  teaching: {
    wrongIdea: { idea: 'The air pushes against the room’s air behind it.', answer: 'It would run even better in a vacuum. What counts is that the balloon throws something away.' },
    before: ['Round or long: which goes further?', 'Will a wider nozzle be faster?'], after: ['Why did it get faster just before the end?', 'What would it do without air in the room?'],
    elsewhere: ['Rockets.', 'Squids.', 'A garden hose that kicks.', 'A fire extinguisher on a skateboard (not to be tried).'],
  },
  sizes: (_values, s) => [{ id: 'thrust', name: 'thrust', value: s.results.thrust!, quantity: 'force', units: ['N', 'lbf'], note: 'at the start' }],
}
