import { type Demonstration, FLAME_OR_PLATE, type Input, kilopascals, percent, ROOM_INPUTS, seconds } from '../../../demonstration'
import { enclosedVolume } from '../../../vessels/cylinder'
import { formatQuantity } from '../../../units'
import { atMost, belowBoiling, capacityFits, thinWall, waterFits } from '../checks'
import { steamDrawing } from '../drawing'
import { heatingPlan } from '../filling'
import { choice, quantities, quantity } from '../inputs'
import { readyFromPlan, sizesOf } from '../judgement'
import { steamLedger } from '../ledger'
import { BOIL_SEAL_COOL, COOLING_STEP, coolingKit, METAL_COEFFICIENTS, METAL_RESULTS, metalWhy } from '../metal-vessel'
import { repeatsInPool } from '../repeats'
import { COLUMNS } from '../trace-recorder'
import { waterWindow } from '../water-window'
import { STEAM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { simulate, tinOf } from './simulate'

const INPUTS: readonly Input[] = [
  ...ROOM_INPUTS,
  choice('vesselShape'),
  quantity('vesselVolume', { units: ['L', 'qt'], default: 5e-3, range: [0.3e-3, 30e-3], usual: [1e-3, 20e-3] }),
  ...quantities('vesselWidth', 'vesselDepth'),
  quantity('vesselHeight', { default: 0.285, range: [0.05, 0.8], usual: [0.12, 0.4] }),
  choice('wallMaterial', { default: 'steel' }),
  quantity('wallThickness', { default: 0.25e-3, range: [0.1e-3, 1.5e-3], usual: [0.18e-3, 0.5e-3] }),
  quantity('mouthDiameter', { default: 0.032, usual: [0.015, 0.06] }),
  choice('vesselCondition'),
  quantity('waterCharge', { name: 'water in the tin', default: 100e-6, range: [5e-6, 10e-3], usual: [30e-6, 500e-6], lever: [-50e-6, 50e-6, 100e-6] }),
  quantity('chargeTemperature'),
  quantity('heaterPower', { default: 1500 }),
  quantity('heatingEfficiency', { default: 0.4, source: 'a tin covers most of a plate; common practice 0.3 to 0.5' }),
  quantity('purgeTime', { default: 90, usual: [0, 300], lever: [-30, 30, 90] }),
  quantity('sealDelay', { default: 3 }), quantity('coolDelay', { default: 3 }), choice('coolingMethod'),
  quantity('bathTemperature', { name: 'cooling water', default: 285.15 }),
  quantity('coolantFlow'), quantity('poolDepth', { default: 0.05 }), quantity('bathVolume', { name: 'water in the pool', default: 6e-3 }), quantity('iceMass', { name: 'ice in the pool', default: 1, usual: [0, 5] }),
  ...quantities('edgeHolding', 'panelCrown', 'plumeVapourFraction'), ...METAL_COEFFICIENTS,
]

const plan = (values: Parameters<typeof tinOf>[0]) => heatingPlan(values, tinOf(values).vessel)
const round = (values: Parameters<typeof tinOf>[0]) => values.choices.vesselShape === 'cylinder'

export const sealedTin: Demonstration = {
  id: 'sealed-tin', name: 'Sealed tin', summary: 'A tin boiled out, taken off the heat, capped and cooled: its sides talk, then cave in.',
  noun: ['tin', 'tins'],
  teaching: {
    wrongIdea: { idea: 'The cold water makes the metal shrink.', answer: 'Metal hardly shrinks: a few tenths of a millimetre. The steam inside turns to water, and the room pushes the sides in.' },
    before: ['Why must the cap go on only after the heat is off?', 'Which sides will go first?'],
    after: ['Why did the flat sides move before the corners?', 'How many people would have to stand on it for the same push?'],
    elsewhere: ['Oil cans closed warm.', 'A lunch box closed over hot rice.', 'A railway tank in a cold rain.'],
  },
  people: { performs: 18, watches: 8 }, gates, cautions, afterFailure,
  gallery: { family: 'steam', effect: 'Ticks and pops as the panels talk, then the sides cave in over some seconds.', topics: ['air pressure', 'condensation', 'change of state', 'particle model'], ages: [8, 18] },
  hushWords: { inside: 'air in the tin', strength: 'the sides give way here' },
  shelf: [{ step: 'charge', kind: 'vessel', shapes: ['box', 'cylinder'], materials: ['steel', 'aluminium'], capacity: [0.3e-3, 30e-3] }, { step: 'heat', kind: 'heater', heaters: FLAME_OR_PLATE }, { step: 'cool', kind: 'bath' }],
  logged: { used: ['waterCharge', 'purgeTime', 'sealDelay', 'bathTemperature', 'coolantFlow', 'heaterPower'], seen: ['hush', 'talkTime', 'timeToBoil', 'timeToPlume'] },
  inputs: INPUTS, results: METAL_RESULTS,
  outcomes: [
    { id: 'crush', look: 'gone', name: 'crumples', sentence: 'The sides cave in and the tin is wrecked.' },
    { id: 'dent', look: 'partly', name: 'buckles', sentence: 'A side goes in, but the tin keeps most of its shape.' },
    { id: 'stand', look: 'nothing', name: 'stands', sentence: 'The panels may tick, but it stands.' },
  ],
  suspects: STEAM_SUSPECTS,
  wanted: 'crush', columns: COLUMNS,
  procedure: [
    {
      id: 'charge', hazards: ['fuel'],
      parts: [
        'Pour ', { input: 'waterCharge' }, ' of water at ', { input: 'chargeTemperature' }, ' into a ', { input: 'vesselCondition' }, ' ', { input: 'vesselShape' }, ' ', { input: 'wallMaterial' }, ' tin of ', { input: 'vesselVolume' }, ': ',
        { input: 'vesselWidth' }, ' wide (or across), ', { input: 'vesselDepth' }, ' deep, ', { input: 'vesselHeight' }, ' tall, ', { input: 'wallThickness' }, ' thick, mouth ', { input: 'mouthDiameter' }, '. Cap off.',
      ],
    },
    ...BOIL_SEAL_COOL, COOLING_STEP,
  ],
  check: values => [
    ...capacityFits(values, round(values) ? enclosedVolume({ diameter: values.numbers.vesselWidth!, height: values.numbers.vesselHeight! }) : values.numbers.vesselWidth! * values.numbers.vesselDepth! * values.numbers.vesselHeight!, 'its width, depth and height'),
    ...belowBoiling(values, 'chargeTemperature', 'bathTemperature'), ...waterFits(values, 'tin'),
    ...atMost(values, 'mouthDiameter', 'vesselWidth', 'the tin\'s width'), ...thinWall(values, Math.min(values.numbers.vesselWidth!, values.numbers.vesselDepth!)),
  ],
  simulate, ledger: steamLedger('when the sides give way'),
  kit: values => ['tin and spares, never used for anything flammable', 'cap that screws tight, with its seal', 'heater', 'measuring cylinder', ...coolingKit(values), 'heat-proof gloves', 'eye protection', 'thermometer', 'clock'],
  drawing: (values, s, time) => steamDrawing(values, s, time, {
    shape: round(values) ? 'cylinder' : 'box', closure: 'cap', cooling: values.choices.coolingMethod!, heat: 'flame',
    diameter: values.numbers.vesselWidth!, height: values.numbers.vesselHeight!, mouth: values.numbers.mouthDiameter!, more: { poolDepth: values.numbers.poolDepth! },
  }),
  why: (values, s) => {
    const lines = metalWhy(values, s, 'tin', round(values) ? 'wall' : 'flat side')
    if (s.results.talkTime !== undefined) lines.push(`Its panels stand out a little and snap through with a tick ${seconds(s.results.talkTime)} after it is closed: a warning, not the end.`)
    return lines
  },
  explanation: (_values, { results: r }) => [
    { from: 7, text: 'The tin was full of steam. Cold water made the steam into a few drops. Then the air outside pushed the sides in, because nothing inside pushed back.' },
    { from: 11, text: `All around this tin the air presses with ${formatQuantity(r.outsideForce!, 'kN', 'force', 2)} in all. Inside, steam pressed back just as hard; cooled, it turned into water that takes up over a thousand times less room. Nothing sucks.` },
    { from: 14, text: `Only ${percent(r.residualAirFraction!)} of the gas was air. As the steam condensed the pressure fell towards ${kilopascals(r.floorPressure!)}. The flat sides can carry a difference of about ${kilopascals(r.criticalPressureDifference!)}.` },
    { from: 16, text: 'A flat panel first bends, then stretches like a membrane, and folds when hinges of yielding metal form along its edges and diagonals; a round tin of the same sheet buckles elastically instead. A panel that bulges out a little snaps through earlier: that is the tick one hears.' },
  ],
  ready: (values, s) => readyFromPlan(plan(values), s),
  repeats: repeatsInPool(values => tinOf(values).vessel),
  sizes: (values, s) => sizesOf(s, Math.max(values.numbers.vesselWidth!, values.numbers.vesselDepth!) * values.numbers.vesselHeight!, false),
  waterWindow: values => waterWindow(plan(values), values.numbers.waterCharge!, 600),
}
