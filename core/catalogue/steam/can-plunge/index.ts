import { type Demonstration, FLAME_OR_PLATE, type Values } from '../../../demonstration'
import { crossSection, enclosedVolume } from '../../../vessels/cylinder'
import { formatQuantity } from '../../../units'
import { atMost, belowBoiling, capacityFits, thinWall, waterFits } from '../checks'
import { readyFromPlan, sizesOf } from '../judgement'
import { steamLedger } from '../ledger'
import { results } from '../results'
import { COLUMNS } from '../trace-recorder'
import { waterWindow } from '../water-window'
import { STEAM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
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
  people: { performs: 14, watches: 7 }, gates, cautions, afterFailure,
  gallery: {
    family: 'steam',
    effect: 'A bang, and the can is flat before anyone has seen it move.',
    topics: ['air pressure', 'condensation', 'change of state', 'particle model'], ages: [7, 18],
  },
  hushWords: { inside: 'air in the can', strength: 'the wall gives way here' },
  shelf: [
    { step: 'bath', kind: 'bath' },
    { step: 'charge', kind: 'vessel', shapes: ['cylinder'], materials: ['aluminium', 'steel'], capacity: [50e-6, 6e-3] },
    { step: 'heat', kind: 'heater', heaters: FLAME_OR_PLATE },
  ],
  logged: {
    used: ['waterCharge', 'purgeTime', 'transferTime', 'bathTemperature', 'mouthDepth', 'heaterPower'],
    seen: ['hush', 'waterDrawnIn', 'timeToBoil', 'timeToPlume', 'bathTemperatureAfter'],
  },
  inputs: INPUTS,
  results: RESULTS,
  outcomes: OUTCOMES,
  suspects: STEAM_SUSPECTS,
  wanted: 'crush',
  columns: COLUMNS,
  procedure: PROCEDURE,
  check,
  simulate, ledger: steamLedger('when the wall gives way'),
  kit: values => [
    'can, rinsed, and as many spares as the forecast says', 'measuring spoon or small cylinder', 'heater', 'bowl',
    ...(values.numbers.iceMass! > 0 ? [`ice, ${formatQuantity(values.numbers.iceMass!, 'g', 'mass')} a bowl`] : []),
    'tongs that grip a wet can', 'heat-proof gloves', 'eye protection', 'thermometer', 'clock', 'tray and towel',
  ],
  drawing,
  why,
  explanation,
  ready: (values, simulation) => readyFromPlan(heatingOf(values), simulation),
  sizes: (values, simulation) => sizesOf(simulation, Math.max(crossSection(values.numbers.vesselDiameter!), values.numbers.vesselDiameter! * values.numbers.vesselHeight!), true),
  repeats,
  waterWindow: values => waterWindow(heatingOf(values), values.numbers.waterCharge!),
}
