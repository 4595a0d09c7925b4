import { type Demonstration, FLAME_OR_PLATE, type Input, kilopascals, ROOM_INPUTS, seconds } from '../../../demonstration'
import { enclosedVolume } from '../../../vessels/cylinder'
import { formatQuantity } from '../../../units'
import { atMost, capacityFits, thinWall } from '../checks'
import { steamDrawing } from '../drawing'
import { choice, quantity } from '../inputs'
import { sizesOf } from '../judgement'
import { results } from '../results'
import { afterFailure, cautions, gates } from './cautions'
import { ledger } from './ledger'
import { reliefPasses } from './relief'
import { COLUMNS, simulate } from './simulate'

/** A relief that lets more than this build up is no relief for a vessel that is already damaged, Pa over the room. */
const MOST_SETTING = 50e3

const INPUTS: readonly Input[] = [
  ...ROOM_INPUTS,
  quantity('vesselVolume', { name: 'capacity when sound', units: ['L', 'gal'], default: 60e-3, range: [1e-3, 0.3], usual: [4e-3, 0.21] }),
  quantity('vesselDiameter', { units: ['cm', 'in'], default: 0.38, range: [0.1, 0.8], usual: [0.15, 0.6] }),
  quantity('vesselHeight', { units: ['cm', 'in'], default: 0.54, range: [0.1, 1.3], usual: [0.25, 0.9] }),
  choice('wallMaterial', { default: 'steel' }),
  quantity('wallThickness', { default: 0.6e-3, range: [0.1e-3, 2e-3], usual: [0.2e-3, 1.2e-3] }),
  quantity('mouthDiameter', { name: 'bung hole', default: 0.05, range: [0.01, 0.2], usual: [0.018, 0.06] }),
  {
    id: 'lostBefore', name: 'volume it has lost', kind: 'quantity', quantity: 'fraction', units: ['%', '%'], group: 'vessel', default: 0.35, range: [0.03, 0.85], usual: [0.1, 0.7],
    spread: { shape: 'normal', relative: 0.1 },
  },
  quantity('waterCharge', { name: 'water still in it', units: ['L', 'qt'], default: 0.8e-3, range: [0.02e-3, 30e-3], usual: [0.1e-3, 4e-3] }),
  {
    id: 'reliefPath', name: 'way out for the steam', kind: 'choice', group: 'heat', default: 'relief-valve', choices: [
      { id: 'relief-valve', name: 'a relief valve in the bung hole' }, { id: 'bung-out', name: 'the bung out' }, { id: 'none', name: 'none, the bung in' },
    ],
  },
  {
    id: 'reliefOpening', name: 'free area of the relief', kind: 'quantity', quantity: 'area', units: ['mm2', 'in2'], group: 'heat', default: 80e-6, range: [5e-6, 5e-3], usual: [20e-6, 500e-6],
    spread: { shape: 'normal', relative: 0.1 },
  },
  {
    id: 'reliefSetting', name: 'overpressure at which it opens', kind: 'quantity', quantity: 'pressure', units: ['kPa', 'psi'], group: 'heat', default: 20e3, range: [0, MOST_SETTING], usual: [2e3, 40e3],
    spread: { shape: 'normal', relative: 0.08 }, lever: [-10e3],
  },
  quantity('heaterPower', { name: 'burner', default: 6000, range: [200, 60e3], usual: [2000, 15e3], lever: [-3000] }),
  quantity('heatingEfficiency', { default: 0.35, source: 'a crushed base sits badly on the flame; common practice 0.25 to 0.5' }),
  {
    id: 'popShare', name: 'overpressure that pops it back, against the strength of the sound shell', kind: 'quantity', quantity: 'fraction', units: ['%', '%'], group: 'coefficient',
    default: 0.5, range: [0.05, 3], usual: [0.2, 1.2], spread: { shape: 'uniform', below: 0.3, above: 0.6 }, source: 'an elastic fold would snap back below the load that made it, a sharp one needs more; assumption, to be narrowed by past runs',
  },
]

