import {
  blank,
  coefficient,
  PUMP_IDS,
  type QuantityInput,
  result,
  type SentencePart,
  type Spread,
  defineInput,
  defineInputs,
  type Has,
  type Values,
} from '../../demonstration'
import type { Pump } from '../../mechanisms/pump-down'
import { crossSection } from '../../vessels/cylinder'
import { capacityFits } from '../fits'
import type { Fault } from '../../demonstration'

interface PumpKind {
  name: string
  driven: boolean
  /** m3 */ stroke: number
  /** s */ period: number
  /** m3/s */ speed: number
  /**
   * lowest pressure, Pa, in a room of so many Pa: a hand pump's dead space gives a share, a driven pump's limit is
   * its own
   */
  ultimate: (outside: number) => number
  /** true: what is uncertain is how strong it sucks, not the pressure left */ suction?: boolean
}

/** Usual sizes, from memory of catalogues in general; typed over with what the label or a gauge says. */
const PUMPS: Readonly<Record<(typeof PUMP_IDS)[number], PumpKind>> = {
  'hand': {
    name: 'hand piston pump',
    driven: false,
    stroke: 120e-6,
    period: 1.5,
    speed: 80e-6,
    ultimate: p => 0.12 * p,
  },
  // An adult's strongest pull is some 10 to 12 kPa (L. F. Black & R. E. Hyatt, Am. Rev. Respir. Dis. 99 (1969) 696,
  // from memory).
  'mouth': {
    name: 'lungs on a clean hose',
    driven: false,
    stroke: 200e-6,
    period: 3,
    speed: 70e-6,
    ultimate: p => p - 9e3,
    suction: true,
  },
  // The closed mouth as a small pump, tongue and cheeks: some 20 kPa and more (common practice), a mouthful at a time.
  'cheeks': {
    name: 'cheeks and tongue on a clean hose',
    driven: false,
    stroke: 40e-6,
    period: 1.2,
    speed: 33e-6,
    ultimate: p => p - 20e3,
    suction: true,
  },
  'kitchen': {
    name: 'kitchen hand pump',
    driven: false,
    stroke: 35e-6,
    period: 1,
    speed: 35e-6,
    ultimate: p => 0.3 * p,
  },
  'jet': { name: 'water-jet pump', driven: true, stroke: 120e-6, period: 1.5, speed: 8e-3 / 60, ultimate: () => 2.4e3 },
  'membrane': {
    name: 'membrane pump',
    driven: true,
    stroke: 120e-6,
    period: 1.5,
    speed: 20e-3 / 60,
    ultimate: p => 0.08 * p,
  },
  'two-stage': {
    name: 'small two-stage pump',
    driven: true,
    stroke: 120e-6,
    period: 1.5,
    speed: 50e-3 / 60,
    ultimate: () => 30,
  },
}

const BY_ID: Readonly<Partial<Record<string, PumpKind>>> = PUMPS
const kindOf = ({ choices }: Values): PumpKind => BY_ID[choices.pump ?? ''] ?? PUMPS.hand

/** @param mouth true where lungs may do, on a clean hose */
export const pumpChoice = (standard: string, mouth = false) =>
  defineInput({
    id: 'pump',
    onShelf: 'pumpKind',
    name: 'pump',
    kind: 'choice',
    group: 'pump',
    default: standard,
    lever: true,
    choices: PUMP_IDS.filter(id => mouth || !PUMPS[id].suction).map(id => ({ id, name: PUMPS[id].name })),
  })

/**
 * Somebody's suction differs by a fifth from another's; a piston's dead space or a driven pump's limit by an eighth
 * of the pressure left.
 */
const ultimateSpread = (stated: Has<'stationPressure' | 'ultimatePressure', 'pump'>): Spread =>
  kindOf(stated).suction
    ? { shape: 'normal', absolute: 0.2 * Math.max(0, stated.numbers.stationPressure - stated.numbers.ultimatePressure) }
    : { shape: 'lognormal', relative: 0.12 }

/** What a pump does; the defaults follow from the choice. */
export const PUMP_INPUTS = defineInputs([
  blank(
    'strokeVolume',
    'volume of a stroke',
    'mL',
    'pump',
    v => kindOf(v).stroke,
    [2e-6, 3e-3],
    [10e-6, 500e-6],
    0.05,
    { onShelf: 'strokeVolume' },
  ),
  blank('strokeTime', 'time of a stroke', 's', 'pump', v => kindOf(v).period, [0.2, 20], [0.5, 4], {
    shape: 'lognormal',
    relative: 0.15,
  }),
  blank(
    'pumpSpeed',
    'pumping speed',
    'L/min',
    'pump',
    v => kindOf(v).speed,
    [1e-6, 0.05],
    [3e-5, 2e-3],
    { shape: 'lognormal', relative: 0.12 },
    { onShelf: 'pumpSpeed' },
  ),
  blank(
    'ultimatePressure',
    'lowest pressure the pump reaches',
    'kPa',
    'pump',
    v => kindOf(v).ultimate(v.numbers.stationPressure!),
    [1, 105e3],
    [10, 40e3],
    { shape: 'lognormal', relative: 0.12 },
    { spreadFor: ultimateSpread, onShelf: 'ultimatePressure' },
  ),
])

