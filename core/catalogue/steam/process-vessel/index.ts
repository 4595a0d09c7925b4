import { type Demonstration, type Input, kilopascals, percent, ROOM_INPUTS, seconds } from '../../../demonstration'
import { enclosedVolume } from '../../../vessels/cylinder'
import { formatQuantity } from '../../../units'
import { atMost, belowBoiling, capacityFits, thinWall } from '../checks'
import { steamDrawing } from '../drawing'
import { choice, quantities, quantity } from '../inputs'
import { sizesOf } from '../judgement'
import { steamLedger } from '../ledger'
import { results } from '../results'
import { COLUMNS } from '../trace-recorder'
import { STEAM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { simulate } from './simulate'

const INPUTS: readonly Input[] = [
  ...ROOM_INPUTS,
  quantity('vesselVolume', { units: ['L', 'gal'], default: 3, range: [0.1, 100], usual: [0.5, 20] }),
  quantity('vesselDiameter', { units: ['m', 'ft'], default: 1.4, range: [0.3, 8], usual: [0.8, 3] }),
  quantity('vesselHeight', { units: ['m', 'ft'], default: 2, range: [0.3, 20], usual: [1, 6] }),
  quantity('hoopSpacing', { name: 'between stiffening rings', units: ['m', 'ft'], default: 2, range: [0.1, 20], usual: [0.3, 5] }),
  quantity('wallThickness', { default: 2.5e-3, range: [0.5e-3, 20e-3], usual: [1.5e-3, 6e-3] }),
  {
    id: 'ratedVacuum', name: 'vacuum it is rated for', kind: 'quantity', quantity: 'pressure', units: ['kPa', 'psi'], group: 'vessel',
    default: 3e3, range: [50, 90e3], usual: [500, 20e3], spread: { shape: 'exact' },
  },
  {
    id: 'airLeft', name: 'air left after steaming', kind: 'quantity', quantity: 'fraction', units: ['%', '%'], group: 'heat',
    default: 0.04, range: [0.002, 0.9], usual: [0.01, 0.3], spread: { shape: 'lognormal', relative: 0.4 },
  },
  choice('coolingMethod', {
    default: 'spray', choices: [{ id: 'spray', name: 'a cold rinse inside' }, { id: 'sprinkle', name: 'rain or a hose outside' }, { id: 'still-air', name: 'standing in still air' }],
  }),
  quantity('coolantFlow', { units: ['L/min', 'gal/min'], default: ({ choices }) => (choices.coolingMethod === 'spray' ? 60 : 20) * 1e-3 / 60, range: [0.5e-3 / 60, 2000e-3 / 60], usual: [5e-3 / 60, 300e-3 / 60], lever: [-30e-3 / 60] }),
  quantity('bathTemperature', { name: 'its temperature', default: 285.15, lever: [20, 40] }),
  quantity('leakArea', {
    name: 'vent left open', group: 'cooling', units: ['cm2', 'in2'], default: 0, range: [0, 1], usual: [0, 100e-4], spread: { shape: 'normal', relative: 0.05 },
    lever: [10e-4, 50e-4], source: 'free area with its contraction (about 0.6 of a plain hole)',
  }),
  quantity('sprayContact', {
    default: 0.9, usual: [0.3, 0.99], spread: { shape: 'triangular', below: 0.3, above: 0.09 },
    source: 'share of its capacity for heat that spray uses in pure steam: drops of a millimetre that fall for half a second and more take up 1 − exp(−6 t/s), nearly all (Ranz & Marshall 1952 with conduction inside)',
  }),
  ...quantities('wettedFactor', 'hoopHolding', 'airLayerFactor', 'bathTransferFactor', 'surfaceConductance', 'knockDown', 'residualLoad', 'packingStiffness'),
]

export const processVessel: Demonstration = {
  id: 'process-vessel', name: 'Tank with its vent shut', summary: 'What if: a tank of some thousand litres cleaned with steam, then cooled with its vent shut.',
  noun: ['tank', 'tanks'],
  teaching: {
    wrongIdea: { idea: 'A strong tank for pressure is strong for vacuum as well.', answer: 'Pressure from inside stretches a wall, pressure from outside buckles it. Tanks that hold several bar inside cave in at a tenth of one outside.' },
    before: ['What changes when the vent is shut?', 'How much must a vent let in?'],
    after: ['What would have prevented it?', 'Why is a cold rinse worse than waiting?'],
    elsewhere: ['Dairy and brewery tanks after hot cleaning.', 'Tank wagons in a thunderstorm.', 'Storage tanks with a bird’s nest in the vent.'],
  },
  people: { performs: 18, watches: 14 }, gates, cautions, afterFailure,
  gallery: { family: 'steam', effect: 'Where else this happens: why tanks need vents, and how wide.', topics: ['where else this happens', 'condensation', 'air pressure', 'engineering'], ages: [14, 18], whatIf: true },
  hushWords: { inside: 'air in the tank', strength: 'the shell gives way here' },
  shelf: [], logged: { used: [], seen: [] },
  inputs: INPUTS,
  results: results('boilingTemperature', 'residualAirFraction', 'steamMass', 'criticalPressureDifference', 'peakPressureDifference', 'floorPressure', 'reliefArea', 'outsideForce', 'peakNetForce', 'talkTime', 'hush', 'volumeLost'),
  outcomes: [
    { id: 'held', look: 'filled', name: 'stays within its rating', sentence: 'Air comes in as fast as steam goes; nothing happens to the tank.' },
    { id: 'over', look: 'partly', name: 'goes past its rating', sentence: 'The tank stands, but at a vacuum it is not built for.' },
    { id: 'cave', look: 'gone', name: 'caves in', sentence: 'The shell folds in.' },
  ],
  suspects: STEAM_SUSPECTS,
  wanted: 'held', columns: COLUMNS,
  procedure: [
    {
      id: 'tank',
      parts: ['Picture a steel tank of ', { input: 'vesselVolume' }, ', ', { input: 'vesselDiameter' }, ' across and ', { input: 'vesselHeight' }, ' tall, shell ', { input: 'wallThickness' }, ', rings ', { input: 'hoopSpacing' }, ' apart, rated for ', { input: 'ratedVacuum' }, ' below the room.'],
    },
    { id: 'steam', parts: ['It has been cleaned with steam until ', { input: 'airLeft' }, ' of the gas was air. The steam is shut off.'] },
    { id: 'cool', marks: ['sealed'], parts: ({ numbers: n, choices }) => ['Now comes ', { input: 'coolingMethod' }, ...(choices.coolingMethod === 'still-air' ? [] : [': ', { input: 'coolantFlow' }, ' at ', { input: 'bathTemperature' }]), ...(n.leakArea! > 0 ? [', with ', { input: 'leakArea' }, ' of vent open.'] : [', its vent shut (open: ', { input: 'leakArea' }, ').'])], duration: s => s.results.talkTime },
  ],
  check: values => [
    ...capacityFits(values, enclosedVolume({ diameter: values.numbers.vesselDiameter!, height: values.numbers.vesselHeight! })), ...belowBoiling(values, 'bathTemperature'),
    ...atMost(values, 'hoopSpacing', 'vesselHeight', 'the tank\'s height'), ...thinWall(values, values.numbers.vesselDiameter!),
  ],
  simulate, ledger: steamLedger('when the shell gives way'),
  kit: () => ['nothing: this is a thought experiment', 'a picture of a caved-in tank', 'the can plunge, for comparison', 'a calculator for the class'],
  drawing: (values, s, time) => steamDrawing(values, s, time, {
    shape: 'tank', closure: 'vent', cooling: values.choices.coolingMethod === 'spray' ? 'inside' : values.choices.coolingMethod!, heat: '', diameter: values.numbers.vesselDiameter!, height: values.numbers.vesselHeight!, mouth: 0.2,
    more: { hoopSpacing: values.numbers.hoopSpacing!, vent: values.numbers.leakArea! },
  }),
  why: (values, { results: r }) => [
    `To stay within ${kilopascals(values.numbers.ratedVacuum!)} of the room it needs about ${formatQuantity(r.reliefArea!, 'cm2', 'area', 2)} of free opening; ${formatQuantity(values.numbers.leakArea!, 'cm2', 'area', 2)} is open.`,
    r.talkTime === undefined ? 'It never goes past its rating.' : `It goes past its rating after ${seconds(r.talkTime)}${r.hush === undefined ? '' : ` and the shell gives way after ${seconds(r.hush)}`}.`,
    `With everything shut and cold it could fall to ${kilopascals(r.floorPressure!)}: only the ${percent(r.residualAirFraction!)} of air left inside would still push back.`,
  ],
  explanation: (values, { results: r }) => [
    { from: 7, text: 'A big tank full of steam is like a big can full of steam. If no air can get in when it cools, the air outside pushes it in.' },
    { from: 11, text: 'Works clean tanks with steam. When the steam turns back into water, air must be let in, or the air outside crushes the tank. That is what the vent is for.' },
    { from: 14, text: `${formatQuantity(r.steamMass!, 'kg', 'mass', 2)} of steam fills this tank; as water it would fill a bucket. A cold rinse condenses it so fast that an opening of ${formatQuantity(r.reliefArea!, 'cm2', 'area', 2)} is needed.` },
    { from: 16, text: `The vent must pass air at the rate at which steam condenses while the difference stays at the rated ${kilopascals(values.numbers.ratedVacuum!)}: area = ṁ/√(2ρΔp). A thin-walled tank may hold pressure from inside well and yet buckle at a small difference from outside.` },
  ],
  sizes: (values, s) => sizesOf(s, values.numbers.vesselDiameter! * values.numbers.vesselHeight!, false),
}
