import { blank, celsius, coefficient, type Demonstration, kilopascals, kPa, result, ROOM_INPUTS, said, valueAt } from '../../../demonstration'
import { WALL_TRANSFER } from '../inputs'
import { BOTTLE, EGG, EGG_COEFFICIENTS, EGG_END, EGG_SKIN, eggShapes, torn } from '../egg'
import { TOUCHABLE } from '../../../cautions'
import { chilled } from '../glass-chill'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate } from './simulate'

const CELSIUS = 273.15

export const eggOut: Demonstration = {
  id: 'egg-out', name: 'Egg out again', summary: 'Bottle upside down, egg in its neck: breath or warmth inside pushes it out. Or cut it up.',
  noun: ['try', 'tries'],
  people: { performs: 11, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'hot-air', effect: 'An egg in a bottle slides out of the neck again, as if pushed by nothing.', topics: ['air pressure', 'gas laws'], ages: [7, 16] },
  hushWords: { inside: 'air in the bottle', strength: 'egg gives way' },
  shelf: [{ step: 'turn', kind: 'vessel', shapes: ['bottle'], materials: ['glass'], capacity: [0.08e-3, 6e-3], mouth: [0.025, 0.06] }],
  logged: { used: ['method', 'breathPressure', 'warmTemperature'], seen: ['hush'] },
  inputs: [
    ...ROOM_INPUTS, ...BOTTLE, ...EGG, EGG_END, EGG_SKIN,
    { id: 'method', name: 'how', kind: 'choice', group: 'heat', default: 'breath', lever: true, source: 'Breath is quick and funny; warming is cleaner and shows the same gas law; cutting it up always works.', choices: [{ id: 'breath', name: 'blow into it' }, { id: 'warming', name: 'warm the bottle' }] },
    blank('breathPressure', 'a strong breath', 'kPa', 'load', 8e3, [500, 20e3], [2e3, 14e3], { shape: 'lognormal', relative: 0.25 }, { lever: [-2e3, 2e3] }),
    blank('breathTime', 'blown for', 's', 'load', 1.5, [0.2, 10], [0.5, 4], { shape: 'lognormal', relative: 0.2 }),
    blank('warmTemperature', 'warm water over it', 'degC', 'heat', CELSIUS + 60, [CELSIUS + 25, CELSIUS + 95], [CELSIUS + 35, CELSIUS + 80], { shape: 'normal', absolute: 3 }, { lever: [-10, 10, 20] }),
    WALL_TRANSFER(9), ...EGG_COEFFICIENTS,
    coefficient('breathLoss', 'lost past the egg when the mouth goes', '%', 0.25, [0, 0.95], [0.05, 0.6], { shape: 'uniform', below: 0.15, above: 0.25 }, 'how well the egg closes as a valve; assumption'),
    coefficient('dampness', 'how damp the gas stays', '%', 0.8, [0, 1], [0.3, 1], { shape: 'uniform', below: 0.3, above: 0.2 }, 'a wet bottle after the egg went in; assumption'),
    coefficient('glassDelay', 'time for the warmth to get through the glass', 's', 6, [0.2, 60], [2, 20], 0.3, 'glass of 3 mm: L²/α about 15 s to come near; Incropera & DeWitt, ch. 5'),
  ],
  results: [
    result('neededDifference', 'needed to push the egg out', 'kPa'), result('peakPressureDifference', 'greatest pressure difference', 'kPa'), result('neededTemperature', 'or warm the gas to', 'degC'), result('hush', 'until it comes', 's'),
  ],
  outcomes: [
    { id: 'whole', look: 'gone', name: 'comes out whole', sentence: 'The egg slides out in one piece.' },
    { id: 'pieces', look: 'harm', name: 'comes out in pieces', sentence: 'The egg comes out, but in pieces.' },
    { id: 'stays', look: 'nothing', name: 'stays in', sentence: 'The egg stays in the bottle.' },
  ],
  wanted: 'whole', columns: COLUMNS,
  procedure: [
    { id: 'turn', parts: ['Rinse the ash out of the bottle (', { input: 'vesselVolume' }, ', neck ', { input: 'neckDiameter' }, '). Turn it over so that the egg (', { input: 'eggDiameter' }, ' across, ', { input: 'eggMass' }, ') sits in the neck, ', { input: 'eggEnd' }, ' first, ', { input: 'eggSkin' }, '.'] },
    { id: 'push', hazards: ({ numbers: n, choices }) => choices.method === 'warming' && n.warmTemperature! >= TOUCHABLE ? ['scald', 'pressure', 'projectile'] : ['pressure', 'projectile'], marks: ['sealed'], parts: ({ choices }) => choices.method === 'warming' ? ['Now ', { input: 'method' }, ': hold the bottle under water at ', { input: 'warmTemperature' }, ', neck pointing at nobody.'] : ['Now ', { input: 'method' }, ': blow with ', { input: 'breathPressure' }, ' for ', { input: 'breathTime' }, ', take the mouth away and turn the neck off.'], duration: s => s.results.hush },
    { id: 'plain', parts: ['It won’t? Push it back, cut it up with a long knife and rinse it out. That is the plain way, and no defeat.'] },
  ],
  check: ({ numbers: n, choices }) => [
    ...(choices.method === 'warming' ? chilled(n.warmTemperature!, n.airTemperature!, 'warmTemperature') : []),
    ...(n.eggDiameter! <= n.neckDiameter! ? [{ input: 'eggDiameter', message: `given ${(n.eggDiameter! * 1e3).toFixed(1)} mm; accepted: more than the neck, ${(n.neckDiameter! * 1e3).toFixed(1)} mm, or it falls out by itself` }] : []),
    ...(n.warmTemperature! <= n.airTemperature! ? [{ input: 'warmTemperature', message: `given ${celsius(n.warmTemperature!)}; accepted: above the air, ${celsius(n.airTemperature!)}` }] : []),
  ],
  simulate,
  ledger: ({ details: d }) => ({
    moment: 'when it goes, or at the end: a negative difference is more inside than outside', difference: -d.difference!,
    rows: [{ id: 'cooling', cause: 'the gas getting warmer', pressure: -d.cooled! }, { id: 'steam', cause: 'damp in it turning to vapour', pressure: -d.steam! }, { id: 'air', cause: 'air blown in', pressure: -d.breath! }],
  }),
  kit: values => ['the bottle with its egg', 'bowl', values.choices.method === 'warming' ? 'warm water and a jug' : 'cloth for the mouth of the bottle', 'long knife, for the plain way', 'eye protection'],
  drawing(values, s, time) {
    const [pressure, through, temperature] = ['pressure', 'through', 'gasTemperature'].map(c => valueAt(s.trace!, c, time)) as [number, number, number]
    const outside = s.details.stationPressure!
    // Inside the neck (0.55) to out of it (0): the way in, backwards.
    const { shapes, form } = eggShapes(values, 0.5 * (1 - through), through > 0.6 && torn(values), { air: pressure / outside, vapour: 0 }, true)
    const high = form.height * 1.12
    shapes.push(
      { kind: 'push', stuff: 'inside-air', from: [0, high * 0.62], to: [0, high * 0.42] },
      { kind: 'note', at: [form.diameter * 0.62, high * 0.8], anchor: 'start', stuff: 'ink', said: ['inside ', kPa(pressure)] },
      { kind: 'note', at: [form.diameter * 0.62, high * 0.68], anchor: 'start', stuff: 'outside-air', said: ['outside ', kPa(outside)] },
      { kind: 'note', at: [-form.diameter * 0.62, high * 0.8], anchor: 'end', stuff: 'ink', said: ['gas ', said(temperature, 'temperature', 'degC', 'degF')] },
    )
    return { kind: 'egg', numbers: { pressure }, scene: { frame: { left: -2.6 * form.diameter, right: 2.6 * form.diameter, bottom: -0.3 * form.height, top: 1.16 * form.height }, shapes, caption: [through > 0.5 ? 'Out.' : 'More inside than outside: the gas pushes the egg down and out.'] } }
  },
  why: (values, s) => [
    `Friction and squeeze ask for ${kilopascals(s.results.neededDifference!)} (its own weight already taken off). ${values.choices.method === 'breath' ? `The breath leaves ${kilopascals(s.results.peakPressureDifference!)} inside.` : `Warmed, the gas makes ${kilopascals(s.results.peakPressureDifference!)}.`}`,
    ...(s.outcome === 'stays' ? ['It stays: oil the neck, warm it more, or cut it up with a long knife. Never break the bottle.'] : []),
  ],
  advice: (_values, s) => [{ text: s.outcome === 'stays' ? `Blowing this hard will not do: it needs ${kilopascals(s.results.neededDifference!)}. Warm the gas to ${celsius(s.results.neededTemperature!)}, or cut the egg up and rinse it out.` : `It needs ${kilopascals(s.results.neededDifference!)}: a strong breath, or the gas warmed to ${celsius(s.results.neededTemperature!)}.` }],
  explanation: (values, s) => [
    { from: 7, text: 'Now we do it the other way round: we put more air in, or warm the air inside. It pushes harder than the air outside and pushes the egg out.' },
    { from: 11, text: `The egg comes when the inside pushes ${kilopascals(s.results.neededDifference!)} harder than the room. A strong breath can do about 8 kPa.` },
    { from: 14, text: `Warming a closed gas by 3 K raises it by a hundredth. To get ${kilopascals(s.results.neededDifference!)} the gas must reach ${celsius(s.results.neededTemperature!)}, where damp in the bottle helps a good deal.` },
    { from: 16, text: `p = p_dry T/T0 + φ p_sat(T). The slope of p_sat makes a wet bottle far more effective than a dry one above 50 °C. The threshold is the same press fit as on the way in, less the egg's weight over the neck (${kilopascals(values.numbers.eggMass! * 9.81 / (0.785 * values.numbers.neckDiameter! * values.numbers.neckDiameter!))}).` },
  ],
  teaching: {
    wrongIdea: { idea: 'You suck it out.', answer: 'Sucking would make it worse: less inside. You blow in, and then what you blew in pushes it out.' },
    before: ['Should I blow or suck?', 'What would warm hands do?'],
    after: ['What was the same as on the way in, and what was the other way round?'],
    elsewhere: ['A cork that creeps out of a warm bottle.', 'A ping-pong dent that pops out in hot water.', 'A shampoo bottle that squirts after a trip up a mountain.'],
  },
  sizes: (values, s) => [{ id: 'push', name: 'gas pushing on the egg', value: s.results.peakPressureDifference! * 0.785 * values.numbers.neckDiameter! * values.numbers.neckDiameter!, quantity: 'force', units: ['N', 'lbf'], note: 'difference × the neck’s opening' }],
}
