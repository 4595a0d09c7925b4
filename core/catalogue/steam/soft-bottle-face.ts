/** The face that soft bottles share. */
import {
  type Demonstration,
  type SentencePart,
  defineInputs,
  ofEnd,
  type Ran,
  type Has,
  type Fault,
  defineDemonstration,
} from '../../demonstration'
import { enclosedVolume } from '../../vessels/cylinder'
import { leaksIn } from './capped'
import { belowBoiling, brimful, waterFits } from './checks'
import { atMost, capacityFits } from '../fits'
import { steamScene } from './scene'
import { iceIfCold, quantities, quantity } from './inputs'
import { sizesOf } from './judgement'
import { CLOSED, steamLedger } from './ledger'
import { STEAM_SUSPECTS } from './suspects'
import { steamResults } from './results'
import { repeatsInPool } from './repeats'
import { softBottle, SOFT_OUTCOMES, type SoftRun, type SoftValues } from './soft-bottle'
import { COLUMNS } from './trace-recorder'
import { handPush, lowestPressure, reached, wallAgainst } from '../telling'
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
  quantity('iceMass', { default: iceIfCold(1), usual: [0, 4] }),
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
  | 'subject'
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

/** A closed bottle is cooled and never warmed: it would swell, and may burst its cap. */
function neverWarmed({ numbers: n }: FacedValues, { details }: SoftRun): Fault[] {
  const warmest = Math.max(details.wallAtSeal, details.liquidAtSeal)
  return n.bathTemperature < warmest
    ? []
    : [
        {
          input: 'bathTemperature',
          message: say`given ${asTemperature(n.bathTemperature, { digits: 4 })}; refused: what is in the bottle is at
            ${asTemperature(warmest, { digits: 4 })} when it is capped, and a closed vessel is never warmed; accepted:
            less than that`,
        },
      ]
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
    subject: 'soft-bottle',
    wanted: 'fold',
    columns: COLUMNS,
    suspects: STEAM_SUSPECTS,
    check: values => {
      const faults = [
        ...capacityFits(
          values,
          'vesselVolume',
          enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight }),
        ),
        ...belowBoiling(values, 'chargeTemperature', 'bathTemperature'),
        ...(toTheBrim ? brimful(values) : waterFits(values, 'bottle')),
        ...atMost(values, 'mouthDiameter', 'vesselDiameter', "the bottle's diameter"),
      ]
      // A bath that is colder than the room cools any of them.
      if (faults.length > 0 || values.numbers.bathTemperature <= values.numbers.airTemperature) return faults
      return neverWarmed(values, own.simulate(values, 'summary'))
    },
    ledger: steamLedger('when the fold shows', CLOSED),
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
  run: Ran<
    'residualAirFraction' | 'floorPressure' | 'criticalPressureDifference' | 'peakPressureDifference',
    'leaked',
    'hush'
  >,
  filling: Sentence,
): Sentence[] {
  const { results: r, outcome } = run
  const lines: Sentence[] = [
    say`${filling} ${asShare(r.residualAirFraction)} of the gas is still air when the cap goes on; the rest is
      vapour.`,
  ]
  lines.push(
    r.hush !== undefined
      ? say`Cooled, the inside would fall to ${asPressure(r.floorPressure)}; the thin wall begins to fold at a
        difference of about ${asPressure(r.criticalPressureDifference)} (less while it is hot), so it folds as
        fast as it is cooled: the fold shows ${asTime(r.hush)} after the cap.`
      : say`The difference reaches ${reached(r.peakPressureDifference)} at most, and the wall begins to fold at about
          ${asPressure(r.criticalPressureDifference)}${
            leaksIn(run) ? ': air leaks in past the cap as fast as the rest cools' : ''
          }.`,
  )
  if (outcome === 'dent') lines.push('Air that can only shrink with its temperature limits how far it folds.')
  return lines
}

/** The particle story at four levels, with what drives it here. */
export const softExplanation =
  (cause: string) =>
  (values: Has<'stationPressure'>, s: SoftRun): { from: number; text: Sentence }[] => {
    const { results: r } = s
    const [critical, peak] = wallAgainst(r.criticalPressureDifference, r.peakPressureDifference)
    return [
      {
        from: 7,
        text: say`The bottle was full of warm, damp air. In the cold the air pushes less, and some of the damp turns to
          drops. ${ofEnd(s, {
            fold: 'The air outside pushed the soft sides in.',
            dent: 'The air outside pushed one soft side in a bit.',
            stand: leaksIn(s)
              ? 'But air crept in past the cap, and the bottle kept its shape.'
              : 'The air outside pushed a bit harder than the inside, but the bottle kept its shape.',
          })}`,
      },
      {
        from: 11,
        text: say`${handPush(values.numbers.stationPressure)} Warm gas in an open bottle presses back just as hard.
        Closed and
          cooled, its particles get slower and hit less hard, and ${cause}. ${ofEnd(s, {
            fold: 'The room’s air folds the bottle. Nothing sucks.',
            dent: 'The room’s air pushes a side in. Nothing sucks.',
            stand: leaksIn(s) ? 'Here air leaked in past the cap.' : 'Here the plastic could hold the difference.',
          })}`,
      },
      {
        from: 14,
        text: say`The gas was ${asShare(r.residualAirFraction)} air and the rest vapour. Cooling slows every particle;
        those
          of the vapour that condenses join the liquid. Both lower the pressure. The wall begins to fold at a
          difference of
          about ${critical}; ${ofEnd(s, {
            fold: 'as it folds, the room inside gets smaller and the rest pushes back more.',
            dent: 'it went in a little, and the air inside, pressed together, stopped it.',
            stand: say`it had to hold ${peak}.`,
          })}`,
      },
      {
        from: 16,
        text: say`${lowestPressure(r.residualAirFraction, r.floorPressure)} If it could not give way, that is; the
          difference came to ${peak}${s.outcome === 'stand' ? '' : ', because a soft wall gives way first'}. PET loses
          most of its stiffness near its glass
          transition (about ${asTemperature(348.15)}), so a hot wall folds at almost no difference and sets in its
          folded shape.`,
      },
    ]
  }
