import { blank, bottle, coefficient, type Demonstration, filledTo, kilopascals, kPa, millilitres, newtons, percent, rectangle, result, ROOM_INPUTS, said, seconds, type Shape, valueAt } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, MATERIALS, bulbOf, simulate, waterForSqueeze, waterIn } from './simulate'

const CELSIUS = 273.15

export const diver: Demonstration = {
  id: 'diver', name: 'Diver in a bottle', summary: 'A trimmed float sinks when the bottle is squeezed, and comes back.',
  noun: ['float', 'floats'],
  people: { performs: 7, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'cloud-and-float', effect: 'A little diver sinks and rises at a command that nobody sees.', topics: ['buoyancy', 'gas laws', 'pressure in liquids'], ages: [7, 16] },
  hushWords: { inside: 'pressure in the bottle', strength: '' },
  shelf: [{ step: 'bottle', kind: 'vessel', shapes: ['bottle'], materials: ['PET'] }],
  logged: { used: ['waterInBulb', 'ballastMass', 'waterTemperature'], seen: ['sinkTime', 'returnTime'] },
  inputs: [
    ...ROOM_INPUTS,
    blank('vesselHeight', 'water in the bottle stands', 'cm', 'vessel', 0.26, [0.05, 2], [0.15, 0.5], 0.02), blank('waterTemperature', 'water', 'degC', 'water', CELSIUS + 18, [CELSIUS + 1, CELSIUS + 60], [CELSIUS + 5, CELSIUS + 35], { shape: 'normal', absolute: 0.5 }),
    { id: 'material', name: 'float', kind: 'choice', group: 'load', default: 'glass', choices: Object.entries(MATERIALS).map(([id, { name }]) => ({ id, name })) },
    blank('bulbMass', 'empty float', 'g', 'load', 5e-3, [0.2e-3, 0.1], [1e-3, 0.02], 0.004), blank('bulbCapacity', 'it holds', 'mL', 'load', 4.2e-6, [0.2e-6, 0.1e-3], [1e-6, 20e-6], 0.01), blank('bulbLength', 'it is long', 'cm', 'load', 0.07, [0.01, 0.3], [0.03, 0.12], 0.02),
    { id: 'ballastBy', name: 'ballast by', kind: 'choice', group: 'load', default: 'weighed', choices: [{ id: 'weighed', name: 'weighed' }, { id: 'wire', name: 'copper wire of a length' }] },
    blank('wireLength', 'wire', 'cm', 'load', 0.045, [0, 2], [0.01, 0.3], { shape: 'normal', absolute: 0.0007 }, { lever: [-0.01, 0.01] }),
    blank('wireDiameter', 'gauge of the wire', 'mm', 'load', 0.8e-3, [0.1e-3, 4e-3], [0.3e-3, 2e-3], { shape: 'normal', absolute: 0.01e-3 }),
    { id: 'waterBy', name: 'water by', kind: 'choice', group: 'water', default: 'measured', choices: [{ id: 'measured', name: 'measured' }, { id: 'drops', name: 'counted drops' }] },
    blank('drops', 'drops', '1', 'water', 17, [0, 2000], [2, 60], { shape: 'normal', absolute: 0.5 }, { lever: [-1, 1, 3] }),
    coefficient('dropVolume', 'a drop of this dropper', 'mL', 0.05e-6, [0.005e-6, 0.2e-6], [0.03e-6, 0.07e-6], 0.08, 'a pharmacist’s drop is a twentieth of a millilitre; droppers differ: count fifty onto a scale'),
    blank('ballastMass', 'ballast', 'g', 'load', 0.2e-3, [0, 0.1], [0, 0.01], { shape: 'normal', absolute: 0.02e-3 }, { lever: [-0.1e-3, 0.1e-3] }),
    blank('waterInBulb', 'water drawn into it', 'mL', 'water', 0.83e-6, [0, 0.1e-3], [0.1e-6, 3e-6], { shape: 'normal', absolute: 0.04e-6 }, { lever: [-0.1e-6, 0.1e-6] }),
    blank('squeezePressure', 'a good squeeze', 'kPa', 'load', 15e3, [200, 100e3], [3e3, 40e3], { shape: 'lognormal', relative: 0.2 }, { lever: [-5e3, 5e3] }),
    blank('warming', 'warmer since it was trimmed', 'K', 'water', 0, [-25, 25], [-10, 10], { shape: 'normal', absolute: 0.7 }), blank('weather', 'weather since then', 'hPa', 'load', 0, [-8e3, 8e3], [-3e3, 3e3], { shape: 'normal', absolute: 200 }),
    coefficient('dragArea', 'drag coefficient times area of the float', 'mm2', 6e-5, [2e-6, 1e-3], [2e-5, 2e-4], 0.3, 'a blunt rod 1 cm across, coefficient about 0.8 (White, table 7.3)'),
    coefficient('handArea', 'area that the hand presses', 'mm2', 4.5e-3, [5e-4, 0.03], [2e-3, 0.01], 0.25, 'thumb and fingers on the wall; assumption'),
  ],
  results: [
    result('squeezeToSink', 'squeeze that sinks it', 'kPa'), result('handForce', 'hand presses with', 'N'), result('freeboard', 'spare buoyancy, of its air', '%'), result('sinkTime', 'sinks in', 's'), result('returnTime', 'comes back in', 's'),
    result('waterToTrim', 'water to draw in for an easy dive', 'mL'), result('perFiveKelvin', '5 K warmer asks for this much more', 'kPa'), result('staysBelow', 'depth itself squeezes it by', 'kPa'), result('peakPressureDifference', 'greatest pressure difference', 'kPa'), result('hush', 'squeeze to bottom', 's'),
  ],
  outcomes: [
    { id: 'dives', look: 'gone', name: 'dives and comes back', sentence: 'The diver sinks when squeezed and comes back when let go.' },
    { id: 'floats', look: 'nothing', name: 'stays at the top', sentence: 'The diver stays at the top however hard one squeezes.' },
    { id: 'stays', look: 'partly', name: 'stays down', sentence: 'The diver sinks and does not come back.' },
    { id: 'sunk', look: 'harm', name: 'sinks by itself', sentence: 'The diver sinks before anybody squeezes.' },
  ],
  wanted: 'dives', columns: COLUMNS,
  procedure: [
    { id: 'trim', parts: ({ choices }) => ['In a beaker, trim a ', { input: 'material' }, ' (', { input: 'bulbMass' }, ' empty, ', { input: 'bulbLength' }, ' long, holds ', { input: 'bulbCapacity' }, ') with ', ...(choices.ballastBy === 'wire' ? [{ input: 'wireLength' }, ' of ', { input: 'ballastBy' }, ', ', { input: 'wireDiameter' }, ' thick,'] : [{ input: 'ballastMass' }, ' of ballast, ', { input: 'ballastBy' }, ',']), ' and ', ...(choices.waterBy === 'drops' ? [{ input: 'drops' }, ' of water in ', { input: 'waterBy' }] : [{ input: 'waterInBulb' }, ' of water drawn in, ', { input: 'waterBy' }]), ': it must just float.'] },
    { id: 'bottle', parts: ['Fill a soft bottle to ', { input: 'vesselHeight' }, ' with water at ', { input: 'waterTemperature' }, ', put the diver in, cap it. Since the trim: ', { input: 'warming' }, ' warmer, barometer changed by ', { input: 'weather' }, '.'] },
    { id: 'squeeze', marks: ['sealed'], parts: ['Squeeze with about ', { input: 'squeezePressure' }, ': it dives.'], duration: s => s.results.sinkTime },
    { id: 'release', parts: ['Let go: it comes back.'], duration: s => s.results.returnTime },
  ],
  check: values => waterIn(values) >= values.numbers.bulbCapacity! ? [{ input: values.choices.waterBy === 'drops' ? 'drops' : 'waterInBulb', message: `given ${(waterIn(values) * 1e6).toFixed(2)} mL; accepted: less than the float holds, ${(values.numbers.bulbCapacity! * 1e6).toFixed(2)} mL` }] : [],
  simulate,
  ledger: ({ details: d }) => ({ moment: 'squeezed: a negative difference is more inside than outside', difference: -d.difference!, rows: [{ id: 'air', cause: 'the hand on the bottle’s wall', pressure: -d.difference! }] }),
  kit: values => ['soft bottle, 1 to 2 L', (MATERIALS[values.choices.material!] ?? MATERIALS.glass!).name, 'modelling clay and wire', 'beaker to trim in', 'dropper', 'scale to 0.1 g', 'tray'],
  drawing(values, s, time) {
    const n = values.numbers
    const [depth, air, squeeze] = ['depth', 'bubble', 'squeeze'].map(c => valueAt(s.trace!, c, time)) as [number, number, number]
    const h = n.vesselHeight!
    const d = h * 0.34
    const points = bottle(0, 0, { diameter: d, height: h * 1.12, neck: d * 0.3, neckLength: h * 0.1 })
    const wide = Math.min(0.22 * d, 0.02)
    const top = h - depth
    const pressed = squeeze / Math.max(1, n.squeezePressure!)
    const share = Math.min(1, air / n.bulbCapacity!)
    const shapes: Shape[] = [
      { kind: 'body', points: filledTo(points, h), stuff: 'water', opacity: 0.5 },
      { kind: 'body', points: rectangle(-wide / 2, top - n.bulbLength!, wide, n.bulbLength!), stuff: 'water' },
      { kind: 'body', points: rectangle(-wide / 2, top - n.bulbLength! * share, wide, n.bulbLength! * share), stuff: 'paper' },
      { kind: 'body', points: rectangle(-wide / 2, top - n.bulbLength!, wide, n.bulbLength!), stuff: 'ink', open: true, thick: 2 },
      { kind: 'round', at: [0, top - n.bulbLength!], across: wide * 1.3, high: wide * 0.8, stuff: 'food' },
      { kind: 'body', points, stuff: 'glass', open: true, thick: 3 }, { kind: 'body', points: rectangle(-d * 0.18, h * 1.1, d * 0.36, h * 0.05), stuff: 'ink' },
      ...(pressed > 0.05 ? [0.4, 0.5, 0.6].flatMap((y): Shape[] => [-1, 1].map(side => ({ kind: 'push', stuff: 'outside-air', from: [side * d * (0.62 + 0.4 * pressed), y * h], to: [side * d * 0.53, y * h] }))) : []),
      { kind: 'note', at: [d * 1.15, h * 0.75], anchor: 'start', stuff: 'ink', said: ['squeeze ', kPa(squeeze)] }, { kind: 'note', at: [d * 1.15, h * 0.6], anchor: 'start', stuff: 'outside-air', said: ['its air ', said(air, 'volume', 'mL', 'floz')] },
    ]
    return { kind: 'diver', numbers: {}, scene: { frame: { left: -2.9 * d, right: 2.9 * d, bottom: 0, top: 1.18 * h }, shapes, caption: [depth < 0.01 ? 'It floats.' : depth > 0.95 * s.details.bottom! ? 'At the bottom.' : 'On its way.', ' Its air takes ', said(air, 'volume', 'mL', 'floz'), '.'] } }
  },
  why: (values, s) => [
    `It floats by ${percent(Math.max(0, s.results.freeboard!))} of its air to spare. ${s.results.squeezeToSink === undefined ? 'Its solids float by themselves: no squeeze sinks it.' : `A squeeze of ${kilopascals(s.results.squeezeToSink)} makes the bubble that much smaller, water goes in, and it is heavier than the water it pushes aside.`}`,
    s.outcome === 'stays' ? `At the bottom the water above squeezes it by ${kilopascals(s.results.staysBelow!)} as well, more than it has to spare: it stays down. Trim it lighter.` : s.outcome === 'floats' ? 'The hand does not do that much: trim it heavier.' : s.outcome === 'sunk' ? 'It has too little air to float at all: less water in it, or less ballast.' : 'Where it would hang it does not stay: a little lower it is squeezed a little more and goes on sinking.',
    `${s.results.perFiveKelvin === undefined ? 'Warmth' : `5 K warmer asks for ${kilopascals(s.results.perFiveKelvin)} more`}; the barometer's rise or fall counts one to one, and so does a trip up a hill (${kilopascals(values.numbers.stationPressure!)} here).`,
  ],
  advice(values, s) {
    const water = waterForSqueeze(values, 0.6 * values.numbers.squeezePressure!)
    const ballast = bulbOf(values).air * 1e6
    return water > 0 && water < values.numbers.bulbCapacity!
      ? [{ text: `For an easy dive draw in ${(water * 1e6).toFixed(2)} mL: then ${kilopascals(0.6 * values.numbers.squeezePressure!)} sink it. That is ${Math.round(water / values.numbers.dropVolume!)} drops.`, take: values.choices.waterBy === 'drops' ? { input: 'drops', value: Math.round(water / values.numbers.dropVolume!) } : { input: 'waterInBulb', value: Number(water.toPrecision(4)) } }]
      : [{ text: `No amount of water trims this float (${ballast.toFixed(1)} mL of air, ${newtons(bulbOf(values).mass * 9.81)} of weight): ${s.outcome === 'sunk' ? 'less' : 'more'} ballast.` }]
  },
  explanation: (_values, s) => [
    { from: 7, text: 'The diver has a little air in its belly. When we squeeze the bottle, the air gets squeezed too, water comes in, and the diver gets heavy.' },
    { from: 11, text: `Water hardly gives way; air does. ${kilopascals(s.results.squeezeToSink ?? 0)} of squeeze make its bubble small enough to sink in ${s.results.sinkTime === undefined ? 'no time at all' : seconds(s.results.sinkTime)}.` },
    { from: 14, text: `It floats while its mass is less than that of the water it pushes aside (Archimedes). Pressure goes everywhere in the water (Pascal) and shrinks the bubble (Boyle). ${millilitres(0.05e-6)} is a drop: trim by drops.` },
    { from: 16, text: `Hanging: m = ρ (V_s + n R T/p). dF/dz is negative in depth: unstable equilibrium. The depth of the bottle adds ρ g H = ${kilopascals(s.results.staysBelow!)}, so spare buoyancy must exceed that or it stays down. T and p0 drift shift the trim: it is a barometer and a thermometer.` },
  ],
  teaching: {
    wrongIdea: { idea: 'The squeeze pushes it down.', answer: 'The pressure is the same from all sides. It gets heavier, because water goes in where air was.' },
    before: ['What changes in the diver when I squeeze?', 'Can it be made to hang half-way?'], after: ['Why won’t it hang half-way?', 'What will it do tomorrow if the barometer falls?'],
    elsewhere: ['Fish and their swim bladders.', 'Submarines’ tanks.', 'A diver’s jacket and the same instability.'],
  },
  sizes: (_values, s) => [{ id: 'handForce', name: 'hand presses with', value: s.results.handForce ?? 0, quantity: 'force', units: ['N', 'lbf'], note: 'squeeze that sinks it × area of the hand on the wall' }],
}