export const drumReinflate: Demonstration = {
  id: 'drum-reinflate', name: 'Drum that pops back', summary: 'A crushed vessel that still holds water, heated with a way out for the steam.',
  noun: ['drum', 'drums'],
  teaching: {
    wrongIdea: { idea: 'Heating the metal straightens it.', answer: 'The metal only follows. Steam inside pushes it out again, a little harder than the room pushes in.' },
    before: ['Which way out must the steam have?', 'Will it look like new?'],
    after: ['Why did it pop back in jumps?', 'Why is it weaker now?'],
    elsewhere: ['Dents in a table-tennis ball, in hot water.', 'A dented bottle that is blown up again.'],
  },
  people: { performs: 18, watches: 12 }, gates, cautions, afterFailure,
  gallery: { family: 'steam', effect: 'Groans and thumps as the folds come out again, if they do.', topics: ['vapour pressure', 'air pressure', 'strength of shells'], ages: [12, 18] },
  hushWords: { inside: 'air in the gas', strength: '' },
  shelf: [{ step: 'drum', kind: 'vessel', shapes: ['cylinder'], materials: ['steel', 'aluminium'], capacity: [1e-3, 0.3] }, { step: 'heat', kind: 'heater', heaters: FLAME_OR_PLATE }],
  logged: { used: ['waterCharge', 'reliefSetting', 'heaterPower'], seen: ['timeToPop', 'timeToPlume', 'volumeLost'] },
  inputs: INPUTS,
  results: results('boilingTemperature', 'timeToPlume', 'timeToPop', 'peakGaugePressure', 'criticalPressureDifference', 'peakPressureDifference', 'outsideForce', 'peakNetForce', 'waterLeft', 'volumeLost').map(r =>
    r.id === 'criticalPressureDifference' ? { ...r, name: 'overpressure that pops it back' } : r.id === 'peakPressureDifference' ? { ...r, name: 'greatest difference, outward' } : r.id === 'volumeLost' ? { ...r, name: 'volume still lost' } : r),
  outcomes: [
    { id: 'pop', look: 'filled', name: 'pops back', sentence: 'It swells out again with thumps and is nearly round.' },
    { id: 'partly', look: 'partly', name: 'comes partly back', sentence: 'Some folds come out, others stay.' },
    { id: 'stay', look: 'nothing', name: 'stays crushed', sentence: 'Steam comes out, and nothing moves.' },
  ],
  wanted: 'pop', columns: COLUMNS,
  procedure: [
    {
      id: 'drum',
      parts: ['Take the crushed ', { input: 'wallMaterial' }, ' drum: ', { input: 'vesselVolume' }, ', ', { input: 'vesselDiameter' }, ' across, ', { input: 'vesselHeight' }, ' tall, ', { input: 'wallThickness' }, ' thick, bung hole ', { input: 'mouthDiameter' }, '; ', { input: 'lostBefore' }, ' of its volume is gone and ', { input: 'waterCharge' }, ' of water is still in it.'],
    },
    { id: 'open', parts: ['Loosen the bung and let air in until the hiss stops.'] },
    { id: 'relief', parts: ['Give the steam a way out: ', { input: 'reliefPath' }, ', ', { input: 'reliefOpening' }, ' of free area, opening at ', { input: 'reliefSetting' }, ' over the room.'] },
    { id: 'heat', hazards: ['pressure', 'closed-hot-vessel', 'scald', 'heat', 'flame'], marks: ['sealed'], parts: ['From a distance, heat it with the ', { input: 'heaterPower' }, ' burner (', { input: 'heatingEfficiency' }, ' gets in). Hush.'], duration: s => s.results.timeToPop ?? s.results.timeToPlume },
  ],
  check: values => [
    ...(values.choices.reliefPath === 'none'
      ? [{ input: 'reliefPath', message: 'given "none"; refused: a closed vessel is never heated, since nothing then limits the pressure inside and a crushed one bursts at a fold or a seam without warning; accepted: relief-valve, bung-out' }]
      : []),
    ...reliefPasses(values),
    ...capacityFits(values, enclosedVolume({ diameter: values.numbers.vesselDiameter!, height: values.numbers.vesselHeight! })),
    ...(values.numbers.waterCharge! > 0.6 * values.numbers.vesselVolume! * (1 - values.numbers.lostBefore!)
      ? [{ input: 'waterCharge', message: `given ${formatQuantity(values.numbers.waterCharge!, 'L', 'volume')}; accepted: at most ${formatQuantity(0.6 * values.numbers.vesselVolume! * (1 - values.numbers.lostBefore!), 'L', 'volume')}, three fifths of what the crushed drum still holds` }]
      : []),
    ...atMost(values, 'mouthDiameter', 'vesselDiameter', 'the drum\'s diameter'), ...thinWall(values, values.numbers.vesselDiameter!),
  ],
  simulate, ledger,
  kit: () => ['crushed drum of known history', 'relief valve with its paper, or the bare bung hole', 'burner that can be shut off from a distance', 'barrier tape', 'gloves, eye and ear protection', 'clock'],
  drawing: (values, s, time) => steamDrawing(values, s, time, {
    shape: 'drum', closure: 'relief', cooling: '', heat: 'flame', diameter: values.numbers.vesselDiameter!, height: values.numbers.vesselHeight!, mouth: values.numbers.mouthDiameter!, more: { hoopSpacing: values.numbers.vesselHeight! / 3 },
  }),
  why: (values, { results: r, outcome, details }) => {
    const lines = [`The folds ask for about ${kilopascals(r.criticalPressureDifference!)} over the room; the inside gets to ${kilopascals(r.peakGaugePressure!)}.`]
    if (values.choices.reliefPath === 'bung-out') lines.push('With the bung out steam leaves as fast as it is made, so hardly any overpressure builds up.')
    else if (r.peakGaugePressure! < r.criticalPressureDifference!) lines.push(`The relief opens at ${kilopascals(values.numbers.reliefSetting!)} and keeps the pressure there: that is its job.`)
    if (r.timeToPop !== undefined) lines.push(`The first fold moves ${seconds(r.timeToPop)} after heat on.`)
    if (outcome === 'partly') lines.push('Sharp folds need more than the relief allows.')
    if (details.boiledDry === 1) lines.push('The water runs out: nothing more comes after that.')
    return lines
  },
  explanation: (_values, { results: r }) => [
    { from: 7, text: 'Hot water inside makes steam again, and steam pushes outward. If it pushes harder than the air outside, the dents come out.' },
    { from: 11, text: `The air outside pressed the drum in. Steam inside can press it out again, if the pressure inside gets ${kilopascals(r.criticalPressureDifference!)} above the room's. The way out for the steam sets how far that can go.` },
    { from: 14, text: 'Water in a vessel with a small opening boils a little above its usual boiling point, since its vapour must push against the room and the opening. The relief decides how far.' },
    { from: 16, text: 'Along the saturation line 3 K above the boiling point already mean some 11 kPa. Elastic folds snap back at a fraction of the buckling load; plastic hinges do not, which is why the drum is never as good as new.' },
  ],
  sizes: (values, s) => sizesOf(s, values.numbers.vesselDiameter! * values.numbers.vesselHeight!, false),
}

