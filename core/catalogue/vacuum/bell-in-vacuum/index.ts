import { blank, coefficient, type Demonstration, GAS_COLUMNS, kilopascals, percent, rectangle, result, ROOM_INPUTS, said, type Shape, valueAt, type Values } from '../../../demonstration'
import { gasPathLoss } from '../../../mechanisms/sound-in-gas'
import { JAR_RESULTS, LEAK, PUMP_INPUTS, pumpWords, jarBears, jarInputs, pumpChoice, pumpingTime, target } from '../inputs'
import { jarScene } from '../jar-scene'
import { jarKit, jarLedger, jarSizes } from '../pumped'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate } from './simulate'

/** What a mount keeps back, dB: assumption, to be measured with the jar pumped well. */
const MOUNTS: Readonly<Record<string, { name: string, loss: number }>> = {
  threads: { name: 'hung on rubber bands', loss: 42 }, foam: { name: 'on soft foam', loss: 30 }, plate: { name: 'straight on the plate', loss: 12 },
}
const decibel = (x: number): string => `${Math.round(x)} dB`

export const bellInVacuum: Demonstration = {
  id: 'bell-in-vacuum', name: 'Bell in a vacuum', summary: 'A ringing clock under the jar fades as the air goes, and is still seen to hammer.',
  noun: ['try', 'tries'],
  people: { performs: 11, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'vacuum', effect: 'A ringing bell goes quiet before everybody’s eyes while its hammer goes on.', topics: ['sound', 'vacuum', 'particle model'], ages: [7, 18] },
  hushWords: { inside: 'air left in the jar', strength: '' },
  shelf: [{ step: 'jar', kind: 'vessel', shapes: ['bell-jar'], capacity: [0.1e-3, 60e-3] }, { step: 'pump', kind: 'pump' }],
  logged: { used: ['targetPressure', 'roomNoise', 'levelOutside'], seen: ['levelAfter', 'finalPressure', 'hush'] },
  inputs: [
    ...ROOM_INPUTS, ...jarInputs(),
    { id: 'mount', name: 'mount', kind: 'choice', group: 'load', default: 'threads', lever: true, choices: Object.entries(MOUNTS).map(([id, { name }]) => ({ id, name })) },
    blank('levelOutside', 'bell heard at 1 m, jar on, not pumped', 'dB', 'load', 62, [20, 110], [45, 80], { shape: 'normal', absolute: 2 }),
    blank('roomNoise', 'noise of the room', 'dB', 'load', 38, [10, 90], [28, 60], { shape: 'normal', absolute: 3 }, { lever: [-6, 6] }),
    blank('listenerDistance', 'listener sits', 'm', 'load', 4, [0.3, 60], [1, 15], 0.05, { lever: [-2, 3] }),
    pumpChoice('two-stage'), ...PUMP_INPUTS, target(200, [-100, 2000, 10e3]), pumpingTime(300), LEAK,
    coefficient('mountLoss', 'what the mount keeps back', 'dB', v => (MOUNTS[v.choices.mount!] ?? MOUNTS.foam!).loss, [0, 90], [5, 60], { shape: 'normal', absolute: 4 }, 'assumption by the kind of mount: measure it with the jar pumped well'),
    coefficient('belowNoise', 'how far below the noise a bell is still heard', 'dB', 5, [-10, 20], [0, 12], { shape: 'normal', absolute: 2 }, 'a tone is masked some 4 to 6 dB below the noise of its own band (Fastl & Zwicker, Psychoacoustics, 3rd ed., ch. 4)'),
  ],
  results: [
    ...JAR_RESULTS, result('levelBefore', 'heard before', 'dB'), result('levelAfter', 'heard at the end', 'dB'), result('drop', 'quieter by', 'dB'), result('mountFloor', 'what comes through the mount', 'dB'),
    result('vanishPressure', 'pressure at which it is lost in the room', 'kPa'), result('hush', 'until it is not heard', 's'),
  ],
  outcomes: [
    { id: 'silent', look: 'gone', name: 'is not heard any more', sentence: 'The hammer still moves; nothing is heard.' },
    { id: 'faint', look: 'partly', name: 'is much fainter', sentence: 'It gets much fainter but can still be heard.' },
    { id: 'heard', look: 'nothing', name: 'is heard as before', sentence: 'It sounds much as before.' },
    { id: 'never', look: 'harm', name: 'was not heard to begin with', sentence: 'The room is too loud to hear it at all.' },
  ],
  wanted: 'silent', columns: [...GAS_COLUMNS, ...COLUMNS],
  procedure: [
    { id: 'jar', parts: ['Set a bell going, ', { input: 'mount' }, ', under a ', { input: 'jarKind' }, ' of ', { input: 'jarVolume' }, ' (', { input: 'jarDiameter' }, ' across, ', { input: 'jarHeight' }, ' high): a sound meter 1 m away reads ', { input: 'levelOutside' }, '.'] },
    { id: 'room', parts: ['Quiet: the room itself makes ', { input: 'roomNoise' }, '; the farthest listener sits ', { input: 'listenerDistance' }, ' away. Stop the pump to listen.'] },
    { id: 'pump', hazards: ['glass-under-difference', 'vacuum'], marks: ['sealed'], parts: values => ['Pump with a ', ...pumpWords(values), ' down to ', { input: 'targetPressure' }, ', for at most ', { input: 'pumpTime' }, '.'], duration: s => s.results.timeToPump },
    { id: 'air', parts: ['Let the air in slowly: it comes back.'] },
  ],
  suspects: VACUUM_SUSPECTS,
  check: jarBears,
  simulate, ledger: jarLedger,
  kit: values => jarKit(values, 'mechanical or battery bell', 'rubber bands or foam', 'sound meter (a phone will do)'),
  drawing(values, s, time) {
    const n = values.numbers
    const level = valueAt(s.trace!, 'levelHeard', time)
    const r = 0.16 * n.jarDiameter!
    const y = n.jarHeight! * 0.42
    const loud = Math.max(0, Math.min(4, Math.round((level - n.roomNoise! + 6) / 6)))
    const mount = values.choices.mount
    const swing = Math.round(time * 12) % 2 === 0 ? 1 : -1
    const shapes: Shape[] = [
      ...(mount === 'threads'
        ? [-1, 1].map((side): Shape => ({ kind: 'body', points: [[side * r * 0.5, y + r], [side * r * 0.9, n.jarHeight! * 0.8]], stuff: 'rubber', open: true, thick: 2 }))
        : [{ kind: 'body', points: rectangle(-r * 1.2, 0, r * 2.4, mount === 'foam' ? y - r : 0.02), stuff: mount === 'foam' ? 'food' : 'metal', opacity: 0.7 } as Shape, ...(mount === 'foam' ? [] : [{ kind: 'body', points: rectangle(-r * 0.1, 0, r * 0.2, y - r), stuff: 'metal' } as Shape])]),
      { kind: 'round', at: [0, y], across: 2 * r, stuff: 'metal' }, { kind: 'round', at: [0, y], across: 1.5 * r, stuff: 'paper' },
      { kind: 'body', points: [[0, y], [0.4 * r, y + 0.3 * r]], stuff: 'ink', open: true, thick: 2 },
      { kind: 'round', at: [-r * 0.6, y + r * 1.25], across: r * 0.9, high: r * 0.6, stuff: 'metal' }, { kind: 'round', at: [r * 0.6, y + r * 1.25], across: r * 0.9, high: r * 0.6, stuff: 'metal' },
      { kind: 'body', points: [[0, y + r], [swing * r * 0.14, y + r * 1.4]], stuff: 'ink', open: true, thick: 3 },
      ...Array.from({ length: loud }, (_, i): Shape => ({ kind: 'round', at: [0, y + 0.2 * r], across: 2 * r * (1.7 + 0.5 * i), stuff: 'inside-air', hollow: true })),
      { kind: 'note', at: [0, n.jarHeight! * 0.06], anchor: 'middle', said: [said(level, 'level', 'dB', 'dB')] },
    ]
    return jarScene(values, s, time, shapes, ['Heard at the back: ', said(level, 'level', 'dB', 'dB'), ', in a room of ', said(n.roomNoise!, 'level', 'dB', 'dB'), '.'])
  },
  why: (values: Values, s) => [
    `Sound needs something to push. With ${percent(s.results.finalPressure! / values.numbers.stationPressure!)} of the air left, the path through the air has lost ${decibel(gasPathLoss(s.results.finalPressure!, values.numbers.stationPressure!))}; through the mount ${decibel(s.results.mountFloor!)} remain whatever the pump does.`,
    s.outcome === 'silent' ? `It is lost in the room's ${decibel(values.numbers.roomNoise!)} at ${kilopascals(s.results.vanishPressure!)}.` : `At ${decibel(s.results.levelAfter!)} it is still above what this room hides: a softer mount, a better vacuum or more distance.`,
  ],
  explanation: (values, s) => [
    { from: 7, text: 'The bell shakes the air, the air shakes your ear. When we take the air away, nothing carries the shaking to you. The light still gets through: you can see it ring.' },
    { from: 11, text: `Sound goes from particle to particle. With ${percent(s.results.finalPressure! / values.numbers.stationPressure!)} of them left, little is passed on, and it is ${decibel(s.results.drop!)} quieter.` },
    { from: 14, text: `Every 10 dB sound about half as loud. Taking nine tenths of the air costs the path through the gas 20 dB; what still comes through the mount, ${decibel(s.results.mountFloor!)}, sets the floor.` },
    { from: 16, text: 'The radiated pressure goes with ρ c: 20 log(p0/p). The speed of sound does not change, it depends on temperature alone. Long before molecules are too few to carry sound at all, the mismatch between bell, gas and glass has made it inaudible.' },
  ],
  teaching: {
    wrongIdea: { idea: 'With no air at all left, sound is suddenly gone.', answer: 'It fades with every stroke. A school pump leaves thousandths of the air; what is heard last mostly comes through the mount.' },
    before: ['Will you hear it at the end? Will you see it?', 'What carries sound from the bell to you?'],
    after: ['What is the last faint sound, and which way did it come?', 'Could you hear a bell on the Moon?'],
    elsewhere: ['Space is silent.', 'Double windows with thin gas.', 'Vacuum flasks keep sound as well as heat.', 'Thin mountain air carries less far.'],
  },
  sizes: jarSizes,
}
