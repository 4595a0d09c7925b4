import { type Demonstration, FLAME_OR_PLATE, type Input, kilopascals, percent, ROOM_INPUTS, seconds } from '../../../demonstration'
import { atMost, belowBoiling, waterFits } from '../checks'
import { DIPPED_COEFFICIENTS, DIPPED_RESULTS, FILL_OUTCOMES } from '../dipped-face'
import { steamDrawing } from '../drawing'
import { heatingPlan } from '../filling'
import { choice, quantities, quantity } from '../inputs'
import { bearsTheChill, FLASK_BOTTOM, GLASS_STATE, roundBottom, soundGlass, thickEnough } from '../glass-checks'
import { readyFromPlan, sizesOf } from '../judgement'
import { steamLedger } from '../ledger'
import { COLUMNS } from '../trace-recorder'
import { GLASS_SUSPECTS } from '../suspects'
import { formatQuantity } from '../../../units'
import { crossSection } from '../../../vessels/cylinder'
import { GRAVITY } from '../../../substances/water-transport'
import { afterFailure, cautions, gates } from './cautions'
import { flaskOf, simulate } from './simulate'

const INPUTS: readonly Input[] = [
  ...ROOM_INPUTS,
  quantity('vesselVolume', { default: 1e-3, range: [0.1e-3, 10e-3], usual: [0.25e-3, 3e-3] }),
  choice('glassKind', { default: 'borosilicate' }), FLASK_BOTTOM, GLASS_STATE,
  quantity('wallThickness', { name: 'glass thickness', default: 1.8e-3, range: [0.5e-3, 6e-3], usual: [1e-3, 3e-3], spread: { shape: 'normal', relative: 0.15 } }),
  ...quantities('stemLength', 'stemDiameter'),
  quantity('waterCharge', { name: 'water in the flask', default: 60e-6, range: [5e-6, 5e-3], usual: [20e-6, 300e-6], lever: [-30e-6, 40e-6] }),
  quantity('chargeTemperature', { default: 273.15 + 60 }), quantity('heaterPower', { default: 1000 }), quantity('heatingEfficiency', { default: 0.35 }),
  quantity('purgeTime', { default: 60, usual: [0, 300], lever: [-30, 30, 60] }),
  quantity('transferTime', { name: 'from the heat, turned over, stem in the bucket', default: 4, lever: [-2, 3, 8] }),
  quantity('bathTemperature', { name: 'water in the bucket', default: 288.15 }), quantity('bathVolume', { name: 'bucket', default: 10e-3 }),
  quantity('mouthDepth', { name: 'stem under the surface', default: 0.1, usual: [0.02, 0.3], lever: [] }),
  ...DIPPED_COEFFICIENTS.map(i => i.id === 'poolRetained'
    ? { ...i, default: 0.6, spread: { shape: 'uniform' as const, below: 0.3, above: 0.3 }, source: 'the stem reaches a little way above the stopper, so that much of the water stays behind it; assumption' }
    : i),
  ...quantities('stemFriction', 'shockLimit'),
]

