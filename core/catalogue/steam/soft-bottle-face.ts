/** The face that soft bottles share. */
import {
  type Demonstration,
  type SentencePart,
  type Simulation,
  type Values,
  defineInputs,
  type Ran,
  type Has,
  defineDemonstration,
} from '../../demonstration'
import { enclosedVolume } from '../../vessels/cylinder'
import { atMost, belowBoiling, brimful, capacityFits, waterFits } from './checks'
import { steamScene } from './scene'
import { quantities, quantity } from './inputs'
import { sizesOf } from './judgement'
import { steamLedger } from './ledger'
import { STEAM_SUSPECTS } from './suspects'
import { steamResults } from './results'
import { repeatsInPool } from './repeats'
import { softBottle, SOFT_OUTCOMES, type SoftRun, type SoftValues } from './soft-bottle'
import { COLUMNS } from './trace-recorder'
import { asPressure, asShare, asTime, say, type Sentence, asTemperature } from '../../sentence'
export const SOFT_VESSEL = defineInputs([
  quantity('vesselVolume', { default: 1e-3, range: [0.1e-3, 5e-3], usual: [0.3e-3, 2e-3] }),
  quantity('vesselDiameter', { default: 0.083 }),
  quantity('vesselHeight', { default: 0.22 }),
  quantity('wallThickness', { default: 0.28e-3, range: [0.1e-3, 1e-3], usual: [0.2e-3, 0.45e-3] }),
  quantity('mouthDiameter', { default: 0.0217, usual: [0.015, 0.04] }),
])

export const SOFT_BATH = defineInputs([
  quantity('bathTemperature', { default: 275.15 }),
  quantity('coolDelay', {
    name: 'capped to in the bath',
    default: 5,
    range: [0.3, 600],
    usual: [1, 30],
    lever: [-3, 10],
  }),
  quantity('poolDepth', { name: 'held under to', default: 0.2, usual: [0.03, 0.3], lever: [-0.1] }),
  quantity('bathVolume', { default: 8e-3 }),
  quantity('iceMass', { default: 1, usual: [0, 4] }),
])

export const SOFT_COEFFICIENTS = defineInputs([
  ...quantities('leakArea', 'airLayerFactor', 'bathTransferFactor', 'surfaceConductance'),
  quantity('knockDown', {
    default: 0.6,
    spread: { shape: 'normal', relative: 0.15 },
    source: 'blown bottles are uneven and panelled; between the 0.75 of NASA SP-8007 and a dented shell; assumption',
  }),
  quantity('residualLoad', {
    default: 0.8,
    spread: { shape: 'uniform', below: 0.2, above: 0.15 },
    source: 'a soft wall folds in steadily and does not snap; assumption',
  }),
  quantity('packingStiffness', { default: 4, spread: { shape: 'lognormal', relative: 0.4 } }),
])

/** The sentence of the bath. */
export const icedBath = ({ numbers: n }: Has<'iceMass'>): SentencePart[] => [
  { input: 'coolDelay' },
  ' after the cap hold it under to ',
  { input: 'poolDepth' },
  ' in ',
  { input: 'bathVolume' },
  ' of water at ',
  { input: 'bathTemperature' },
  ...(n.iceMass > 0
    ? [' with ', { input: 'iceMass' }, ' of ice. Hush.']
    : [' (ice: ', { input: 'iceMass' }, '). Hush.']),
]

/** What the shared face asks of a bottle's values. */
type FacedValues = SoftValues & Has<'chargeTemperature' | 'waterCharge' | 'stationPressure' | 'airTemperature'>
type Shared =
  | 'noun'
  | 'hushWords'
  | 'shelf'
  | 'results'
  | 'outcomes'
  | 'wanted'
  | 'columns'
  | 'suspects'
  | 'check'
  | 'ledger'
  | 'drawing'
  | 'repeats'
  | 'sizes'
type Own<V extends FacedValues> = Omit<Parameters<typeof defineDemonstration<V, SoftRun>>[0], Shared> & {
  /** true: emptied before it is capped, so that it may be filled to the brim */ brimful?: boolean
}

