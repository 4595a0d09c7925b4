/** Boiled, capped and cooled metal vessels: what sealed tin and sealed drum have in common. */
import {
  stepTolerance,
  type Detail,
  type Has,
  type Named,
  type ProcedureStep,
  type SentencePart,
  type Ran,
} from '../../demonstration'
import { EMPTY_PACKING } from '../../mechanisms/collapse'
import { coolantOf, USUAL_WETTED, type CoolingMethod } from '../../mechanisms/coolants'
import type { CoolingPlan } from '../../mechanisms/cooling-plan'
import type { SteamVessel } from '../../mechanisms/steam-vessel'
import { isWetted } from './checks'
import { wallAgainst } from '../telling'
import { noPlume } from './no-plume'
import { crushOutcome, leaksIn, packingAbove, runCapped } from './capped'
import { fillByBoiling, gasAtSeal, heatingPlan, heldBelowBoiling, type HeatedValues } from './filling'
import { quantities } from './inputs'
import { steamResults } from './results'
import { TraceRecorder } from './trace-recorder'
import { asMass, asPressure, asShare, asTime, say, type Sentence } from '../../sentence'

/** What a metal vessel of one kind adds to the shared course of events. */
export interface MetalVessel<D extends Named = Named> {
  vessel: SteamVessel
  /** m2, outside */ surface: number
  /** Pa */ criticalDifference: number
  /** Pa, where panels talk */ talkAt?: number
  /** what drawing and words need of its wall */ details: D
}

/** What is stated of a metal vessel that is boiled out, closed and cooled. */
type BoiledValues = HeatedValues &
  Has<
    | 'sealDelay'
    | 'coolDelay'
    | 'surfaceConductance'
    | 'bathTemperature'
    | 'leakArea'
    | 'coolantFlow'
    | 'poolDepth'
    | 'wettedFactor'
    | 'bathTransferFactor'
    | 'residualLoad'
    | 'packingStiffness',
    'coolingMethod'
  >

/** Boils, seals after `sealDelay` and cools by `coolingMethod`. Times are seconds from heat on. */
export function boilSealCool<D extends Named>(
  values: BoiledValues,
  metal: MetalVessel<D>,
  detail: Detail,
  refinement: number,
) {
  const n = values.numbers
  const { vessel } = metal
  const plan = heatingPlan(values, vessel)
  const { room } = plan
  const recorder = detail === 'trace' ? new TraceRecorder(plan) : undefined
  const filled = fillByBoiling(
    plan,
    { duration: n.sealDelay, uprightShare: 1, moved: false },
    n.surfaceConductance,
    stepTolerance(detail, refinement),
    recorder,
  )
  const gas = gasAtSeal(plan, filled, filled.waterMass)
  const method = values.choices.coolingMethod as CoolingMethod
  const temperature = method === 'still-air' ? room.temperature : heldBelowBoiling(n.bathTemperature, room)
  const cooling: CoolingPlan = {
    vessel,
    room,
    pool: filled.waterMass,
    leakArea: n.leakArea,
    coolant: coolantOf(vessel, {
      method,
      temperature,
      flow: n.coolantFlow * 1000,
      poolDepth: n.poolDepth,
      wettedShare: Math.min(1, USUAL_WETTED[method] * n.wettedFactor),
      baseContact: 1,
      factor: n.bathTransferFactor,
      excess: room.boilingPoint - temperature,
    }),
    strength: {
      criticalDifference: metal.criticalDifference,
      residualLoad: n.residualLoad,
      stiffening: n.packingStiffness,
      packing: packingAbove(EMPTY_PACKING, filled.waterMass, vessel.capacity),
    },
    airLayerFactor: plan.airLayerFactor,
    surfaceConductance: n.surfaceConductance,
  }
  const simulation = runCapped(
    {
      plan,
      filled,
      gas,
      cooling,
      surface: metal.surface,
      talkAt: metal.talkAt,
      coolDelay: n.coolDelay,
      names: { seal: 'sealed' },
    },
    detail,
    refinement,
    crushOutcome('stand'),
    recorder,
  )
  const emptyMass = metal.surface * vessel.wallThickness * vessel.solid.density
  const details = Object.assign(simulation.details, metal.details, { emptyMass })
  return Object.assign(simulation, { details })
}

const at = (input: string) => ({ input })

/** The sentences from the heat to the hush; those before it name the vessel. */
export const BOIL_SEAL_COOL: readonly ProcedureStep[] = [
  {
    id: 'heat',
    marks: ['heat-on', 'plume'],
    hazards: ['heat', 'flame'],
    parts: [
      'Leave it open. Heat it on the ',
      at('heaterPower'),
      ' heater (',
      at('heatingEfficiency'),
      ' of that gets in) until a steady plume shows.',
    ],
    duration: s => s.results.timeToPlume,
  },
  {
    id: 'purge',
    hazards: ['heat'],
    parts: ['Let it boil on for ', at('purgeTime'), '.'],
    duration: s => (s.results.timeToPlume === undefined ? undefined : s.details.timeOfLifting! - s.results.timeToPlume),
  },
  {
    id: 'off',
    marks: ['lifted'],
    hazards: ['scald', 'heat'],
    parts: ({ choices }) =>
      choices.coolingMethod === 'ice-pool'
        ? ['Heat off, and the vessel off the heat: two people in gloves set it, open, into the empty tub.']
        : ['Heat off, and the vessel off the heat, to where it will be cooled.'],
  },
  {
    id: 'seal',
    marks: ['sealed'],
    hazards: ['closed-hot-vessel', 'scald'],
    parts: [
      'Only then close it tight, within ',
      at('sealDelay'),
      ' of taking the heat away, and go back to the others.',
    ],
    duration: s => s.details.sealing! - s.details.timeOfLifting!,
  },
]