export const pumpOf = (
  values: Has<'pumpSpeed' | 'ultimatePressure' | 'stationPressure' | 'strokeVolume' | 'strokeTime', 'pump'>,
): Pump => {
  const n = values.numbers
  return kindOf(values).driven
    ? { kind: 'steady', speed: n.pumpSpeed, ultimate: Math.min(n.ultimatePressure, 0.98 * n.stationPressure) }
    : {
        kind: 'strokes',
        swept: n.strokeVolume,
        period: n.strokeTime,
        ultimate: Math.min(n.ultimatePressure, 0.98 * n.stationPressure),
      }
}
export const isDriven = (values: Has<never, 'pump'>): boolean => kindOf(values).driven

/** The sentence that says what the pump does: a stroke by hand, or how fast it is driven. */
export const pumpWords = (values: Has<never, 'pump'>): SentencePart[] => [
  { input: 'pump' },
  ' (',
  ...(isDriven(values)
    ? [{ input: 'pumpSpeed' }]
    : [{ input: 'strokeVolume' }, ' a stroke, one every ', { input: 'strokeTime' }]),
  '; at best down to ',
  { input: 'ultimatePressure' },
  ')',
]

/** What the jar is: only one of them is pumped. */
const JAR_KIND = defineInput({
  id: 'jarKind',
  name: 'jar',
  kind: 'choice',
  group: 'vessel',
  default: 'vacuum',
  choices: [
    { id: 'vacuum', name: 'jar made for vacuum, without a mark' },
    { id: 'scratched', name: 'jar with a scratch or a chip' },
    { id: 'household', name: 'household or flat-sided jar' },
  ],
})
/** A jar that may implode is refused, whatever the difference. */
export const jarBears = ({ choices }: Values): Fault[] =>
  choices.jarKind === undefined || choices.jarKind === 'vacuum'
    ? []
    : [
        {
          input: 'jarKind',
          message:
            `given "${choices.jarKind}"; refused: ` +
            (choices.jarKind === 'scratched'
              ? 'glass with a scratch or a chip loses most of its strength'
              : 'thin, flat-bottomed or flat-sided glass is not made for it') +
            ' ' +
            'and implodes without warning; accepted: vacuum',
        },
      ]

/** Its own sizes against each other. */
export const jarFits = (values: Has<'jarVolume' | 'jarDiameter' | 'jarHeight'>): Fault[] =>
  capacityFits(
    values,
    'jarVolume',
    crossSection(values.numbers.jarDiameter) * values.numbers.jarHeight,
    'its inside diameter and height',
  )

export const jarInputs = (
  volume: QuantityInput['default'] = 6.5e-3,
  diameter: QuantityInput['default'] = 0.19,
  height: QuantityInput['default'] = 0.26,
) =>
  defineInputs([
    JAR_KIND,
    blank('jarVolume', 'capacity of the jar', 'L', 'vessel', volume, [0.1e-3, 60e-3], [0.5e-3, 15e-3], 0.02, {
      onShelf: 'capacity',
    }),
    blank('jarDiameter', 'inside of the jar across', 'cm', 'vessel', diameter, [0.04, 0.6], [0.08, 0.3], 0.01, {
      onShelf: 'diameter',
    }),
    blank('jarHeight', 'inside height', 'cm', 'vessel', height, [0.04, 0.8], [0.1, 0.4], 0.01, { onShelf: 'height' }),
  ])

export const pumpingTime = (standard: QuantityInput['default']) =>
  blank('pumpTime', 'longest time at the pump', 's', 'pump', standard, [1, 3600], [10, 600], 0, {
    lever: [-30, 60, 180],
  })

export const target = (standard: QuantityInput['default'], lever: readonly number[] = [-10e3, 10e3]) =>
  blank('targetPressure', 'pressure to stop at', 'kPa', 'pump', standard, [1, 105e3], [100, 80e3], 0.03, { lever })

export const LEAK = coefficient(
  'leakArea',
  'leak of plate, seal and hose',
  'mm2',
  1e-9,
  [0, 1e-6],
  [0, 2e-8],
  0.8,
  'a greased plate lets a jar of some litres rise by a few Pa a second; from memory, measure it by watching the gauge',
)

export const JAR_RESULTS = [
  result('finalPressure', 'pressure in the jar at the end', 'kPa'),
  result('timeToPump', 'time at the pump', 's'),
  result('strokes', 'strokes', '1'),
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('jarForce', 'outside air on the whole jar', 'N'),
  result('storedEnergy', 'work the air could do on the jar', 'J'),
]