/** Fills in what both bottles have in common. */
export const softBottleFace = <V extends FacedValues>({ brimful: toTheBrim, ...own }: Own<V>): Demonstration =>
  defineDemonstration<V, SoftRun>({
    noun: ['bottle', 'bottles'],
    hushWords: { inside: 'air in the bottle', strength: 'the bottle starts to fold here' },
    shelf: [
      { step: 'charge', kind: 'vessel', shapes: ['bottle'], materials: ['PET'], capacity: [0.1e-3, 5e-3] },
      { step: 'cool', kind: 'bath' },
    ],
    results: steamResults(
      'boilingTemperature',
      'waterLeft',
      'residualAirFraction',
      'steamMass',
      'criticalPressureDifference',
      'peakPressureDifference',
      'floorPressure',
      'outsideForce',
      'peakNetForce',
      'hush',
      'giveUpTime',
      'volumeLost',
    ),
    outcomes: SOFT_OUTCOMES,
    wanted: 'fold',
    columns: COLUMNS,
    suspects: STEAM_SUSPECTS,
    check: values => [
      ...capacityFits(
        values,
        enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight }),
      ),
      ...belowBoiling(values, 'chargeTemperature', 'bathTemperature'),
      ...(toTheBrim ? brimful(values) : waterFits(values, 'bottle')),
      ...atMost(values, 'mouthDiameter', 'vesselDiameter', "the bottle's diameter"),
    ],
    ledger: steamLedger('when the fold shows'),
    drawing: (values, s, time) =>
      steamScene(values, s, time, {
        shape: 'bottle',
        closure: 'cap',
        cooling: 'ice-pool',
        heat: '',
        diameter: values.numbers.vesselDiameter,
        height: values.numbers.vesselHeight,
        mouth: values.numbers.mouthDiameter,
        poolDepth: values.numbers.poolDepth,
      }),
    repeats: repeatsInPool<V>(softBottle),
    sizes: (values, s) => sizesOf(s, values.numbers.vesselDiameter * values.numbers.vesselHeight, false),
    ...own,
  })

/** Why a soft bottle folds or not. */
export function softWhy(
  {
    results: r,
    outcome,
  }: Ran<
    'residualAirFraction' | 'floorPressure' | 'criticalPressureDifference' | 'peakPressureDifference',
    never,
    'hush'
  >,
  filling: Sentence,
): Sentence[] {
  const lines: Sentence[] = [
    say`${filling} ${asShare(r.residualAirFraction)} of the gas is still air when the cap goes on; the rest is
      vapour.`,
  ]
  lines.push(
    r.hush !== undefined
      ? say`Cooled, the inside would fall to ${asPressure(r.floorPressure)}; the thin wall begins to fold at a
        difference of about ${asPressure(r.criticalPressureDifference)} (less while it is hot), so it folds as
        fast as it is cooled: the fold shows ${asTime(r.hush)} after the cap.`
      : say`The difference reaches ${asPressure(r.peakPressureDifference)} at most, and the wall begins to fold at
        about ${asPressure(r.criticalPressureDifference)}.`,
  )
  if (outcome === 'dent') lines.push('Air that can only shrink with its temperature limits how far it folds.')
  return lines
}

/** The particle story at four levels, with what drives it here. */
export const softExplanation =
  (cause: string) =>
  (_values: Values, { results: r }: Simulation): { from: number; text: Sentence }[] => [
    {
      from: 7,
      text:
        'The bottle was full of warm, damp air. In the ice the air shrank and the damp turned to drops. ' +
        'Nothing sucked: the air outside pushed the soft sides in.',
    },
    {
      from: 11,
      text:
        'Warm gas pushes as hard as the air outside while the bottle is open. Closed and cooled it pushes ' +
        `less, and ${cause}. The air outside folds the bottle.`,
    },
    {
      from: 14,
      text: say`The gas was ${asShare(r.residualAirFraction!)} air. Cooling slows every particle; condensing
        removes particles. The ledger shows how much of the difference each of them makes.`,
    },
    {
      from: 16,
      text: say`The floor is the sealed air cooled at constant volume plus the saturation pressure of water at the
        bath's temperature: ${asPressure(r.floorPressure!)}. PET loses most of its stiffness near its glass
        transition (about ${asTemperature(348.15)}), so a hot wall folds at almost no difference and freezes in
        its folded shape.`,
    },
  ]