/** What cools it, in each way, with that way's blanks alone. */
const COOLED_BY: Readonly<Record<string, (ice: boolean) => readonly SentencePart[]>> = {
  'ice-pool': ice => [
    ': let water at ',
    at('bathTemperature'),
    ' into the tub through a hose, ',
    at('bathVolume'),
    ' in all, until it stands ',
    at('poolDepth'),
    ' deep',
    ...(ice ? [' round ', at('iceMass'), ' of ice that lay there before'] : [' (ice: ', at('iceMass'), ')']),
    '.',
  ],
  'spray': () => [
    ': a hose or lance from where you stand, ',
    at('coolantFlow'),
    ' of water at ',
    at('bathTemperature'),
    '.',
  ],
  'pour': () => [
    ': from a bucket tipped by a cord or a jug on a long handle, ',
    at('coolantFlow'),
    ' of water at ',
    at('bathTemperature'),
    '.',
  ],
  'sprinkle': () => [
    ': a rose fixed over it beforehand, its tap where you stand, ',
    at('coolantFlow'),
    ' of water at ',
    at('bathTemperature'),
    '.',
  ],
}

/** The last sentence: how it is cooled, by whom, from where. */
export const COOLING_STEP: ProcedureStep = {
  id: 'cool',
  hazards: ['vacuum', 'closed-hot-vessel'],
  parts: values => {
    const way = values.choices.coolingMethod!
    const how = COOLED_BY[way]
    return how
      ? [
          'Everybody back. ',
          at('coolDelay'),
          ' after closing it, cool it by ',
          at('coolingMethod'),
          ...how(values.numbers.iceMass! > 0),
          ' Hush.',
        ]
      : [
          'Everybody back. ',
          at('coolDelay'),
          ' after closing it all hands are off it: ',
          at('coolingMethod'),
          '. Hush.',
        ]
  },
  duration: s => s.results.hush,
}

export const METAL_RESULTS = steamResults(
  'boilingTemperature',
  'timeToBoil',
  'timeToPlume',
  'timeToDry',
  'waterLeft',
  'residualAirFraction',
  'steamMass',
  'criticalPressureDifference',
  'peakPressureDifference',
  'floorPressure',
  'outsideForce',
  'peakNetForce',
  'hush',
  'talkTime',
  'giveUpTime',
  'volumeLost',
)

export const METAL_COEFFICIENTS = quantities(
  'leakArea',
  'wettedFactor',
  'purgeMixing',
  'heaterLimit',
  'airLayerFactor',
  'bathTransferFactor',
  'surfaceConductance',
  'knockDown',
  'residualLoad',
  'packingStiffness',
)

/** What the chosen way of cooling needs. */
export function coolingKit({ numbers: n, choices }: Has<'iceMass', 'coolingMethod'>): Sentence[] {
  switch (choices.coolingMethod) {
    case 'ice-pool':
      return [
        'flat tub that the vessel stands in',
        'hose that reaches it from behind the line',
        ...(n.iceMass > 0 ? [say`ice, ${asMass(n.iceMass)}`] : []),
      ]
    case 'spray':
      return ['hose or lance that reaches it from behind the line', 'drain or tray']
    case 'pour':
      return ['bucket on a tipping frame with its cord, or a jug on a long handle', 'tray']
    case 'sprinkle':
      return ['rose on a stand and a hose, its tap behind the line', 'tray']
    default:
      return ['barrier tape, to be left up for as long as it takes']
  }
}

/** Why a capped metal vessel ends as it does; `wall` is what gives way. */
export function metalWhy(
  values: Has<never, 'coolingMethod'>,
  run: Ran<
    'criticalPressureDifference' | 'peakPressureDifference' | 'floorPressure' | 'residualAirFraction' | 'waterLeft',
    'stationPressure' | 'leaked',
    'timeToPlume' | 'hush' | 'giveUpTime',
    'boiledDry'
  >,
  noun: string,
  wall: string,
): Sentence[] {
  const { results: r, details } = run
  const lines: Sentence[] = noPlume(run, noun)
  const [critical, peak] = wallAgainst(r.criticalPressureDifference, r.peakPressureDifference)
  if (r.hush === undefined) {
    lines.push(
      say`The ${wall} holds about ${critical}; the difference reaches ${peak} at
        most, most of it within ${asTime(r.giveUpTime!)}. ${
          leaksIn(run)
            ? 'Air leaks in as fast as steam goes, so nothing is left to press on it: a tighter closure.'
            : 'It stands, and may stand there for ever.'
        }`,
    )
    const airs = r.floorPressure > details.stationPressure - r.criticalPressureDifference
    if (airs)
      lines.push(
        say`Even fully cooled the air sealed in keeps ${asPressure(r.floorPressure)} inside:
          ${asShare(r.residualAirFraction)} of the gas was air.`,
      )
  } else {
    lines.push(
      say`The ${wall} holds about ${critical}. Steam condenses until the inside is that far below the room,
        ${asTime(r.hush)} after it is closed.`,
    )
  }
  if (r.waterLeft > 1e-4)
    lines.push(
      say`${asMass(r.waterLeft)} of hot water left inside keeps steaming as the pressure falls: it has to be
        cooled too.`,
    )
  if (!isWetted(values))
    lines.push(
      'Still air takes heat a hundred times more slowly than running water: this is where the long wait comes from.',
    )
  if (r.residualAirFraction > 0.08)
    lines.push(
      say`${asShare(r.residualAirFraction)} of the gas is still air: it does not condense, and steam reaches the
        wall more slowly through it.`,
    )
  return lines
}
