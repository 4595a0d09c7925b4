/** What is counted and timed of this process, for those who watch it. Names and units as Prometheus has them. */
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client'
import { pool } from '../database/pool'

export const registry = new Registry()
collectDefaultMetrics({ register: registry, prefix: 'hush_' })
const registers = [registry]

export const requests = new Histogram({
  name: 'hush_request_seconds',
  help: 'Requests by method, kind of address and answer, streams left out',
  labelNames: ['method', 'route', 'status'],
  buckets: [0.005, 0.02, 0.1, 0.3, 1, 5],
  registers,
})
export const marks = new Counter({ name: 'hush_marks_total', help: 'Marks that were taken from devices', registers })
export const streams = new Gauge({ name: 'hush_streams', help: 'Event streams that are open', registers })
export const forecasts = new Histogram({
  name: 'hush_forecast_seconds',
  help: 'Forecasts and plans that the server worked out, waiting included',
  labelNames: ['kind'],
  buckets: [0.05, 0.2, 0.5, 1, 3, 12],
  registers,
})
new Gauge({
  name: 'hush_database_connections',
  help: 'Connections to the database by what they do',
  labelNames: ['state'],
  registers,
  collect() {
    const { totalCount, idleCount, waitingCount } = pool()
    this.set({ state: 'busy' }, totalCount - idleCount)
    this.set({ state: 'idle' }, idleCount)
    this.set({ state: 'asked for' }, waitingCount)
  },
})

/** One name for addresses of a kind: a record's id would make a line of each. */
export function routeOf(path: string): string {
  const [first = '', second = '', third = ''] = path.split('/', 4).slice(1)
  if (first === 'api') return /^[a-z-]+$/.test(second) ? `/api/${second}` : '/api/other'
  if (['_nuxt', 'fonts', 'icons', 'early'].includes(first)) return 'file'
  return /^(bench|order|live|logbook|join|shelf|sign-in|backup|trust|metrics)?$/.test(first)
    ? `/${first}${third || second ? '/…' : ''}`
    : 'other'
}
