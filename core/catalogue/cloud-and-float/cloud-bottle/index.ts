import { blank, bottle, celsius, coefficient, type Demonstration, filledTo, kilopascals, kPa, millilitres, rectangle, result, ROOM_INPUTS, said, seconds, type Shape, valueAt, type Values } from '../../../demonstration'
import { MOST_GAUGE, MOST_SPIRITS } from '../../../cautions'
import { afterFailure, cautions, gates } from './cautions'
import { check } from './check'
import { COLUMNS, LIGHTS, NUCLEI, simulate } from './simulate'

/** Bottles that a cloud is made in; sizes and what they bear, from memory of such bottles. */
const BOTTLES: Readonly<Record<string, { name: string, volume: number, across: number, mouth: number, rating: number, pumped: number, squeezed: number }>> = {
  fizzy: { name: 'bottle for fizzy drinks, new', volume: 1e-3, across: 0.085, mouth: 0.022, rating: 400e3, pumped: 60e3, squeezed: 15e3 },
  sports: { name: 'wide sports bottle', volume: 0.75e-3, across: 0.073, mouth: 0.05, rating: 60e3, pumped: 30e3, squeezed: 22e3 },
}
const bottleOf = ({ choices }: Values) => BOTTLES[choices.bottleKind!] ?? BOTTLES.fizzy!

