/** What is stated, and what does not go together. */
import { ROOM_INPUTS, defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { enclosedVolume } from '../../../vessels/cylinder'
import { thinWall } from '../checks'
import { atMost, capacityFits } from '../../fits'
import { choice, quantity } from '../inputs'
import { reliefPasses } from './relief'
import { asVolume, say } from '../../../sentence'

/** A relief that lets more than this build up is no relief for a vessel that is already damaged, Pa over the room. */
const MOST_SETTING = 50e3

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  quantity('vesselVolume', {
    name: 'capacity when sound',
    units: ['L', 'gal'],
    default: 60e-3,
    range: [1e-3, 0.3],
    usual: [4e-3, 0.21],
  }),
  quantity('vesselDiameter', { units: ['cm', 'in'], default: 0.38, range: [0.1, 0.8], usual: [0.15, 0.6] }),
  quantity('vesselHeight', { units: ['cm', 'in'], default: 0.54, range: [0.1, 1.3], usual: [0.25, 0.9] }),
  choice('wallMaterial', { default: 'steel' }),
  quantity('wallThickness', { default: 0.6e-3, range: [0.1e-3, 2e-3], usual: [0.2e-3, 1.2e-3] }),
  quantity('mouthDiameter', { name: 'bung hole', default: 0.05, range: [0.01, 0.2], usual: [0.018, 0.06] }),
  {
    id: 'lostBefore',
    name: 'volume it has lost',
    kind: 'quantity',
    quantity: 'fraction',
    units: ['%', '%'],
    group: 'vessel',
    default: 0.35,
    range: [0.03, 0.85],
    usual: [0.1, 0.7],
    spread: { shape: 'normal', relative: 0.1 },
  },
  quantity('waterCharge', {
    name: 'water still in it',
    units: ['L', 'qt'],
    default: 0.8e-3,
    range: [0.02e-3, 30e-3],
    usual: [0.1e-3, 4e-3],
  }),
  {
    id: 'reliefPath',
    name: 'way out for the steam',
    kind: 'choice',
    group: 'heat',
    default: 'relief-valve',
    choices: [
      { id: 'relief-valve', name: 'a relief valve in the bung hole' },
      { id: 'bung-out', name: 'the bung out' },
      { id: 'none', name: 'none, the bung in' },
    ],
  },
  {
    id: 'reliefOpening',
    name: 'free area of the relief',
    kind: 'quantity',
    quantity: 'area',
    units: ['mm2', 'in2'],
    group: 'heat',
    default: 80e-6,
    range: [5e-6, 5e-3],
    usual: [20e-6, 500e-6],
    spread: { shape: 'normal', relative: 0.1 },
  },
  {
    id: 'reliefSetting',
    name: 'overpressure at which it opens',
    kind: 'quantity',
    quantity: 'pressure',
    units: ['kPa', 'psi'],
    group: 'heat',
    default: 20e3,
    range: [0, MOST_SETTING],
    usual: [2e3, 40e3],
    spread: { shape: 'normal', relative: 0.08 },
    lever: [-10e3],
  },
  quantity('heaterPower', { name: 'burner', default: 6000, range: [200, 60e3], usual: [2000, 15e3], lever: [-3000] }),
  quantity('heatingEfficiency', {
    default: 0.35,
    source: 'a crushed base sits badly on the flame; common practice 0.25 to 0.5',
  }),
  {
    id: 'popShare',
    name: 'overpressure that pops it back, against the strength of the sound shell',
    kind: 'quantity',
    quantity: 'fraction',
    units: ['%', '%'],
    group: 'coefficient',
    default: 0.5,
    range: [0.05, 3],
    usual: [0.2, 1.2],
    spread: { shape: 'uniform', below: 0.3, above: 0.6 },
    source:
      'an elastic fold would snap back below the load that made it, a sharp one needs more; assumption, ' +
      'to be narrowed by past runs',
  },
])
export type DrumReinflateValues = ValuesOf<typeof inputs>

export const check: Check<DrumReinflateValues> = values => [
  ...(values.choices.reliefPath === 'none'
    ? [
        {
          input: 'reliefPath',
          message:
            'given "none"; refused: a closed vessel is never heated, since nothing then limits the pressure ' +
            'inside and a crushed one bursts at a fold or a seam without warning; accepted: relief-valve, ' +
            'bung-out',
        },
      ]
    : []),
  ...reliefPasses(values),
  ...capacityFits(
    values,
    'vesselVolume',
    enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight }),
  ),
  ...(values.numbers.waterCharge > 0.6 * values.numbers.vesselVolume * (1 - values.numbers.lostBefore)
    ? [
        {
          input: 'waterCharge',
          message: say`given ${asVolume(values.numbers.waterCharge, { digits: 4 })}; accepted: at most
            ${asVolume(0.6 * values.numbers.vesselVolume * (1 - values.numbers.lostBefore), {
              digits: 4,
              toward: 'below',
            })}, three
            fifths of what the crushed drum still holds`,
        },
      ]
    : []),
  ...atMost(values, 'mouthDiameter', 'vesselDiameter', "the drum's diameter"),
  ...thinWall(values, values.numbers.vesselDiameter),
]
