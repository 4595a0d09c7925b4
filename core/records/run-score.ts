import { attemptReading, stagingOfRun, type ReadStaging, type StagingDocument } from '../formats'
import type { Thing } from '../demonstration'
import type { RunScore, StoredRun } from './records'

/** What tells a run's vessel, or its heater, from another. */
function measured({ demonstration, values }: ReadStaging, thing: Thing, quantity: 'volume' | 'power') {
  const input = demonstration.inputs.find(i => i.kind === 'quantity' && i.tells === thing && i.quantity === quantity)
  return input && values.numbers[input.id]
}

/** How well a run was forecast, or what is still to be computed for it. */
export interface Scoring {
  score: RunScore
  /** to be forecast: of its draws, those that end as wanted are the share that `score` lacks */ open?: StagingDocument
}

/**
 * What a run was forecast to do is what was kept with it, otherwise what follows from what was planned and used.
 * @returns a score without a share, and nothing open, for a run that is no longer accepted: it counts nowhere
 */
export function scoringOf(run: StoredRun): Scoring {
  const { read } = attemptReading(() => stagingOfRun(run.staging, run.document))
  if (!read) return { score: { run: run.id, share: null, volume: null, power: null } }
  const kept = run.document.forecast?.outcomes[read.demonstration.wanted]
  return {
    score: {
      run: run.id,
      share: kept ?? null,
      volume: measured(read, 'vessel', 'volume') ?? null,
      power: measured(read, 'heater', 'power') ?? null,
    },
    ...(kept === undefined && { open: { ...read.document, title: '' } }),
  }
}
