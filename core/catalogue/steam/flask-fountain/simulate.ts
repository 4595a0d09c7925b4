/** A boiling flask with a long stem turned into a bucket: slow rise, sudden finish. */
import { type Detail, stepTolerance, type Demonstration } from '../../../demonstration'
import { runDipped } from '../dipped-glass'
import { fillByBoiling, heatingPlan, heldBelowBoiling } from '../filling'
import { TraceRecorder } from '../trace-recorder'
import { flaskOf, type FlaskFountainValues } from './inputs'

/** How long a room watches the water climb, s. */
const LONGEST_CLIMB = 900
const FULL = 0.85
const SEEN = 0.08

export function simulate(values: FlaskFountainValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const vessel = flaskOf(values)
  const plan = heatingPlan(values, vessel)
  const { room } = plan
  const recorder = detail === 'trace' ? new TraceRecorder(plan, 'heat', 'fountain') : undefined
  const filled = fillByBoiling(
    plan,
    { duration: n.transferTime, uprightShare: n.uprightShare, moved: true },
    n.surfaceConductance,
    stepTolerance(detail, refinement),
    recorder,
  )
  const bathTemperature = heldBelowBoiling(n.bathTemperature, room)
  return runDipped(
    {
      plan,
      filled,
      pool: filled.waterMass * n.poolRetained,
      longest: LONGEST_CLIMB,
      surface: vessel.upperArea + vessel.crossSection,
      cooling: {
        vessel,
        room,
        coolant: { temperature: bathTemperature, area: 0, conductance: 0, throughBase: 0 },
        mouth: {
          depth: n.mouthDepth,
          plungeSpeed: 0.3,
          waterTemperature: bathTemperature,
          passage: 0,
          entryLoss: n.entryLoss,
          stem: { length: n.stemLength, diameter: n.stemDiameter, friction: n.stemFriction },
          jet: {
            water: bathTemperature,
            diameter: n.stemDiameter,
            stanton: n.jetStanton,
            sprayContact: n.sprayContact,
            splashWeber: n.splashWeber,
          },
        },
        airLayerFactor: n.airLayerFactor,
        surfaceConductance: n.surfaceConductance,
      },
    },
    detail,
    refinement,
    ({ fillFraction, waterDrawnIn, hush, glassChill }) => ({
      // Only water that comes over the top meets the glass, and is seen.
      outcome:
        hush !== undefined && glassChill > n.shockLimit
          ? 'crack'
          : hush === undefined || waterDrawnIn < SEEN * vessel.capacity
            ? 'nothing'
            : fillFraction >= FULL
              ? 'fill'
              : 'part',
      more: {},
    }),
    recorder,
  )
}
export type FlaskFountainRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type FlaskFountain = Demonstration<FlaskFountainValues, FlaskFountainRun>
