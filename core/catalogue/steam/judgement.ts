/** What a plan tells of readiness and of sizes; shared by the steam demonstrations. */
import { type Ready, type Size, type Ran } from '../../demonstration'
import { roomLossFlux } from '../../mechanisms/convection'
import type { HeatingPlan } from '../../mechanisms/heating'
import { quickLatentHeat } from '../../substances/steam-tables'
import { GRAVITY } from '../../substances/water-transport'
import { asTemperature, asTime, say } from '../../sentence'

/** Air left in the gas at which a vessel counts as purged: common practice, under 5 %. */
const PURGED = 0.05
/** A low flame gives this much more than the vessel loses, so that a thin plume still shows. */
const LOW_FLAME = 1.3
/** Share of the outside air's work that goes into water thrown about. Assumption. */
const THROWN = 0.2

/** In an oven nobody sees a plume, and nobody holds a probe to the rim. */
const MICROWAVE_SIGNS: Ready['watch'] = [
  {
    sign: 'The bottle rolls and rattles, the window fogs, water jumps at the glass.',
    worth: 'it boils through; from then on the time counts',
  },
  { sign: 'Quiet, with a still surface.', worth: 'not boiling, or superheated: without the chip it is not moved' },
  { sign: 'The time in the oven, from the clock.', worth: 'what is planned with; ovens differ, so try one first' },
]

/** Sound, sight, probe, thermometer: each with what it is worth. */
const signsOf = (boilingPoint: number, plume: number | undefined, earliest: number | undefined): Ready['watch'] => [
  {
    sign:
      plume === undefined
        ? 'No steady plume comes with this plan.'
        : say`A dense plume that keeps its strength: with this plan it shows after
          ${asTime(plume)}${
            earliest === undefined ? '' : say` and must go on for ${asTime(Math.max(0, earliest - plume))}`
          }.`,
    worth: 'the best sign without an instrument; draughts and bright light hide it',
  },
  {
    sign: say`A probe on the rim reads ${asTemperature(boilingPoint)}, where water boils here.`,
    worth: 'the surest: steam fills it to the top',
  },
  {
    sign: 'The sound: a first crackle, then a rumble, then a quiet roll.',
    worth: 'the roll says that it boils through, and nothing of the air; a crackle is far from ready',
  },
  {
    sign: say`A thermometer in the water stands still at ${asTemperature(boilingPoint)}.`,
    worth: 'it boils; it says nothing of the air that is still in there',
  },
  {
    sign: 'Steam is clear right at the mouth and white above it; smoke is blue-grey from the start and smells.',
    worth: 'tells a dry vessel from a full one: heat off at the first smell',
  },
]

/** When a vessel on the heat may be sealed. Needs a simulation with a trace. */
export function readyFromPlan(
  plan: HeatingPlan,
  simulation: Ran<never, 'timeOfLifting', 'waterLeft' | 'timeToPlume' | 'timeToDry'>,
  microwave = false,
): Ready {
  const { trace, results, details } = simulation
  const { vessel, room } = plan
  let earliest: number | undefined
  if (trace) {
    for (let i = 0; i < trace.time.length && trace.time[i] <= details.timeOfLifting; i++) {
      if (trace.columns.airFraction[i] <= PURGED) {
        earliest = trace.time[i]!
        break
      }
    }
  }
  const loss = vessel.upperArea * roomLossFlux(room.loss, room.boilingPoint)
  const water = results.waterLeft ?? 0
  const plume = results.timeToPlume
  return {
    watch: microwave ? MICROWAVE_SIGNS : signsOf(room.boilingPoint, plume, earliest),
    earliest,
    dryAt: results.timeToDry,
    lowFlame:
      water > 0 && loss > 0 ? (water * quickLatentHeat(room.boilingPoint)) / ((LOW_FLAME - 1) * loss) : undefined,
  }
}

/**
 * Sizes that tell how big the hazard is.
 * @param face area of the largest single face or end, m2
 */
export function sizesOf(
  simulation: Ran<'outsideForce' | 'peakNetForce' | 'peakPressureDifference', 'capacity'>,
  face: number,
  thrown: boolean,
): Size[] {
  const { results: r, details } = simulation
  const sizes: Size[] = [
    {
      id: 'outsideForce',
      name: 'outside air on all sides',
      value: r.outsideForce,
      quantity: 'force',
      units: ['kN', 'lbf'],
      note: 'outside pressure × whole surface: what presenters quote; inside pressure balances it until the hush',
    },
    {
      id: 'peakNetForce',
      name: 'difference on all sides',
      value: r.peakNetForce,
      quantity: 'force',
      units: ['kN', 'lbf'],
      note: 'greatest difference × whole surface',
    },
    {
      id: 'faceForce',
      name: 'resultant on one face',
      value: r.peakPressureDifference * face,
      quantity: 'force',
      units: ['N', 'lbf'],
      note: 'greatest difference × its largest face: what a scale would read',
    },
    {
      id: 'storedEnergy',
      name: 'work the air can do',
      value: r.peakPressureDifference * details.capacity,
      quantity: 'energy',
      units: ['J', 'ft lbf'],
      note: 'greatest difference × capacity',
    },
  ]
  if (thrown) {
    const head = r.peakPressureDifference / (1000 * GRAVITY)
    sizes.push({
      id: 'splashReach',
      name: 'splash reaches',
      value: 2 * THROWN * head,
      quantity: 'length',
      units: ['m', 'ft'],
      note: 'if a fifth of the work goes into water thrown at 45°; an assumption on the far side',
    })
  }
  return sizes
}
