/** A balloon blown up in a glass until it presses against the wall and lifts it. */
import { type Detail, GAS_COLUMNS, type TraceColumn, TraceRows, type Demonstration } from '../../../demonstration'
import { balloonVolume, skinPressure } from '../../../mechanisms/rubber-balloon'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { GRAVITY } from '../../../substances/water-transport'
import { rubberOf } from '../../vacuum/rubber-inputs'
import type { BalloonInGlassValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'balloonAcross', name: 'balloon across', quantity: 'length' },
  { id: 'grip', name: 'friction it could give', quantity: 'force' },
  { id: 'lifted', name: 'lifted', quantity: 'fraction' },
]
/** Blown at so much a second, m3/s. */
const BREATH = 0.35e-3

export function simulate(values: BalloonInGlassValues, detail: Detail) {
  const n = values.numbers
  const outside = n.stationPressure
  const temperature = n.airTemperature
  const rubber = rubberOf(values)
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const inGlass = n.glassDiameter / (2 * rubber.radius)
  // The part in the glass is a cylinder: half a sphere's curvature, so half its skin pressure goes into stretching it.
  const taken = 0.5 * skinPressure(rubber, inGlass)
  const contactArea = Math.PI * n.glassDiameter * n.insertDepth * n.contactShare
  const weight = n.glassMass * GRAVITY * n.jerk
  const gripAt = (across: number): { pressure: number; contact: number; grip: number } => {
    const stretch = across / (2 * rubber.radius)
    const over = skinPressure(rubber, stretch)
    const contact = across <= n.glassDiameter ? 0 : Math.max(0, over - taken)
    return { pressure: outside + over, contact, grip: contact * contactArea * n.friction }
  }
  const end = n.blownTo
  const burst = end / (2 * rubber.radius) >= rubber.burst
  const most = burst ? rubber.burst * 2 * rubber.radius : end
  const duration = balloonVolume(rubber, most / (2 * rubber.radius)) / BREATH
  let best = 0
  const STEPS = 60
  for (let i = 0; i <= STEPS; i++) {
    const across = 2 * rubber.radius * 0.6 + ((most - 2 * rubber.radius * 0.6) * i) / STEPS
    const now = gripAt(across)
    best = Math.max(best, now.grip)
    rows?.add((duration * i) / STEPS, {
      pressure: now.pressure,
      gasTemperature: temperature,
      airMass: (now.pressure * balloonVolume(rubber, across / (2 * rubber.radius))) / (AIR_GAS_CONSTANT * temperature),
      steamMass: 0,
      balloonAcross: across,
      grip: now.grip,
      lifted: 0,
    })
  }
  const last = gripAt(most)
  const holds = !burst && last.grip >= weight
  const row = (lifted: number) => ({
    pressure: burst ? outside : last.pressure,
    gasTemperature: temperature,
    airMass: burst
      ? 0
      : (last.pressure * balloonVolume(rubber, most / (2 * rubber.radius))) / (AIR_GAS_CONSTANT * temperature),
    steamMass: 0,
    balloonAcross: burst ? 0.01 : most,
    grip: burst ? 0 : last.grip,
    lifted,
  })
  for (let i = 1; i <= 10; i++) rows?.add(duration + 0.2 * i, row(holds ? i / 10 : 0))
  return {
    results: {
      skinPressure: last.pressure - outside,
      contactPressure: last.contact,
      grip: last.grip,
      weight,
      safetyFactor: last.grip / weight,
      bestGrip: best,
      peakPressureDifference: last.pressure - outside,
      timeToBlow: duration,
      ...(holds && { hush: duration }),
    },
    events: burst
      ? [{ id: 'burst', name: 'bursts', time: duration }]
      : holds
        ? [{ id: 'lift', name: 'lifts', time: duration }]
        : [],
    outcome: burst ? 'bursts' : holds ? 'lifts' : 'slides',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      taken,
      contact: last.contact,
      difference: last.pressure - outside,
      ...(holds && { goneAt: duration }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('hush', 'blowing up', duration)
        rows.stage('after', burst ? 'burst' : 'lifting', duration + 2)
        return rows.finish()
      })(),
  }
}
export type BalloonInGlassRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type BalloonInGlass = Demonstration<BalloonInGlassValues, BalloonInGlassRun>
