/** A data logger that is not there: a trace as a thermometer and a pressure sensor would give it. */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile'
import { valueAt, type Trace } from '../demonstration'
import { exp } from '../elementary'
import { fromSi } from '../units'
import { CHANNELS, LOGGER_GREETING, type Channel } from './protocol'
import { SENSORS } from './sensors'

/** Share of lines lost on the way, singly. */
const LOST = 0.005

export class SimulatedLogger {
  private readonly random
  private readonly held: Partial<Record<Channel, number>> = {}
  private number = 0
  private clock = 0

  constructor(seed: number) {
    this.random = xoroshiro128plus(seed)
  }

  greeting(): string {
    return [LOGGER_GREETING, ...SENSORS.map(s => `channel ${s.channel} ${s.unit}`), ''].join('\n')
  }

  /**
   * Lines of one moment.
   * @param trace what really happens; a column that it lacks gives no channel
   * @param at s on the trace's clock
   * @param since s since the last call, on the logger's clock
   */
  sample(trace: Trace, at: number, since: number): string {
    this.clock += since
    let lines = ''
    for (const { channel, column, unit, digits, lag, noise, drops } of SENSORS) {
      if (!trace.columns[column]) continue
      const truth = valueAt(trace, column, at)
      const before = this.held[channel] ?? truth
      const held = (this.held[channel] = truth + (before - truth) * exp(-since / lag))
      const missing = this.chance() < drops
      const value = fromSi(
        held + noise * normalQuantile(Math.min(1 - 1e-12, Math.max(1e-12, this.chance())), 0, 1),
        unit,
        CHANNELS[channel],
      )
      const line = `r ${this.number++} ${this.clock.toFixed(3)} ${channel} ${missing ? '-' : value.toFixed(digits)}\n`
      if (this.chance() >= LOST) lines += line
    }
    return lines
  }

  private chance(): number {
    return uniformFloat64(this.random)
  }
}
