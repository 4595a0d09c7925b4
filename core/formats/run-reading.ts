/** A logged run as core sees it: the staging with what was really used, and what was seen as an observation. */
import type { Observation } from '../forecast'
import { saidByReadings, type Channel, type Reading } from '../readings'
import type { QuantityKind } from '../units'
import { differenceToSi } from '../units'
import { siOf } from './document-values'
import type { RunDocument } from './run'
import type { StagingDocument } from './staging'
import { resolveStaging, type ReadStaging } from './staging-reading'

/** Standard uncertainty of a reading taken by hand, relative to its value, with a least value in SI. Assumptions. */
const HAND_READING: Partial<Record<QuantityKind, { relative: number; least: number }>> = {
  // A stopwatch in a hand: a reaction time either way.
  time: { relative: 0.05, least: 0.15 },
  volume: { relative: 0.08, least: 5e-6 },
  temperature: { relative: 0, least: 1 },
}

/** @throws StagingFaults if the run's inputs do not fit the staging */
export const stagingOfRun = (staging: StagingDocument, run: RunDocument): ReadStaging =>
  resolveStaging({ ...staging, inputs: { ...staging.inputs, ...run.used } })

/** What it kept of readings, with s from the seal. */
export const readingsOf = (run: RunDocument): Reading[] =>
  Object.entries(run.readings ?? {}).flatMap(([channel, { time, value }]) =>
    time.map((t, i) => ({ channel: channel as Channel, time: t, value: value[i] })),
  )

/** What was seen, with the uncertainty stated or that of a reading by hand. */
export function observationOf(read: ReadStaging, run: RunDocument): Observation {
  const readings: Observation['readings'] = {}
  for (const spec of read.demonstration.results) {
    const document = run.seen[spec.id]
    if (!document) continue
    const value = siOf(document, spec.quantity)
    const byHand = HAND_READING[spec.quantity] ?? { relative: 0.1, least: 1e-9 }
    const stated =
      document.spread === undefined
        ? undefined
        : typeof document.spread === 'number'
          ? document.spread * value
          : differenceToSi(document.spread.value, document.spread.unit, spec.quantity)
    readings[spec.id] = { value, uncertainty: stated || Math.max(byHand.relative * value, byHand.least) }
  }
  const said = saidByReadings(read.demonstration, readingsOf(run), read.values.numbers.stationPressure!)
  return { outcome: run.outcome, readings: { ...said.readings, ...readings }, atLeast: said.atLeast }
}