export const cloudBottle: Demonstration = {
  id: 'cloud-bottle', name: 'Cloud in a bottle', summary: 'Damp air under pressure, let go: a cloud. Pressed again: clear.',
  noun: ['try', 'tries'],
  people: { performs: 14, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'cloud-and-float', effect: 'A clear bottle turns white at a pop, and clear again when pumped.', topics: ['weather', 'vapour', 'gas laws', 'heating and cooling'], ages: [7, 18] },
  hushWords: { inside: 'gas in the bottle', strength: '' },
  shelf: [{ step: 'bottle', kind: 'vessel', shapes: ['bottle'], materials: ['PET'] }],
  logged: { used: ['gaugePressure', 'nuclei', 'liquid'], seen: ['cloudTime'] },
  inputs: [
    ...ROOM_INPUTS,
    { id: 'bottleKind', name: 'bottle', kind: 'choice', group: 'vessel', default: 'fizzy', choices: Object.entries(BOTTLES).map(([id, { name }]) => ({ id, name })) },
    blank('vesselVolume', 'it holds', 'L', 'vessel', v => bottleOf(v).volume, [0.2e-3, 3e-3], [0.3e-3, 2e-3], 0.02), blank('vesselDiameter', 'bottle across', 'cm', 'vessel', v => bottleOf(v).across, [0.04, 0.2], [0.06, 0.12], 0.01), blank('stopperDiameter', 'mouth', 'mm', 'vessel', v => bottleOf(v).mouth, [0.01, 0.06], [0.018, 0.04], 0.02),
    { id: 'liquid', name: 'liquid', kind: 'choice', group: 'water', default: 'water', lever: true, source: 'Water is the weather’s own and burns nothing; ethanol gives a thicker cloud even without smoke, and is flammable.', choices: [{ id: 'water', name: 'warm water' }, { id: 'ethanol', name: 'ethanol' }] },
    blank('spirits', 'spirits, if they are used', 'mL', 'water', 2e-6, [0.2e-6, MOST_SPIRITS], [0.5e-6, MOST_SPIRITS], 0.2),
    { id: 'nuclei', name: 'in the air', kind: 'choice', group: 'load', default: 'smoke', lever: true, source: 'Some say smoke is cheating: it is what clouds have too. Without it drops find little to settle on.', choices: Object.entries(NUCLEI).map(([id, { name }]) => ({ id, name })) },
    { id: 'way', name: 'way', kind: 'choice', group: 'pump', default: 'pump', lever: true, source: 'Pumping gives more and is seen by everybody; squeezing needs nothing but hands and makes a fainter cloud.', choices: [{ id: 'pump', name: 'pump it up and let it go' }, { id: 'squeeze', name: 'squeeze it and let it go' }] },
    blank('gaugePressure', 'pumped to, over the room', 'kPa', 'pump', v => bottleOf(v).pumped, [2e3, MOST_GAUGE], [20e3, 250e3], 0.06, { lever: [-30e3, 30e3, 60e3] }),
    blank('strokeVolume', 'pump a stroke', 'mL', 'pump', 90e-6, [5e-6, 1e-3], [30e-6, 300e-6], 0.05), blank('strokeTime', 'time of a stroke', 's', 'pump', 1, [0.2, 5], [0.5, 2], 0.1),
    blank('squeezePressure', 'squeezed to, over the room', 'kPa', 'pump', v => bottleOf(v).squeezed, [500, 80e3], [5e3, 35e3], { shape: 'lognormal', relative: 0.2 }, { lever: [-5e3, 10e3] }),
    blank('holdTime', 'held for', 's', 'pump', 8, [0, 300], [0, 60], 0.1, { lever: [-8, 20] }),
    blank('releaseTime', 'let go within', 's', 'pump', 0.08, [0.005, 5], [0.02, 1], { shape: 'lognormal', relative: 0.3 }, { lever: [0.5] }),
    { id: 'light', name: 'light', kind: 'choice', group: 'load', default: 'torch', lever: true, choices: Object.entries(LIGHTS).map(([id, { name }]) => ({ id, name })) },
    blank('pressureRating', 'stated limit of bottle and stopper', 'kPa', 'vessel', v => bottleOf(v).rating, [20e3, 1e6], [100e3, 600e3], 0),
    coefficient('nucleiNumber', 'droplets that can form in a cubic metre', '1', v => (NUCLEI[v.choices.nuclei!] ?? NUCLEI.room!).number, [1e4, 1e14], [1e7, 1e13], { shape: 'lognormal', relative: 1.1 }, 'by what is in the air: Rogers & Yau (1989), ch. 6; a wisp of smoke 1e5 to 1e6 a cm³: from one to the next it differs by a factor of ten'),
    coefficient('dampness', 'how near the air is to saturated before', '%', 0.97, [0.1, 1], [0.7, 1], { shape: 'uniform', below: 0.05, above: 0.03 }, 'swirled with liquid for half a minute; assumption'),
    coefficient('wallTransfer', 'wall to the gas', 'W/(m2 K)', 8, [1, 60], [4, 20], 0.25, 'natural convection in a bottle some 4 to 10, stirred by the release (Incropera & DeWitt, ch. 9)'),
    coefficient('visibleDepth', 'optical depth that the back row sees', '1', v => (LIGHTS[v.choices.light!] ?? LIGHTS.torch!).depth, [0.005, 3], [0.05, 1], 0.25, 'by light and backdrop; assumption'),
  ],
  results: [
    result('opticalDepth', 'optical depth of the cloud', '1'), result('liquidWater', 'droplets in a cubic metre', 'g'), result('dropRadius', 'droplets’ radius', 'mm'), result('coldest', 'gas at its coldest', 'degC'), result('dryCold', 'without vapour it would reach', 'degC'), result('supersaturation', 'greatest saturation ratio', '%'),
    result('hush', 'let go until the cloud', 's'), result('cloudTime', 'cloud stays for', 's'), result('strokes', 'strokes', '1'), result('peakPressureDifference', 'greatest pressure difference', 'kPa'), result('stopperForce', 'push on the stopper', 'N'), result('ratingShare', 'of the stated limit', '%'), result('storedEnergy', 'work stored in the gas', 'J'),
  ],
  outcomes: [
    { id: 'cloud', look: 'gone', name: 'shows a cloud', sentence: 'A white cloud fills the bottle at once, and even the back row sees it.' },
    { id: 'faint', look: 'partly', name: 'shows a faint haze', sentence: 'A faint haze that only the front row sees.' },
    { id: 'clear', look: 'nothing', name: 'stays clear', sentence: 'The bottle stays clear.' },
  ],
  wanted: 'cloud', columns: COLUMNS,
  procedure: [
    { id: 'bottle', hazards: ({ choices }) => choices.liquid === 'ethanol' ? ['flame'] : [], parts: ({ choices }) => ['Swirl ', ...(choices.liquid === 'ethanol' ? [{ input: 'spirits' }, ' of '] : ['a spoonful of ']), { input: 'liquid' }, ' in a ', { input: 'bottleKind' }, ' of ', { input: 'vesselVolume' }, ' (', { input: 'vesselDiameter' }, ' across, mouth ', { input: 'stopperDiameter' }, '; with its stopper good for ', { input: 'pressureRating' }, ').'] },
    { id: 'nuclei', hazards: ({ choices }) => choices.nuclei === 'smoke' ? ['flame'] : [], parts: ['In it: ', { input: 'nuclei' }, '. Light: ', { input: 'light' }, '.'] },
    { id: 'press', hazards: ({ choices }) => choices.way === 'squeeze' ? ['pressure'] : ['pressure', 'projectile'], parts: ({ choices }) => [{ input: 'way' }, ...(choices.way === 'squeeze' ? [': squeezed to ', { input: 'squeezePressure' }] : [': to ', { input: 'gaugePressure' }, ' with ', { input: 'strokeVolume' }, ' a stroke of ', { input: 'strokeTime' }]), '. Hold for ', { input: 'holdTime' }, '.'], duration: s => s.details.sealing },
    { id: 'release', marks: ['sealed'], parts: ['Let go, all within ', { input: 'releaseTime' }, '.'], duration: s => s.results.hush },
    { id: 'again', parts: ['Press again: it clears. Let go: it is back.'] },
  ],
  check,
  simulate,
  ledger: ({ details: d }) => ({
    moment: 'from held to coldest', difference: d.difference!,
    rows: [{ id: 'pumped', cause: 'gas that left when it was let go', pressure: d.difference! - d.coolingRow! }, { id: 'cooling', cause: 'the gas getting colder as it expands', pressure: d.coolingRow! }],
  }),
  kit: values => [bottleOf(values).name, 'stopper with valve, or cap', values.choices.way === 'squeeze' ? 'two strong hands' : 'pump with gauge', values.choices.liquid === 'ethanol' ? `ethanol, ${millilitres(values.numbers.spirits!)}, no more in the room` : 'warm water, a spoonful', ...(values.choices.nuclei === 'smoke' ? ['match for the smoke'] : []), 'torch and black card', 'eye protection'],
  drawing(values, s, time) {
    const n = values.numbers
    const [pressure, temperature, depth] = ['pressure', 'gasTemperature', 'depth'].map(c => valueAt(s.trace!, c, time)) as [number, number, number]
    const d = n.vesselDiameter!
    const height = Math.max(1.6 * d, n.vesselVolume! / (0.785 * d * d) * 1.22)
    const points = bottle(0, 0, { diameter: d, height, neck: n.stopperDiameter!, neckLength: height * 0.12 })
    const under = pressure > s.details.stationPressure! + 300
    const free = time > s.details.sealing! && s.trace!.stages.findLast(x => x.start <= time)?.id !== 'again'
    const shapes: Shape[] = [
      { kind: 'gas', points, air: Math.min(2, pressure / s.details.stationPressure!) * 0.7, vapour: 0.05 },
      { kind: 'cloud', points, depth },
      { kind: 'body', points: filledTo(points, 0.05 * height), stuff: 'water' },
      { kind: 'body', points, stuff: 'glass', open: true, thick: 3 },
      ...(free && values.choices.way !== 'squeeze'
        ? [{ kind: 'body', points: rectangle(d * 0.5, height * 1.02, n.stopperDiameter!, height * 0.07), stuff: 'rubber' } as Shape]
        : [{ kind: 'body', points: rectangle(-n.stopperDiameter! * 0.5, height - 0.02 * height, n.stopperDiameter!, height * 0.07), stuff: 'rubber' } as Shape, ...(values.choices.way === 'squeeze' ? [] : [{ kind: 'body', points: [[0, height * 1.05], [0.3 * d, height * 1.1], [1.3 * d, height * 0.9], [1.5 * d, 0.4 * height]], stuff: 'rubber', open: true, thick: 3 } as Shape])]),
      ...(values.choices.way === 'squeeze' ? [] : [{ kind: 'body', points: rectangle(1.42 * d, 0, 0.16 * d, 0.42 * height), stuff: 'metal' } as Shape]),
      ...(under ? [0.3, 0.5].flatMap((y): Shape[] => [-1, 1].map(side => ({ kind: 'push', stuff: 'inside-air', from: [side * d * 0.22, y * height], to: [side * d * 0.46, y * height] }))) : []),
      { kind: 'note', at: [-0.7 * d, 0.66 * height], anchor: 'end', stuff: 'ink', said: ['inside ', kPa(pressure)] }, { kind: 'note', at: [-0.7 * d, 0.5 * height], anchor: 'end', stuff: 'outside-air', said: ['outside ', kPa(s.details.stationPressure!)] },
      { kind: 'note', at: [-0.7 * d, 0.34 * height], anchor: 'end', stuff: 'ink', said: ['gas ', said(temperature, 'temperature', 'degC', 'degF')] },
    ]
    return { kind: 'cloud', numbers: {}, scene: { frame: { left: -2.7 * d, right: 2.7 * d, bottom: 0, top: 1.15 * height }, shapes, caption: [depth > s.details.threshold! ? 'A cloud.' : under ? 'Under pressure: clear.' : depth > s.details.threshold! / 4 ? 'A faint haze.' : 'Clear.'] } }
  },
  why: (values, s) => [
    `Let go from ${kilopascals(s.details.stationPressure! + s.results.peakPressureDifference!)} the gas pushes some of itself out, works, and cools to ${celsius(s.results.coldest!)} (${celsius(s.results.dryCold!)} if no vapour had turned to droplets and given its heat back).`,
    values.choices.nuclei === 'none'
      ? `The vapour reaches ${s.results.supersaturation!.toFixed(1)} times saturation, but with nothing to settle on drops start only at about ${values.choices.liquid === 'ethanol' ? 2.3 : 4.2}, and then few: optical depth ${s.results.opticalDepth!.toFixed(2)}.`
      : `Droplets of ${(s.results.dropRadius! * 1e6).toFixed(1)} µm form on ${values.choices.nuclei === 'smoke' ? 'smoke' : 'the room’s dust'}; many small ones are whiter than few large ones: optical depth ${s.results.opticalDepth!.toFixed(2)}, and the back row needs ${s.details.threshold!.toFixed(2)}.`,
  ],
  advice: (values, s) => [{ text: s.outcome === 'cloud' ? `${values.choices.way === 'squeeze' ? 'Squeeze hard' : `${s.results.strokes} strokes`}; the cloud stays ${s.results.cloudTime === undefined ? 'longer than half a minute' : `about ${seconds(s.results.cloudTime)}`}.` : values.choices.nuclei === 'smoke' || values.choices.liquid === 'ethanol' ? 'More pressure, a quicker release, or light from the side.' : 'A wisp of smoke makes the difference: drops need something to settle on.' }],
  explanation: (_values, s) => [
    { from: 7, text: 'There is water in the air that you cannot see. When the air gets cold all at once, the water makes tiny drops on tiny bits of smoke: a cloud.' },
    { from: 11, text: `Air that pushes itself out gets colder: ${celsius(s.results.coldest!)} here. Cold air cannot keep so much vapour, so some turns into droplets.` },
    { from: 14, text: `Quick expansion leaves no time for heat to come in. Without vapour it would be ${celsius(s.results.dryCold!)}; vapour turning into drops gives heat back. High pressure: clear. Low pressure: cloudy, as in the weather.` },
    { from: 16, text: `T/T0 = (p/p0)^(R/c_p) at first; then the moist rate. Saturation reached ${s.results.supersaturation!.toFixed(2)}. Small drops need supersaturation (Kelvin) that a soluble or large nucleus lowers (Köhler); Wilson saw drops on ions near 4.2. Optical depth ∝ N^(1/3) W^(2/3): smoke makes it white, not more water.` },
  ],
  teaching: {
    wrongIdea: { idea: 'The cloud is steam, or it is the smoke.', answer: 'Vapour is invisible; the cloud is liquid droplets. Press, and it is clear again: the smoke did not go away, the drops did.' },
    before: ['When will the cloud come: when I press or when I let go?', 'Will it work without the smoke?'], after: ['Where did the heat go?', 'What is the smoke for?', 'Why is high pressure fair weather?'],
    elsewhere: ['Clouds where air rises over a mountain.', 'Fog over an aircraft’s wing.', 'The haze in a bottle of pop as it is opened.', 'Breath on a cold day.'],
  },
  sizes: (_values, s) => [{ id: 'stopperForce', name: 'push on the stopper', value: s.results.stopperForce!, quantity: 'force', units: ['N', 'lbf'], note: 'gauge pressure × mouth' }, { id: 'storedEnergy', name: 'work stored in the gas', value: s.results.storedEnergy!, quantity: 'energy', units: ['J', 'J'], note: 'adiabatic expansion to the room' }],
}
