import { crossSection, enclosedVolume } from '../../vessels/cylinder'
import { formatQuantity } from '../../units'
import type { Demonstration, Values } from '../face'
import { atMost, belowBoiling, capacityFits, thinWall, waterFits } from '../steam/checks'
import { readyFromPlan, sizesOf } from '../steam/judgement'
import { steamLedger } from '../steam/ledger'
import { results } from '../steam/results'
import { COLUMNS } from '../steam/trace-recorder'
import { waterWindow } from '../steam/water-window'
import { STEAM_SUSPECTS } from '../steam/suspects'
import { cautions } from './cautions'
import { drawing } from './drawing'
import { INPUTS } from './inputs'
import { OUTCOMES } from './outcomes'
import { PROCEDURE } from './procedure'
import { heatingOf, repeats, simulate } from './simulate'
import { explanation, why } from './words'

const RESULTS = results(
  'boilingTemperature', 'timeToBoil', 'timeToPlume', 'timeToDry', 'waterLeft', 'residualAirFraction', 'steamMass', 'criticalPressureDifference',
  'peakPressureDifference', 'floorPressure', 'outsideForce', 'peakNetForce', 'hush', 'waterDrawnIn', 'volumeLost', 'bathTemperatureAfter',
)

const check = (values: Values) => [
  ...capacityFits(values, enclosedVolume({ diameter: values.numbers.vesselDiameter!, height: values.numbers.vesselHeight! })),
  ...belowBoiling(values, 'chargeTemperature', 'bathTemperature'),
  ...waterFits(values, 'can'),
  ...atMost(values, 'mouthDiameter', 'vesselDiameter', 'the can\'s diameter'),
  ...atMost(values, 'mouthDepth', 'vesselHeight', 'the can\'s height'),
  ...thinWall(values, values.numbers.vesselDiameter!),
]

export const canPlunge: Demonstration = {
  id: 'can-plunge',
  name: 'Can plunge',
  summary: 'A drinks can with a little boiling water, turned over into cold water.',
  noun: ['can', 'cans'],
  teaching: {
    wrongIdea: { idea: 'The can is sucked in by the vacuum.', answer: 'A vacuum cannot pull. The air of the room has pushed on the can all day; now nothing inside pushes back.' },
    before: ['What is in the can besides water while it boils?', 'What will happen if I wait five seconds before the plunge?', 'Would it work with air only, without water?'],
    after: ['Where did the steam go?', 'Why was it so fast?', 'Is there water in the can now? Why?'],
    elsewhere: ['A tank wagon that was steamed out and shut caved in.', 'A plastic bottle shut on a mountain is dented in the valley.', 'A jar of jam pops when it is opened.'],
  },
  gallery: {
    family: 'steam',
    effect: 'A bang, and the can is flat before anyone has seen it move.',
    topics: ['air pressure', 'condensation', 'change of state', 'particle model'], ages: [7, 18],
  },
  hushWords: { inside: 'air in the can', strength: 'the wall gives way here' },
  shelf: [
    { step: 'bath', kind: 'bath' },
    { step: 'charge', kind: 'vessel', shapes: ['cylinder'], materials: ['aluminium', 'steel'], capacity: [50e-6, 6e-3] },
    { step: 'heat', kind: 'heater' },
  ],
  logged: {
    used: ['waterCharge', 'purgeTime', 'transferTime', 'bathTemperature', 'mouthDepth', 'heaterPower'],
    seen: ['hush', 'waterDrawnIn', 'timeToBoil', 'timeToPlume', 'bathTemperatureAfter'],
  },
  gates: [{ step: 'lift', text: 'Everyone behind the line, goggles on, path from heater to bowl clear.' }],
  inputs: INPUTS,
  results: RESULTS,
  outcomes: OUTCOMES,
  suspects: STEAM_SUSPECTS,
  wanted: 'crush',
  columns: COLUMNS,
  procedure: PROCEDURE,
  check,
  simulate, ledger: steamLedger('when the wall gives way'),
  cautions,
  kit: values => [
    'can, rinsed, and as many spares as the forecast says', 'measuring spoon or small cylinder', 'heater', 'bowl',
    ...(values.numbers.iceMass! > 0 ? [`ice, ${formatQuantity(values.numbers.iceMass!, 'g', 'mass')} a bowl`] : []),
    'tongs that grip a wet can', 'heat-proof gloves', 'eye protection', 'thermometer', 'clock', 'tray and towel',
  ],
  drawing,
  why,
  explanation,
  ready: (values, simulation) => readyFromPlan(heatingOf(values), simulation),
  notGone: () => [
    'Leave it in the water for ten seconds: it may still fill or give way.',
    'Heater off. Let it cool in the bowl; then tip the hot water out over the bowl, mouth away from you.',
    'Look inside: much water in it means that it filled; hardly any means that it held mostly air, so boil on longer or be quicker.',
    'A can that has been on the heat twice is soft and lacquer-free: take a fresh one for the next try.',
  ],
  sizes: (values, simulation) => sizesOf(simulation, Math.max(crossSection(values.numbers.vesselDiameter!), values.numbers.vesselDiameter! * values.numbers.vesselHeight!), true),
  repeats,
  waterWindow: values => waterWindow(heatingOf(values), values.numbers.waterCharge!),
}
