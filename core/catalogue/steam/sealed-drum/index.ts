import { type Demonstration, FLAME_OR_PLATE, type Input, ROOM_INPUTS } from '../../../demonstration'
import { crossSection, enclosedVolume } from '../../../vessels/cylinder'
import { atMost, belowBoiling, capacityFits, thinWall, waterFits } from '../checks'
import { steamDrawing } from '../drawing'
import { heatingPlan } from '../filling'
import { choice, quantity } from '../inputs'
import { readyFromPlan, sizesOf } from '../judgement'
import { steamLedger } from '../ledger'
import { BOIL_SEAL_COOL, COOLING_STEP, coolingKit, METAL_COEFFICIENTS, METAL_RESULTS } from '../metal-vessel'
import { repeatsInPool } from '../repeats'
import { COLUMNS } from '../trace-recorder'
import { waterWindow } from '../water-window'
import { STEAM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { drumOf, simulate } from './simulate'
import { explanation, why } from './words'

const INPUTS: readonly Input[] = [
  ...ROOM_INPUTS,
  quantity('vesselVolume', { units: ['L', 'gal'], default: 60e-3, range: [5e-3, 0.3], usual: [20e-3, 0.21] }),
  quantity('vesselDiameter', { units: ['cm', 'in'], default: 0.38, range: [0.15, 0.8], usual: [0.28, 0.6] }),
  quantity('vesselHeight', { units: ['cm', 'in'], default: 0.54, range: [0.2, 1.3], usual: [0.35, 0.9] }),
  quantity('hoopSpacing'),
  choice('wallMaterial', { default: 'steel' }),
  quantity('wallThickness', { default: 0.6e-3, range: [0.2e-3, 2e-3], usual: [0.4e-3, 1.2e-3], spread: { shape: 'normal', relative: 0.06 } }),
  quantity('mouthDiameter', { name: 'bung hole', default: 0.05, range: [0.01, 0.2], usual: [0.018, 0.06] }),
  choice('vesselCondition'),
  quantity('waterCharge', { name: 'water in the drum', units: ['L', 'qt'], default: 1e-3, range: [0.05e-3, 40e-3], usual: [0.3e-3, 4e-3], lever: [-0.5e-3, 0.5e-3] }),
  quantity('chargeTemperature'),
  quantity('heaterPower', { name: 'burner', default: 6000, range: [200, 60e3], usual: [2000, 15e3] }),
  quantity('heatingEfficiency', { default: 0.45, usual: [0.2, 0.7], source: 'gas ring under a wide base, Incropera & DeWitt give no figure; common practice 0.35 to 0.55' }),
  quantity('purgeTime', { default: 240, usual: [0, 1200], spread: { shape: 'normal', absolute: 10 }, lever: [-120, 120, 300] }),
  quantity('sealDelay', { default: 10, usual: [3, 60], lever: [-5, 10, 20] }),
  quantity('coolDelay', { default: 10 }), choice('coolingMethod', { default: 'ice-pool' }),
  quantity('bathTemperature', { name: 'cooling water', default: 277.15 }), quantity('coolantFlow'), quantity('poolDepth'), quantity('bathVolume', { name: 'water in the pool', default: 25e-3, usual: [5e-3, 100e-3] }), quantity('iceMass', { name: 'ice in the pool', units: ['kg', 'lb'], default: 5, range: [0, 200], usual: [0, 30] }),
  quantity('hoopHolding'), ...METAL_COEFFICIENTS, quantity('plumeVapourFraction', { default: 0.6, spread: { shape: 'triangular', below: 0.25, above: 0.25 } }),
]

const plan = (values: Parameters<typeof drumOf>[0]) => heatingPlan(values, drumOf(values).vessel)

export const sealedDrum: Demonstration = {
  id: 'sealed-drum', name: 'Sealed drum', summary: 'A steel drum boiled out, bunged and cooled: the outside air folds it up.',
  noun: ['drum', 'drums'],
  teaching: {
    wrongIdea: { idea: 'Steel is far too strong for air.', answer: 'Air pushes on every square metre with the weight of ten tonnes. A thin wall that is bent a little has no chance.' },
    before: ['How long will the hush last?', 'What would a spray do that waiting does not?'],
    after: ['Why did it wait, and then go at once?', 'Would a smaller drum be stronger or weaker?'],
    elsewhere: ['Storage tanks emptied with the vent shut.', 'Submarines and their ribs.', 'Beer kegs steamed and sealed.'],
  },
  people: { performs: 18, watches: 9 }, gates, cautions, afterFailure,
  gallery: { family: 'steam', effect: 'A long hush, groans, then one enormous bang.', topics: ['air pressure', 'condensation', 'strength of shells', 'change of state'], ages: [9, 18] },
  hushWords: { inside: 'air in the drum', strength: 'the shell gives way here' },
  shelf: [{ step: 'charge', kind: 'vessel', shapes: ['cylinder'], materials: ['steel', 'aluminium'], capacity: [5e-3, 0.3] }, { step: 'heat', kind: 'heater', heaters: FLAME_OR_PLATE }, { step: 'cool', kind: 'bath' }],
  logged: { used: ['waterCharge', 'purgeTime', 'sealDelay', 'bathTemperature', 'coolantFlow', 'poolDepth'], seen: ['hush', 'timeToBoil', 'timeToPlume', 'volumeLost'] },
  inputs: INPUTS,
  results: METAL_RESULTS,
  outcomes: [
    { id: 'crush', look: 'gone', name: 'crushes', sentence: 'The drum folds in with a bang and is wrecked.' },
    { id: 'dent', look: 'partly', name: 'buckles', sentence: 'A side goes in with a thump, but the drum stands.' },
    { id: 'stand', look: 'nothing', name: 'stands', sentence: 'It stands there, however long one waits.' },
  ],
  suspects: STEAM_SUSPECTS,
  wanted: 'crush',
  columns: COLUMNS,
  procedure: [
    {
      id: 'charge', hazards: ['fuel'],
      parts: [
        'Pour ', { input: 'waterCharge' }, ' of water at ', { input: 'chargeTemperature' }, ' into a ', { input: 'vesselCondition' }, ' ', { input: 'wallMaterial' }, ' drum of ', { input: 'vesselVolume' }, ': ',
        { input: 'vesselDiameter' }, ' across, ', { input: 'vesselHeight' }, ' tall, ', { input: 'wallThickness' }, ' thick, hoops ', { input: 'hoopSpacing' }, ' apart, bung hole ', { input: 'mouthDiameter' }, '. Both bungs out.',
      ],
    },
    ...BOIL_SEAL_COOL, COOLING_STEP,
  ],
  check: values => [
    ...capacityFits(values, enclosedVolume({ diameter: values.numbers.vesselDiameter!, height: values.numbers.vesselHeight! })),
    ...belowBoiling(values, 'chargeTemperature', 'bathTemperature'), ...waterFits(values, 'drum'),
    ...atMost(values, 'mouthDiameter', 'vesselDiameter', 'the drum\'s diameter'), ...atMost(values, 'hoopSpacing', 'vesselHeight', 'the drum\'s height'), ...thinWall(values, values.numbers.vesselDiameter!),
  ],
  simulate, ledger: steamLedger('when the shell gives way'),
  kit: values => [
    'drum of known history, both bungs out', 'bung with a sound seal, and its wrench', 'burner, and a way to shut it off from a distance', 'stand that can be pulled away, or a lever and gloves to shift the drum',
    ...coolingKit(values), 'heat-proof gloves', 'eye and ear protection', 'barrier tape', 'clock',
  ],
  drawing: (values, s, time) => steamDrawing(values, s, time, {
    shape: 'drum', closure: 'bung', cooling: values.choices.coolingMethod!, heat: 'flame', diameter: values.numbers.vesselDiameter!, height: values.numbers.vesselHeight!, mouth: values.numbers.mouthDiameter!,
    more: { hoopSpacing: values.numbers.hoopSpacing!, poolDepth: values.numbers.poolDepth! },
  }),
  why, explanation,
  ready: (values, s) => readyFromPlan(plan(values), s),
  repeats: repeatsInPool(values => drumOf(values).vessel),
  sizes: (values, s) => sizesOf(s, Math.max(crossSection(values.numbers.vesselDiameter!), values.numbers.vesselDiameter! * values.numbers.vesselHeight!), values.choices.coolingMethod === 'ice-pool'),
  waterWindow: values => waterWindow(plan(values), values.numbers.waterCharge!, 1800),
}
