/** A sealed balloon with a little air in a jar that is pumped out. */
import { heldAt, hump, restingStretch, type Rubber } from '../../mechanisms/rubber-balloon'
import type { Simulation, TraceColumn, Values } from '../face'
import { acrossAt, followBalloon, volumeAt } from '../rubber/follow'
import { rubberOf } from '../rubber/inputs'
import { pumpJar, withTrace } from '../vacuum/pumped'

export const COLUMNS: readonly TraceColumn[] = [{ id: 'balloonAcross', name: 'balloon across', quantity: 'length' }, { id: 'skinPressure', name: 'pressure of the skin', quantity: 'pressure' }]

/** Touching the glass at this share of the free width. */
const TOUCHES = 0.985
/** What counts as nearly filling it. */
export const FILLS = 0.82
/** What is aimed at. */
const AIM = 0.9

/** Width that a round balloon has, m: it hangs clear of the plate. */
export const freeWidth = ({ numbers: n }: Values): number => Math.min(n.jarDiameter!, 0.92 * n.jarHeight!)

/** Diameter to start with so that at a pressure it nearly fills the jar, m; undefined if it would burst first. */
export function startToFill(values: Values, pressure: number): number | undefined {
  const rubber = rubberOf(values)
  const stretch = AIM * freeWidth(values) / (2 * rubber.radius)
  if (stretch > 0.93 * rubber.burst) return undefined
  const amount = heldAt(rubber, stretch, pressure)
  return acrossAt(rubber, restingStretch(rubber, amount, values.numbers.stationPressure!))
}

export function simulate(values: Values, detail: 'summary' | 'trace'): Simulation {
  const n = values.numbers as Record<string, number>
  const rubber: Rubber = rubberOf(values)
  const amount = heldAt(rubber, n.balloonStart! / (2 * rubber.radius), n.stationPressure!)
  const stretchAt = followBalloon(rubber, amount)
  const width = freeWidth(values)
  let burstAt: number | undefined
  let touchAt: number | undefined
  let filledAt: number | undefined
  let across = n.balloonStart!
  const pumped = pumpJar(values, detail, {
    volume: p => Math.max(0.02 * n.jarVolume!, n.jarVolume! - volumeAt(rubber, stretchAt(p))),
    row: p => ({ balloonAcross: acrossAt(rubber, stretchAt(p)), skinPressure: amount / volumeAt(rubber, stretchAt(p)) - p }),
    over: (p, t) => {
      const stretch = stretchAt(p)
      across = acrossAt(rubber, stretch)
      if (filledAt === undefined && across >= FILLS * width) filledAt = t
      if (stretch >= rubber.burst) burstAt = t
      else if (across >= TOUCHES * width) touchAt = t
      return burstAt !== undefined || touchAt !== undefined
    },
  }, COLUMNS)
  const { simulation: s, time } = pumped
  s.outcome = burstAt !== undefined ? 'bursts' : touchAt !== undefined ? 'touches' : across >= FILLS * width ? 'fills' : 'small'
  const start = startToFill(values, Math.max(pumped.pressure, n.targetPressure!))
  Object.assign(s.results, { balloonEnd: across, balloonGrowth: across / n.balloonStart!, hump: hump(rubber), ...(start !== undefined && { startToFill: start }),
    ...(filledAt !== undefined && { hush: filledAt }) })
  if (filledAt !== undefined) s.events.push({ id: 'filled', name: 'nearly fills the jar', time: filledAt })
  if (burstAt !== undefined) s.events.push({ id: 'burst', name: 'bursts', time: burstAt })
  if (touchAt !== undefined) s.events.push({ id: 'touch', name: 'touches the glass', time: touchAt })
  if (filledAt !== undefined) s.details.goneAt = filledAt
  s.details.burst = burstAt === undefined ? 0 : 1
  s.trace = withTrace(pumped, (rows) => {
    rows.stage('hush', 'pumping', filledAt ?? time)
    rows.stage('after', 'end', time)
  })
  return s
}
