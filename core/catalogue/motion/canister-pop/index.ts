import { atWorst, blank, coefficient, type Demonstration, joules, kilopascals, kPa, metres, metresPerSecond, newtons, rectangle, result, ROOM_INPUTS, said, type Shape, valueAt } from '../../../demonstration'
import { BURNS_IN, FUEL_TEACHING, OPEN_QUESTION, WORST_RISE } from '../planned-only'
import { afterFailure, cautions, gates } from './cautions'
import { check } from './check'
import { COLUMNS, simulate } from './simulate'

export const canisterPop: Demonstration = {
  id: 'canister-pop', name: 'Popping canister', summary: 'Burning vapour drives the lid off a small canister. Planned here: places, limits, distances; no recipe.',
  noun: ['canister', 'canisters'],
  people: { performs: 18, watches: 11 }, gates, cautions, afterFailure,
  gallery: { family: 'motion', effect: 'A lid flies off a little can with a bang.', topics: ['combustion', 'gas laws', 'energy', 'motion'], ages: [11, 18] },
  hushWords: { inside: 'gas in the canister', strength: '' }, shelf: [],
  logged: { used: ['canisterVolume', 'firstRow'], seen: ['riseHeight'] },
  inputs: [
    ...ROOM_INPUTS,
    blank('canisterVolume', 'canister', 'mL', 'vessel', 60e-6, [5e-6, 0.5e-3], [20e-6, 300e-6], 0.03, { lever: [-30e-6, 100e-6] }), blank('lidDiameter', 'lid', 'mm', 'vessel', 0.035, [0.008, 0.12], [0.02, 0.08], 0.01), blank('lidMass', 'lid weighs', 'g', 'vessel', 3e-3, [0.2e-3, 0.2], [1e-3, 0.03], 0.03), blank('lidTravel', 'lid’s rim deep', 'mm', 'vessel', 0.006, [0.0005, 0.05], [0.002, 0.02], 0.1),
    BURNS_IN,
    blank('standHeight', 'stands over the floor', 'm', 'load', 1, [0, 3], [0, 1.5], 0.02), blank('firstRow', 'first row from it', 'm', 'load', 12, [1, 100], [3, 30], 0.02, { lever: [-4, 5] }),
    coefficient('releaseGauge', 'overpressure at which the lid lets go', 'kPa', 45e3, [2e3, 700e3], [10e3, 200e3], 0.35, 'a push-on lid: pull it off with a spring balance and divide by its area; assumption'),
    coefficient('pressureRise', 'pressure it could rise to, of the room’s', '1', 4.5, [1.2, WORST_RISE], [2, WORST_RISE], { shape: 'triangular', below: 2.5, above: 3.5 }, 'closed and well mixed 7 to 8 (NFPA 68); a poor mixture less'),
    coefficient('burnTime', 'it burns within', 's', 0.03, [0.001, 1], [0.005, 0.1], 0.4, 'flame speed of a few m/s over some centimetres; assumption'),
    coefficient('soundShare', 'share of the energy that becomes sound', '%', 3e-4, [1e-6, 0.05], [1e-5, 5e-3], 0.7, 'bangs of small charges: thousandths and less; assumption'),
  ],
  results: [
    result('launchSpeed', 'lid leaves at', 'm/s'), result('reach', 'could fly', 'm'), result('riseHeight', 'straight up it rises', 'm'), result('clearNeeded', 'keep clear', 'm'), result('lidEnergy', 'energy of the lid', 'J'), result('levelFirstRow', 'bang at the first row', 'dB'), result('peakPressureDifference', 'greatest pressure difference', 'kPa'), result('storedEnergy', 'work stored in the gas', 'J'), result('hush', 'lit until it pops', 's'),
  ],
  outcomes: [
    { id: 'clear', look: 'gone', name: 'pops and lands in the cleared space', sentence: 'The lid flies off and lands in front of the first row.' }, { id: 'beyond', look: 'harm', name: 'could reach the first row', sentence: 'The lid flies off and reaches the people.' }, { id: 'holds', look: 'nothing', name: 'lid holds', sentence: 'The lid stays on.' },
  ],
  wanted: 'clear', columns: COLUMNS,
  procedure: [
    { id: 'stand', hazards: ['fuel', 'flame'], parts: ['Clamp the canister (', { input: 'canisterVolume' }, ', lid ', { input: 'lidDiameter' }, ', ', { input: 'lidMass' }, ', rim ', { input: 'lidTravel' }, ' deep; burns in ', { input: 'burnsIn' }, ') upright, ', { input: 'standHeight' }, ' over the floor, lid up and away from lamps and detectors; first row ', { input: 'firstRow' }, ' away. ', OPEN_QUESTION] },
    { id: 'pop', hazards: ['fuel', 'projectile'], marks: ['sealed'], parts: ['By the school’s own written steps, from behind a screen, at arm’s length, on a count.'], duration: s => s.results.hush },
    { id: 'air', parts: ['Flame out, lid found, canister aired and cold before anything is done again.'] },
  ],
  check, simulate,
  ledger: ({ details: d }) => ({ moment: 'as the lid lets go: a negative difference is more inside than outside', difference: -d.difference!, rows: [{ id: 'cooling', cause: 'hot gas that wants more room', pressure: -d.difference! }] }),
  kit: () => ['canister with a push-on lid, unmarked by earlier use', 'clamp and stand', 'screen', 'eye and ear protection for all', 'fire blanket and extinguisher', 'barrier tape', 'the signed assessment'],
  drawing(values, s, time) {
    const n = values.numbers
    const [height, pressure] = ['height', 'pressure'].map(c => valueAt(s.trace!, c, time)) as [number, number]
    const d = n.lidDiameter!
    const tall = n.canisterVolume! / (0.785 * d * d)
    const room = Math.max(tall * 3.4, d * 4)
    // A lid that rises metres is shown against the whole rise.
    const most = Math.max(room - tall - d, 0.01)
    const up = height <= 0 ? 0 : most * height / Math.max(s.results.riseHeight ?? 1, 1e-6)
    const shapes: Shape[] = [
      { kind: 'gas', points: rectangle(-d / 2, 0.002, d, tall), air: Math.min(1.6, pressure / n.stationPressure!) * 0.5, vapour: Math.min(1, 0.3 * pressure / n.stationPressure!) },
      { kind: 'body', points: [[-d / 2, tall], [-d / 2, 0.002], [d / 2, 0.002], [d / 2, tall]], stuff: 'metal', open: true, thick: 4 },
      { kind: 'body', points: rectangle(-d * 0.54, tall + up, d * 1.08, n.lidTravel!), stuff: 'ink' },
      { kind: 'push', stuff: 'inside-air', from: [0, tall * 0.45], to: [0, tall * 0.92] },
      { kind: 'note', at: [d * 1.1, tall * 0.6], anchor: 'start', stuff: 'ink', said: ['inside ', kPa(pressure)] }, { kind: 'note', at: [d * 1.1, tall * 0.25], anchor: 'start', stuff: 'outside-air', said: ['outside ', kPa(n.stationPressure!)] },
      ...(height > 0.01 ? [{ kind: 'note', at: [-d * 1.1, tall + up], anchor: 'end', stuff: 'danger', said: [said(height, 'length', 'm', 'ft'), ' up'] } as Shape] : []),
    ]
    return { kind: 'canister', numbers: {}, scene: { frame: { left: -room, right: room, bottom: 0, top: room }, shapes, caption: [height > 0.01 ? 'Off. (Its height is not to scale.)' : 'The gas gets hot and wants more room.'] } }
  },
  why: (values, s) => [
    `At ${kilopascals(values.numbers.releaseGauge!)} over the room the gas pushes on the lid with ${newtons(s.details.area! * values.numbers.releaseGauge!)}. It leaves at ${metresPerSecond(s.results.launchSpeed ?? 0)} with ${joules(s.results.lidEnergy!)}, and could land ${metres(s.results.reach ?? 0)} away.`, OPEN_QUESTION,
  ],
  advice: (_values, _s, risk) => [{ text: `Keep at least ${metres(atWorst(risk, 'clearNeeded'))} (99 of 100 land within) clear all round, and more where you can: one mixture burns faster than the next.` }, { text: 'Places: presenter at arm’s length beside it, never over it; helper with blanket and extinguisher two steps behind; somebody at the door; everybody else beyond the line.' }],
  explanation: (values, s) => [
    { from: 7, text: 'A tiny flame makes the air in the can very hot, all at once. Hot air wants more room and pushes the lid away.' }, { from: 11, text: `The lid holds until the inside pushes ${kilopascals(values.numbers.releaseGauge!)} harder than the room. Then everything goes at once: that is the bang.` },
    { from: 14, text: `Chemical energy becomes heat, pressure, motion (${joules(s.results.lidEnergy!)} in the lid) and sound (${Math.round(s.results.levelFirstRow!)} dB at the first row).` }, { from: 16, text: 'The lid lets go at a pressure well under what a closed vessel would reach (7 to 8 times). While it slides off its rim the gas expands, V dp = −γ p dV, and goes on burning; afterwards the jet under it pushes for about a quarter of its width. A tighter lid is more dangerous, not just louder.' },
  ],
  teaching: FUEL_TEACHING,
  sizes: (_values, s) => [{ id: 'lidEnergy', name: 'energy of the lid', value: s.results.lidEnergy!, quantity: 'energy', units: ['J', 'J'], note: 'a few joules hurt an eye for good' }, { id: 'storedEnergy', name: 'work stored in the gas', value: s.results.storedEnergy!, quantity: 'energy', units: ['J', 'J'], note: 'as the lid lets go' }],
}
