import { atWorst, blank, bottle, coefficient, type Demonstration, joules, kilopascals, kPa, metres, metresPerSecond, percent, result, ROOM_INPUTS, said, type Shape, valueAt } from '../../../demonstration'
import { BURNS_IN, FUEL_TEACHING, OPEN_QUESTION, WORST_RISE } from '../planned-only'
import { afterFailure, cautions, gates } from './cautions'
import { check, GUIDE } from './check'
import { COLUMNS, simulate } from './simulate'

export const bottleLine: Demonstration = {
  id: 'bottle-line', name: 'Bottle on a line', summary: 'Burning vapour drives a bottle along a line. Planned here: places, limits, distances; no recipe.',
  noun: ['bottle', 'bottles'],
  people: { performs: 18, watches: 11 }, gates, cautions, afterFailure,
  gallery: { family: 'motion', effect: 'A bottle shoots along a line with a blue flash and a whoosh.', topics: ['combustion', 'motion', 'energy'], ages: [11, 18] },
  hushWords: { inside: 'gas in the bottle', strength: '' }, shelf: [],
  logged: { used: ['bottleVolume', 'ventDiameter'], seen: ['runLength', 'runTime'] },
  inputs: [
    ...ROOM_INPUTS,
    { id: 'bottleKind', name: 'bottle', kind: 'choice', group: 'vessel', default: 'fizzy', choices: [{ id: 'fizzy', name: 'bottle made for fizzy drinks' }, { id: 'still', name: 'bottle for still drinks' }, { id: 'glass', name: 'glass bottle' }] },
    BURNS_IN, GUIDE,
    blank('bottleVolume', 'it holds', 'mL', 'vessel', 0.5e-3, [20e-6, 0.5e-3], [100e-6, 0.5e-3], 0.01), blank('bottleDiameter', 'across', 'cm', 'vessel', 0.065, [0.02, 0.2], [0.04, 0.1], 0.01), blank('bottleMass', 'with hooks', 'g', 'vessel', 0.03, [5e-3, 0.5], [0.015, 0.08], 0.03),
    blank('ventDiameter', 'hole in the cap', 'mm', 'vessel', 0.008, [0.002, 0.03], [0.004, 0.022], 0.03, { lever: [-0.002, 0.004] }), blank('pressureRating', 'stated limit', 'kPa', 'vessel', 400e3, [50e3, 1e6], [200e3, 600e3], 0),
    blank('lineLength', 'line', 'm', 'load', 10, [1, 60], [4, 20], 0.01, { lever: [-4, 5] }), blank('firstRow', 'first row from the line', 'm', 'load', 4, [1, 50], [2, 12], 0.02),
    coefficient('pressureRise', 'overpressure it could reach closed, of the room’s', '1', 3, [0.2, WORST_RISE], [1, WORST_RISE], { shape: 'triangular', below: 2, above: 4 }, 'closed and well mixed 7 (NFPA 68); a poor mixture less'),
    coefficient('burnTime', 'it burns within', 's', 0.06, [0.01, 2], [0.03, 0.4], 0.35, 'a flame of 3 to 5 m/s running the length of a bottle; assumption'),
    coefficient('leavingTemperature', 'gas that leaves through the hole', 'degC', 700, [280, 2500], [350, 1800], { shape: 'lognormal', relative: 0.35 }, 'burnt and unburnt gas together, between a flame and the room; the colder, the more pressure builds up; assumption'), coefficient('lineFriction', 'friction on the line', '%', 0.25, [0.02, 2], [0.1, 0.6], 0.25, 'plastic or wire hooks on nylon; assumption'),
    coefficient('soundShare', 'share of the energy that becomes sound', '%', 1e-4, [1e-7, 0.05], [1e-5, 5e-3], 0.7, 'a whoosh, less than a bang; assumption'),
  ],
  results: [
    result('runLength', 'runs', 'm'), result('runTime', 'in', 's'), result('topSpeed', 'fastest', 'm/s'), result('arrivalSpeed', 'arrives with', 'm/s'), result('arrivalEnergy', 'energy at the end', 'J'), { id: 'impulse', name: 'push in all', quantity: 'impulse', units: ['N s', 'lbf s'] }, result('peakPressureDifference', 'greatest pressure difference', 'kPa'), result('ratingShare', 'of the stated limit', '%'), result('levelFirstRow', 'noise at the first row', 'dB'), result('hush', 'to the end of the line', 's'),
  ],
  outcomes: [
    { id: 'arrives', look: 'gone', name: 'runs to the end', sentence: 'The bottle runs to the end of the line.' }, { id: 'short', look: 'partly', name: 'stops on the way', sentence: 'The bottle stops on the way.' }, { id: 'over', look: 'harm', name: 'is over the bottle’s limit', sentence: 'The bottle could burst.' },
  ],
  wanted: 'arrives', columns: COLUMNS,
  procedure: [
    { id: 'line', hazards: ['fuel', 'pressure'], parts: ['Stretch a line of ', { input: 'lineLength' }, ' with a padded stop at its end, first row ', { input: 'firstRow' }, ' from it. Hang a ', { input: 'bottleKind' }, ' (', { input: 'bottleVolume' }, ', ', { input: 'bottleDiameter' }, ' across, ', { input: 'bottleMass' }, '; good for ', { input: 'pressureRating' }, '), hole in the cap ', { input: 'ventDiameter' }, '; it runs ', { input: 'guide' }, ' and burns in ', { input: 'burnsIn' }, '. ', OPEN_QUESTION] },
    { id: 'go', hazards: ['fuel', 'projectile'], marks: ['sealed'], parts: ['By the school’s own written steps, from the side, at arm’s length, on a count.'], duration: s => s.results.runTime },
    { id: 'air', parts: ['Bottle away for good: once used it is softened. No second try with the same bottle.'] },
  ],
  check,
  simulate,
  ledger: ({ details: d }) => ({ moment: 'at its greatest: a negative difference is more inside than outside', difference: -d.difference!, rows: [{ id: 'cooling', cause: 'hot gas that wants more room, less what the hole lets out', pressure: -d.difference! }] }),
  kit: () => ['half-litre bottle for fizzy drinks, new', 'cap with its hole', 'nylon line and two strong points', 'padded stop', 'hooks', 'eye and ear protection', 'fire blanket and extinguisher', 'barrier tape', 'the signed assessment'],
  drawing(values, s, time) {
    const n = values.numbers
    const [place, speed, pressure] = ['place', 'speed', 'pressure'].map(c => valueAt(s.trace!, c, time)) as [number, number, number]
    const l = n.lineLength!
    const tall = 0.13 * l
    const y = 0.17 * l
    const form = bottle(0, 0, { diameter: tall * 0.32, height: tall, neck: tall * 0.12, neckLength: tall * 0.15 })
    // Lying on its side, cap to the left.
    const x = -l / 2 + place * (1 - 0.13)
    const lying = form.map(([a, b]) => [x + tall - b, y - 0.03 * l + a] as const)
    const shapes: Shape[] = [
      { kind: 'body', points: [[-l / 2, y], [l / 2, y]], stuff: 'ink', open: true, thick: 1.5 },
      ...[-1, 1].map((side): Shape => ({ kind: 'body', points: [[side * l / 2, 0], [side * l / 2, y * 1.2]], stuff: 'metal', open: true, thick: 4 })),
      { kind: 'gas', points: lying, air: 0.5, vapour: Math.min(1, 0.5 * (pressure / n.stationPressure! - 1)) }, { kind: 'body', points: lying, stuff: 'glass', open: true, thick: 2 },
      ...(pressure > n.stationPressure! * 1.01 ? [{ kind: 'push', stuff: 'inside-air', from: [x, y - 0.03 * l], to: [x - 0.08 * l, y - 0.03 * l] } as Shape] : []),
      { kind: 'note', at: [0, y * 1.6], anchor: 'middle', stuff: 'ink', said: [said(speed, 'speed', 'm/s', 'mph'), '   inside ', kPa(pressure), '   outside ', kPa(n.stationPressure!)] },
    ]
    return { kind: 'line', numbers: {}, scene: { frame: { left: -0.58 * l, right: 0.56 * l, bottom: 0, top: y * 1.9 }, shapes, caption: ['Bottle drawn larger than to scale. ', said(place, 'length', 'm', 'ft'), ' along the line.'] } }
  },
  why: (values, s) => [
    `The hole lets out while it burns: ${kilopascals(s.results.peakPressureDifference!)} over the room at most, ${percent(s.results.ratingShare!)} of the stated limit. The jet gives the bottle ${metresPerSecond(s.results.topSpeed!)}.`, `A smaller hole than ${(values.numbers.ventDiameter! * 1e3).toFixed(0)} mm is more dangerous: the pressure has nowhere to go.`, OPEN_QUESTION,
  ],
  advice: (_values, s, risk) => [{ text: s.results.arrivalEnergy === undefined ? 'Shorter line, or it stops under way.' : `It arrives with at most ${joules(atWorst(risk, 'arrivalEnergy'))} in 99 of 100: pad the stop, and nobody within ${metres(2)} of it.` }, { text: 'Places: presenter beside the start, never behind the cap nor in the line; helper with blanket and extinguisher at the far end, to the side; somebody at the door; everybody else beyond the barrier.' }],
  explanation: (_values, s) => [
    { from: 7, text: 'The air in the bottle gets hot all at once and rushes out of the little hole. That pushes the bottle the other way.' }, { from: 11, text: `Hot gas leaves backwards, the bottle goes forwards: ${metresPerSecond(s.results.topSpeed!)} at most.` },
    { from: 14, text: `Momentum: what the gas carries off backwards, the bottle has forwards. ${kilopascals(s.results.peakPressureDifference!)} behind a small hole are enough.` }, { from: 16, text: 'Burning rate against outflow through the hole sets the pressure: p̂ ≈ Δp_closed/(1 + t_burn/t_vent). Thrust 2 C A Δp, a little less as the jet chokes. Water vapour is among the products: look for the dew.' },
  ],
  teaching: FUEL_TEACHING,
  sizes: (_values, s) => [{ id: 'peak', name: 'over the room at most', value: s.results.peakPressureDifference!, quantity: 'pressure', units: ['kPa', 'psi'], note: 'with this hole' }, ...(s.results.arrivalEnergy === undefined ? [] : [{ id: 'arrivalEnergy', name: 'energy at the end', value: s.results.arrivalEnergy, quantity: 'energy' as const, units: ['J', 'J'] as const, note: 'into the padded stop' }])],
}
