import { blank, centimetres, coefficient, type Demonstration, kilopascals, kPa, newtons, type Point, result, ROOM_INPUTS, said, type Shape, valueAt } from '../../../demonstration'
import { RUBBER, slackBalloon } from '../../vacuum/rubber-inputs'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate } from './simulate'

const SURFACES: Readonly<Record<string, { name: string, friction: number }>> = { dry: { name: 'dry', friction: 0.8 }, damp: { name: 'damp', friction: 0.45 }, wet: { name: 'wet or soapy', friction: 0.12 } }

export const balloonInGlass: Demonstration = {
  id: 'balloon-in-glass', name: 'Balloon lifts a glass', summary: 'A balloon blown up inside a glass presses on its wall and lifts it.',
  noun: ['balloon', 'balloons'],
  people: { performs: 7, watches: 5 }, gates, cautions, afterFailure,
  gallery: { family: 'holding', effect: 'A glass hangs from a balloon, held by nothing but air.', topics: ['air pressure', 'friction'], ages: [5, 12] },
  hushWords: { inside: 'air in the balloon', strength: '' }, shelf: [],
  logged: { used: ['blownTo', 'glassMass'], seen: ['hush'] },
  inputs: [
    ...ROOM_INPUTS, slackBalloon(0.05),
    blank('glassDiameter', 'glass across inside', 'cm', 'vessel', 0.068, [0.02, 0.3], [0.05, 0.1], 0.01), blank('insertDepth', 'balloon down in it', 'cm', 'load', 0.06, [0.005, 0.3], [0.02, 0.12], 0.08, { lever: [-0.02, 0.02] }),
    blank('glassMass', 'glass with what is in it', 'g', 'load', 0.25, [0.01, 5], [0.05, 1], 0.02, { lever: [-0.1, 0.2, 0.5] }),
    blank('blownTo', 'balloon above the rim blown to', 'cm', 'load', 0.14, [0.03, 0.5], [0.08, 0.25], 0.05, { lever: [-0.03, 0.03] }),
    { id: 'surface', name: 'glass inside', kind: 'choice', group: 'load', default: 'dry', lever: true, choices: Object.entries(SURFACES).map(([id, { name }]) => ({ id, name })) },
    coefficient('friction', 'friction of rubber on glass', '%', v => (SURFACES[v.choices.surface!] ?? SURFACES.dry!).friction, [0.02, 2], [0.1, 1.2], 0.2, 'soft rubber on dry glass 0.6 to 1 and more, wet a fifth; CRC Handbook, from memory'),
    coefficient('contactShare', 'share of the wall that it touches', '%', 0.7, [0.1, 1], [0.4, 0.9], { shape: 'uniform', below: 0.15, above: 0.15 }, 'a round balloon in a round glass; assumption'),
    coefficient('jerk', 'pull against the weight at rest', '1', 1.15, [1, 3], [1, 2], { shape: 'triangular', below: 0.13, above: 0.25 }, 'lifted smoothly; assumption'),
    ...RUBBER,
  ],
  results: [
    result('grip', 'friction can hold', 'N'), result('weight', 'glass pulls with', 'N'), result('safetyFactor', 'friction over pull', '1'), result('skinPressure', 'balloon over the room', 'kPa'), result('contactPressure', 'it presses on the glass with', 'kPa'),
    result('bestGrip', 'best friction on the way', 'N'), result('peakPressureDifference', 'greatest pressure difference', 'kPa'), result('timeToBlow', 'time to blow it up', 's'), result('hush', 'until it lifts', 's'),
  ],
  outcomes: [
    { id: 'lifts', look: 'gone', name: 'lifts the glass', sentence: 'The balloon lifts the glass.' },
    { id: 'slides', look: 'nothing', name: 'slides out', sentence: 'The balloon slides out and the glass stays.' },
    { id: 'bursts', look: 'harm', name: 'bursts', sentence: 'The balloon bursts.' },
  ],
  wanted: 'lifts', columns: COLUMNS,
  procedure: [
    { id: 'place', parts: ['Hang a balloon (', { input: 'balloonSlack' }, ' across before it stretches) ', { input: 'insertDepth' }, ' deep into a ', { input: 'surface' }, ' glass, ', { input: 'glassDiameter' }, ' across inside, ', { input: 'glassMass' }, ' in all.'] },
    { id: 'blow', hazards: ['burst'], marks: ['sealed'], parts: ['Blow it up to ', { input: 'blownTo' }, ' across above the rim; pinch it.'], duration: s => s.results.timeToBlow },
    { id: 'lift', hazards: ['load'], parts: ['Lift it by the balloon, over a cloth.'] },
  ],
  check: ({ numbers: n }) => n.glassDiameter! < n.balloonSlack! * 1.02 ? [{ input: 'glassDiameter', message: `given ${centimetres(n.glassDiameter!)}; accepted: more than the slack balloon, ${centimetres(n.balloonSlack! * 1.02)}` }] : [],
  simulate,
  ledger: ({ details: d }) => ({
    moment: 'blown up: a negative difference is more inside than outside', difference: -d.difference!,
    rows: [{ id: 'skin', cause: 'what stretching the skin in the glass takes up', pressure: -Math.min(d.taken!, d.difference!) }, { id: 'air', cause: 'left over to press on the glass', pressure: -(d.difference! - Math.min(d.taken!, d.difference!)) }],
  }),
  kit: () => ['round balloons', 'tumblers of several weights', 'cloth', 'water to weigh them down', 'kitchen scale'],
  drawing(values, s, time) {
    const n = values.numbers
    const [across, lifted, pressure, grip] = ['balloonAcross', 'lifted', 'pressure', 'grip'].map(c => valueAt(s.trace!, c, time)) as [number, number, number, number]
    const [d, deep] = [n.glassDiameter!, n.insertDepth!]
    const h = Math.max(deep * 1.4, d * 1.2)
    const up = lifted * 0.4 * h
    const wall: Point[] = [[-d / 2, up + h], [-d / 2, up + 0.003], [d / 2, up + 0.003], [d / 2, up + h]]
    const inside = Math.min(across, d)
    const outer = Math.max(across, 0.012)
    const shapes: Shape[] = [
      { kind: 'body', points: [[-inside * 0.46, up + h - deep], [-inside / 2, up + h - deep * 0.75], [-inside / 2, up + h], [inside / 2, up + h], [inside / 2, up + h - deep * 0.75], [inside * 0.46, up + h - deep]], stuff: 'rubber', opacity: 0.8 },
      { kind: 'round', at: [0, up + h + outer * 0.36], across: outer, high: outer * 0.95, stuff: 'rubber', opacity: 0.8 },
      { kind: 'body', points: wall, stuff: 'glass', open: true, thick: 4 },
      ...(across > d ? [0.3, 0.6].flatMap((share): Shape[] => [-1, 1].map(side => ({ kind: 'push', stuff: 'inside-air', from: [side * d * 0.2, up + h - deep * share], to: [side * d * 0.48, up + h - deep * share] }))) : []),
      { kind: 'note', at: [d * 1.1, up + h * 0.6], anchor: 'start', stuff: 'ink', said: ['friction ', said(grip, 'force', 'N', 'lbf')] }, { kind: 'note', at: [-d * 1.1, up + h * 0.6], anchor: 'end', stuff: 'ink', said: ['in the balloon ', kPa(pressure)] },
      { kind: 'note', at: [-d * 1.1, up + h * 0.35], anchor: 'end', stuff: 'outside-air', said: ['outside ', kPa(n.stationPressure!)] },
    ]
    const size = Math.max(n.blownTo!, d)
    return { kind: 'glass', numbers: {}, scene: { frame: { left: -2.2 * size, right: 2.2 * size, bottom: 0, top: 1.4 * h + 0.9 * size }, shapes, caption: [lifted > 0.1 ? 'Up it goes: friction carries it.' : across > d ? 'It presses on the wall all round.' : 'Not yet touching.'] } }
  },
  why: (values, s) => [
    `Blown to ${centimetres(values.numbers.blownTo!)}, the skin presses the air ${kilopascals(s.results.skinPressure!)} over the room. Stretching the part in the glass takes some; ${kilopascals(s.results.contactPressure!)} are left to press on the wall, and friction turns that into ${newtons(s.results.grip!)}.`,
    s.outcome === 'lifts' ? `The glass pulls with ${newtons(s.results.weight!)}.` : s.outcome === 'bursts' ? 'It was stretched too far.' : `The glass pulls with ${newtons(s.results.weight!)}: dry the glass, put the balloon deeper, or take a lighter one. Blown larger the skin does not press harder at first: it presses less.`,
  ],
  explanation: (_values, s) => [
    { from: 5, text: 'The balloon gets fat and presses against the glass from inside. It holds so tight that you can lift it.' },
    { from: 11, text: `The air in the balloon presses outwards all round. Rubber on glass grips: ${newtons(s.results.grip!)}, more than the glass weighs or not.` },
    { from: 14, text: `Friction is coefficient × pressing force. The pressing force is ${kilopascals(s.results.contactPressure!)} times the wall that is touched.` },
    { from: 16, text: 'A balloon’s pressure has a hump at a stretch of about 1.4 and then falls: blowing more does not always press more. What counts is the excess over what the cylinder in the glass needs for its own stretch, about half a sphere’s.' },
  ],
  teaching: {
    wrongIdea: { idea: 'The balloon is light, like a flying balloon, so it lifts.', answer: 'It does not fly: the hand lifts it. The air only presses the rubber to the glass.' },
    before: ['Would it work with a soapy glass?', 'Will a bigger balloon hold better?'], after: ['What does the air do here?', 'What would a heavier glass need?'],
    elsewhere: ['Drain stoppers that are pumped up.', 'Blood pressure cuffs.', 'Grippers that lift bottles by the neck.'],
  },
  sizes: (_values, s) => [{ id: 'grip', name: 'friction can hold', value: s.results.grip!, quantity: 'force', units: ['N', 'lbf'], note: 'contact pressure × wall touched × friction' }],
}
