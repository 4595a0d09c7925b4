import { atWorst, blank, coefficient, type Demonstration, joules, kilopascals, kPa, metres, metresPerSecond, percent, rectangle, result, ROOM_INPUTS, said, seconds, type Shape, sideBySide, valueAt } from '../../../demonstration'
import { soundSpeed } from '../../../mechanisms/ball-in-tube'
import { LEAK, PUMP_INPUTS, pumpWords, pumpChoice, pumpingTime, target } from '../../vacuum/inputs'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate } from './simulate'

export const vacuumCannon: Demonstration = {
  id: 'vacuum-cannon', name: 'Vacuum ball cannon', summary: 'A table-tennis ball in a pumped-out tube: pierce the foil, and the room fires it.',
  noun: ['shot', 'shots'],
  people: { performs: 18, watches: 11 }, gates, cautions, afterFailure,
  gallery: { family: 'motion', effect: 'A light ball leaves a tube faster than a racing car and goes through a can.', topics: ['air pressure', 'motion', 'energy', 'speed of sound'], ages: [11, 18] },
  hushWords: { inside: 'air left ahead of the ball', strength: '' }, shelf: [{ step: 'pump', kind: 'pump' }],
  logged: { used: ['targetPressure', 'tubeLength'], seen: ['muzzleSpeed', 'finalPressure', 'timeToPump'] },
  inputs: [
    ...ROOM_INPUTS,
    blank('tubeLength', 'tube', 'm', 'vessel', 1.8, [0.2, 8], [0.8, 3], 0.005, { lever: [-0.6, 0.7] }), blank('tubeDiameter', 'inside across', 'mm', 'vessel', 0.0405, [0.01, 0.15], [0.03, 0.06], 0.003),
    blank('ballDiameter', 'ball across', 'mm', 'load', 0.04, [0.005, 0.15], [0.03, 0.05], 0.002), blank('ballMass', 'ball', 'g', 'load', 2.7e-3, [0.3e-3, 0.1], [1e-3, 0.01], 0.01),
    pumpChoice('two-stage'), ...PUMP_INPUTS, target(300, [-200, 2000, 10e3]), pumpingTime(180), blank('muzzleHeight', 'muzzle over the floor', 'm', 'load', 1, [0, 5], [0.5, 2], 0.02), blank('wantedSpeed', 'fast enough from', 'm/s', 'load', 150, [5, 330], [50, 250], 0), LEAK,
    coefficient('inrush', 'push behind the ball, against the simple expansion wave', '%', 1, [0.3, 3], [0.7, 1.8], { shape: 'triangular', below: 0.3, above: 1.3 },
      'published models differ: at 1.8 m 249 m/s for a lumped mass (Ayars & Buchholtz 2004), 266 to 272 for the wave, 310 to 324 for one-dimensional gas dynamics, where compression behind the ball helps; what is left of the foil takes some away; measure one shot'),
    coefficient('friction', 'rubbing, against the ball’s weight', '1', 0.5, [0, 50], [0, 5], 0.5, 'a ball that rolls and bounces; small against a hundred newtons of push; assumption'),
  ],
  results: [
    result('muzzleSpeed', 'leaves at', 'm/s'), result('hush', 'foil to muzzle', 's'), result('energy', 'energy of the ball', 'J'), result('reach', 'could fly', 'm'), result('exclusion', 'keep clear', 'm'), result('timeToPump', 'time at the pump', 's'), result('strokes', 'strokes', '1'), result('finalPressure', 'pressure in the tube', 'kPa'),
    result('peakPressureDifference', 'greatest pressure difference', 'kPa'), result('foilForce', 'room on the foil', 'N'), result('lumpedSpeed', 'by the lumped-mass estimate', 'm/s'), result('flightTime', 'time in the tube', 's'),
  ],
  outcomes: [
    { id: 'fast', look: 'gone', name: 'is fast', sentence: 'The ball shoots out too fast to see.' }, { id: 'slow', look: 'partly', name: 'is slow', sentence: 'The ball comes out, but one can follow it.' }, { id: 'stuck', look: 'nothing', name: 'stays in the tube', sentence: 'The ball stays in the tube.' },
  ],
  wanted: 'fast', columns: COLUMNS,
  procedure: [
    { id: 'load', hazards: ['projectile'], parts: ['Put a ball (', { input: 'ballDiameter' }, ' across, ', { input: 'ballMass' }, ') into a clear tube of ', { input: 'tubeLength' }, ', ', { input: 'tubeDiameter' }, ' across inside, at the end away from the target; tape foil over both ends, muzzle ', { input: 'muzzleHeight' }, ' over the floor.'] },
    { id: 'pump', hazards: ['vacuum', 'projectile'], parts: values => ['Pump with a ', ...pumpWords(values), ' down to ', { input: 'targetPressure' }, ', for at most ', { input: 'pumpTime' }, '.'], duration: s => s.results.timeToPump },
    { id: 'fire', hazards: ['projectile'], marks: ['sealed'], parts: ['Pierce the foil behind the ball. Fast enough from ', { input: 'wantedSpeed' }, '.'], duration: s => s.results.hush },
  ],
  check: ({ numbers: n }) => n.ballDiameter! > n.tubeDiameter! ? [{ input: 'ballDiameter', message: `given ${(n.ballDiameter! * 1e3).toFixed(2)} mm; accepted: at most the tube, ${(n.tubeDiameter! * 1e3).toFixed(2)} mm` }] : [],
  simulate,
  ledger: ({ details: d }) => ({ moment: 'before the foil is pierced', difference: d.difference!, rows: [{ id: 'pumped', cause: 'air taken out by the pump, less what leaked in', pressure: d.difference! }] }),
  kit: () => ['clear pipe made for pressure, no cracks', 'light balls, several', 'foil or tape for the ends', 'pump and gauge', 'target and backstop', 'stand and clamps', 'eye and ear protection', 'barrier tape'],
  drawing(values, s, time) {
    const n = values.numbers
    const [place, speed, behind, front] = ['place', 'speed', 'behind', 'ahead'].map(c => valueAt(s.trace!, c, time)) as [number, number, number, number]
    const l = n.tubeLength!
    // A tube fifty times as long as wide is drawn four times as wide as it is.
    const w = Math.max(n.tubeDiameter! * 3, l * 0.07)
    const y = 0.2 * l
    const fired = time > s.details.sealing! + 1e-6
    const x = -l / 2 + w / 2 + place * (l - w * 0.4) / l
    const shapes: Shape[] = [
      { kind: 'gas', points: rectangle(-l / 2, y - w / 2, Math.max(0.001, x + l / 2 - w * 0.4), w), air: behind / n.stationPressure!, vapour: 0 },
      { kind: 'gas', points: rectangle(x, y - w / 2, Math.max(0.001, l / 2 - x), w), air: Math.min(1.5, front / n.stationPressure!), vapour: 0 },
      { kind: 'body', points: [[-l / 2, y + w / 2], [l / 2, y + w / 2]], stuff: 'glass', open: true, thick: 4 }, { kind: 'body', points: [[-l / 2, y - w / 2], [l / 2, y - w / 2]], stuff: 'glass', open: true, thick: 4 },
      ...(fired ? [] : [{ kind: 'body', points: [[-l / 2, y - w / 2], [-l / 2, y + w / 2]], stuff: 'metal', open: true, thick: 3 } as Shape]),
      { kind: 'body', points: [[l / 2, y - w / 2], [l / 2, y + w / 2]], stuff: 'metal', open: true, thick: 3 },
      { kind: 'round', at: [x, y], across: w * 0.92, stuff: 'food' },
      ...[-0.3, 0.35].map((sx): Shape => ({ kind: 'body', points: [[sx * l, y - w / 2], [sx * l - 0.03 * l, 0], [sx * l, y - w / 2], [sx * l + 0.03 * l, 0]], stuff: 'metal', open: true, thick: 3 })),
      ...(fired ? [-0.25, 0.25].map((dy): Shape => ({ kind: 'push', stuff: 'outside-air', from: [x - w * 0.5 - 0.12 * l, y + dy * w], to: [x - w * 0.5, y + dy * w] })) : [-0.25, 0.25].map((dy): Shape => ({ kind: 'push', stuff: 'outside-air', from: [-l / 2 - 0.11 * l, y + dy * w], to: [-l / 2 - 0.01 * l, y + dy * w] }))),
      { kind: 'note', at: [-l / 2, y + w * 0.75], anchor: 'start', stuff: 'outside-air', said: ['behind ', kPa(behind)] }, { kind: 'note', at: [l / 2, y + w * 0.75], anchor: 'end', stuff: 'ink', said: ['ahead ', kPa(front)] },
      { kind: 'note', at: [0, y + w * 1.25], anchor: 'middle', stuff: 'danger', said: [said(speed, 'speed', 'm/s', 'mph')] },
    ]
    return { kind: 'cannon', numbers: {}, scene: { frame: { left: -0.64 * l, right: 0.56 * l, bottom: 0, top: y + w * 1.7 }, shapes, caption: [fired ? 'The room pushes the ball; air has to be set moving as well. Tube drawn wider than it is.' : 'Pumped out. Tube drawn wider than it is.'] } }
  },
  why: (values, s) => [
    `The room pushes with ${kilopascals(values.numbers.stationPressure!)} on ${(values.numbers.ballDiameter! * 1e3).toFixed(0)} mm: the ball leaves at ${metresPerSecond(s.results.muzzleSpeed!)}, ${percent(s.results.muzzleSpeed! / soundSpeed(values.numbers.airTemperature!))} of the speed of sound, after ${seconds(s.results.hush ?? 0)}.`,
    `It can't get much faster, however long the tube: the air behind has to run after it and gets thin; what was left ahead (${kilopascals(s.results.finalPressure!)}) is squeezed together. The lumped estimate gives ${metresPerSecond(s.results.lumpedSpeed!)}.`,
  ],
  advice: (_values, s, risk) => [{ text: `Keep ${metres(atWorst(risk, 'exclusion'))} (99 of 100 shots stay within) forward of the muzzle clear if the backstop should fail, and pump for ${seconds(s.results.timeToPump!)}.` }],
  explanation: (_values, s) => [
    { from: 7, text: 'We took the air out in front of the ball. When the foil breaks, all the air of the room rushes in behind and pushes the ball out.' },
    { from: 11, text: `Nothing is lit and nothing explodes: ordinary air does it. With nothing in the way the ball gets to ${metresPerSecond(s.results.muzzleSpeed!)}.` },
    { from: 14, text: `Work is force times way: ${s.results.foilForce!.toFixed(0)} N along the tube would make more energy than the ${joules(s.results.energy!)} of the ball: the rest went into the air that runs along.` },
    { from: 16, text: 'Behind a running piston p = p0 (1 − (γ−1)u/2c)^(2γ/(γ−1)): at half the speed of sound only half is left. Ahead a shock forms; at 0.3 kPa it hardly matters, at 10 kPa it does. Ayars and Buchholtz (2004) treat the air as a lump that is accelerated with the ball: p A t = (m + ρ A x) v.' },
  ],
  teaching: {
    wrongIdea: { idea: 'The vacuum sucks the ball out.', answer: 'The ball flies away from the hole that was pierced: it is pushed from behind.' },
    before: ['Which foil must I pierce?', 'Can it get faster than sound?'], after: ['Where did the rest of the work go?', 'Would a heavier ball be slower?'],
    elsewhere: ['Pneumatic post.', 'Tube trains pushed by air.', 'A cork from a popgun.', 'Dust in a wind tunnel.'],
  },
  variants: values => sideBySide('Tubes side by side', values, simulate, ['muzzleSpeed', 'timeToPump', 'exclusion'], [0.5, 1, 1.5, 2].map(factor => ({
    name: metres(values.numbers.tubeLength! * factor), numbers: { tubeLength: values.numbers.tubeLength! * factor },
  }))),
  sizes: (_values, s) => [{ id: 'energy', name: 'energy of the ball', value: s.results.energy!, quantity: 'energy', units: ['J', 'J'], note: 'several joules break thin sheet and skin' }, { id: 'foilForce', name: 'room on the foil', value: s.results.foilForce!, quantity: 'force', units: ['N', 'lbf'], note: 'difference × the tube’s section' }, { id: 'reach', name: 'could fly', value: s.results.reach!, quantity: 'length', units: ['m', 'ft'], note: 'with air drag, best angle' }],
}