export const flaskFountain: Demonstration = {
  id: 'flask-fountain', name: 'Flask fountain', summary: 'A boiling flask with a long stem, turned over into a bucket: nothing, nothing, then a fountain.',
  noun: ['flask', 'flasks'],
  teaching: {
    wrongIdea: { idea: 'Steam lifts the water up the tube.', answer: 'Steam would push it down. The water comes only when the steam turns to water, and then the room pushes it up.' },
    before: ['Why does it wait?', 'What will happen when the first cold drop gets in?'],
    after: ['Why did it end so fast?', 'How long could the tube be at most?'],
    elsewhere: ['Old mine pumps that worked with steam and cold water.', 'Coffee makers with two glass bulbs.', 'A siphon coffee pot.'],
  },
  people: { performs: 18, watches: 11 }, gates, cautions, afterFailure,
  gallery: { family: 'steam', effect: 'Water creeps up the tube, slower than anyone can bear; then a fountain fills the flask in a breath.', topics: ['condensation', 'air pressure', 'hydrostatic pressure', 'feedback'], ages: [11, 18] },
  hushWords: { inside: 'air in the flask', strength: '' },
  shelf: [{ step: 'charge', kind: 'vessel', shapes: ['flask'], materials: ['glass'] }, { step: 'heat', kind: 'heater', heaters: FLAME_OR_PLATE }, { step: 'bath', kind: 'bath' }],
  logged: { used: ['waterCharge', 'purgeTime', 'transferTime', 'bathTemperature', 'mouthDepth'], seen: ['hush', 'timeToFill', 'waterDrawnIn', 'timeToPlume'] },
  inputs: INPUTS, results: DIPPED_RESULTS, outcomes: FILL_OUTCOMES('flask'), wanted: 'fill', columns: COLUMNS,
  procedure: [
    { id: 'bath', parts: ['Stand a bucket with ', { input: 'bathVolume' }, ' of water at ', { input: 'bathTemperature' }, ' under the stand.'] },
    {
      id: 'charge',
      parts: ['Put ', { input: 'waterCharge' }, ' of water at ', { input: 'chargeTemperature' }, ' into a ', { input: 'vesselVolume' }, ' flask, ', { input: 'flaskBottom' }, ', of ', { input: 'glassKind' }, ', ', { input: 'glassState' }, ', ', { input: 'wallThickness' }, ' thick, with a stem ', { input: 'stemLength' }, ' long and ', { input: 'stemDiameter' }, ' in bore through its stopper.'],
    },
    { id: 'heat', hazards: ['heat', 'flame', 'scald', 'pressure'], marks: ['heat-on', 'plume'], parts: ['Heat it at ', { input: 'heaterPower' }, ' (', { input: 'heatingEfficiency' }, ' gets in) until steam comes steadily from the stem.'], duration: s => s.results.timeToPlume },
    { id: 'purge', hazards: ['heat'], parts: ['Let it boil on for ', { input: 'purgeTime' }, '.'], duration: s => s.results.timeToPlume === undefined ? undefined : s.details.timeOfLifting! - s.results.timeToPlume },
    { id: 'turn', hazards: ['scald', 'chilled-glass', 'glass-under-difference'], marks: ['lifted', 'sealed'], parts: ['Heat off. Turn it over into the stand, stem ', { input: 'mouthDepth' }, ' under water, within ', { input: 'transferTime' }, '. Hush.'], duration: s => s.results.timeToFill },
  ],
  suspects: GLASS_SUSPECTS,
  check: values => [
    ...bearsTheChill(values, 'bathTemperature'), ...soundGlass(values), ...roundBottom(values), ...thickEnough(values),
    ...belowBoiling(values, 'chargeTemperature', 'bathTemperature'), ...waterFits(values, 'flask'), ...atMost(values, 'mouthDepth', 'stemLength', 'the stem\'s length'),
    ...(1000 * GRAVITY * values.numbers.stemLength! > 0.9 * values.numbers.stationPressure!
      ? [{ input: 'stemLength', message: `given ${formatQuantity(values.numbers.stemLength!, 'm', 'length')}; accepted: at most ${formatQuantity(0.9 * values.numbers.stationPressure! / 1000 / GRAVITY, 'm', 'length')}, nine tenths of what the air here can hold up` }]
      : []),
  ],
  simulate, ledger: steamLedger('when water comes over the top'),
  kit: () => ['round-bottomed flask, sound glass', 'stopper with the long stem', 'stand that takes it upside down', 'heater', 'bucket, with coloured water', 'heat-proof gloves', 'screen', 'goggles for all', 'clock'],
  drawing: (values, s, time) => steamDrawing(values, s, time, {
    shape: 'flask', closure: 'stem', cooling: 'bath', heat: 'flame', diameter: flaskOf(values).diameter, height: flaskOf(values).height, mouth: values.numbers.stemDiameter!,
    more: { stemLength: values.numbers.stemLength!, mouthDepth: values.numbers.mouthDepth!, bathVolume: values.numbers.bathVolume! },
  }),
  why: (values, { results: r, outcome }) => {
    const lift = 1000 * GRAVITY * (values.numbers.stemLength! - values.numbers.mouthDepth!)
    const lines = [`To come over the top the water must be pushed up against ${kilopascals(lift)} of its own weight.`]
    lines.push(r.hush === undefined
      ? 'The pressure inside does not fall that far: hot water left in the flask keeps steaming, or too much air is inside.'
      : `Only the glass in the room's air cools the steam at first, so it takes ${seconds(r.hush)}. The first cold drops over the top condense steam at once: the rest takes ${seconds(Math.max(0.01, r.timeToFill! - r.hush))}.`)
    if (outcome !== 'nothing') lines.push(`It ends ${percent(r.fillFraction!)} full; ${percent(r.residualAirFraction!)} of the gas was air, and air takes its room.`)
    return lines
  },
  explanation: (_values, { results: r }) => [
    { from: 7, text: 'The flask was full of steam. While it cooled the air pushed water up the tube. When the first cold drops got in, all the steam turned to water at once, and the air pushed a fountain in.' },
    { from: 11, text: 'Steam that condenses leaves almost nothing behind. The air outside presses on the water in the bucket and pushes it up the tube: nothing sucks. Cold water inside condenses more steam, so it goes faster and faster.' },
    { from: 14, text: `How full it gets tells how little air was left: ${percent(r.residualAirFraction!)} of the gas here, and it ends ${percent(r.fillFraction!)} full.` },
    { from: 16, text: 'Below the top the column is in balance: p(inside) = p(room) − ρgh. Above it there is no balance any more: inflow causes condensation, condensation causes inflow. Such positive feedback makes slow causes end suddenly.' },
  ],
  ready: (values, s) => readyFromPlan(heatingPlan(values, flaskOf(values)), s),
  sizes: (values, s) => sizesOf(s, crossSection(flaskOf(values).diameter), false),
}
