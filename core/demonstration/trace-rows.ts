import type { Stage, Trace, TraceColumn } from './trace'

/** Columns that every demonstration's trace has. */
export const GAS_COLUMNS: readonly TraceColumn[] = [
  { id: 'pressure', name: 'pressure inside', quantity: 'pressure' },
  { id: 'gasTemperature', name: 'gas inside', quantity: 'temperature' },
  { id: 'airMass', name: 'air inside', quantity: 'mass' },
  { id: 'steamMass', name: 'vapour inside', quantity: 'mass' },
]

export type Row = Readonly<Record<string, number>>

export class TraceRows {
  private readonly time: number[] = []
  private readonly rows: Row[] = []
  private readonly stages: Stage[] = []
  private start = 0

  constructor(private readonly columns: readonly TraceColumn[]) {}

  add(time: number, row: Row): void {
    this.time.push(time)
    this.rows.push(row)
  }

  /** Ends a stage at a time and begins the next; one that takes no time is left out. */
  stage(id: string, name: string, end: number): void {
    if (end > this.start) this.stages.push({ id, name, start: this.start, end })
    this.start = Math.max(end, this.start)
  }

  /** Last time recorded, s; 0 before any. */
  get last(): number {
    return this.time.at(-1) ?? 0
  }

  /** Time after `start` from which on no row is away from the last one. @param away whether two rows differ visibly */
  settledAfter(start: number, away: (row: Row, last: Row) => boolean): number {
    const end = this.rows.length - 1
    for (let i = end; i > 0; i--)
      if (away(this.rows[i], this.rows[end]) || this.time[i] <= start) return this.time[Math.min(end, i + 1)]
    return start
  }

  /** A staging that is over at once has one short stage, so that there is something to show. */
  finish(): Trace {
    if (this.stages.length === 0) this.stage('hush', 'start', Math.max(0.01, this.last))
    const columns: Record<string, number[]> = {}
    for (const { id } of this.columns) columns[id] = this.rows.map(r => r[id] ?? 0)
    return { stages: this.stages, time: this.time, columns }
  }
}
