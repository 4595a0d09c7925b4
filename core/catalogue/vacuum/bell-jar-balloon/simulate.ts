/** A sealed balloon with a little air in a jar that is pumped out. */
import type { Detail, TraceColumn, Demonstration } from '../../../demonstration'
import { heldAt, hump, restingStretch, type Rubber } from '../../../mechanisms/rubber-balloon'
import { acrossAt, followBalloon, pressureToPass, volumeAt } from '../following-rubber'
import { rubberOf } from '../rubber-inputs'
import { pumpJar, withTrace } from '../pumped'
import type { BellJarBalloonValues } from './inputs'
import { sphereDiameter } from '../../../vessels/sphere'

export const COLUMNS: readonly TraceColumn[] = [
  { id: 'balloonAcross', name: 'balloon across', quantity: 'length' },
  { id: 'skinPressure', name: 'pressure of the skin', quantity: 'pressure' },
]

/** Touching the glass at this share of the free width. */
export const TOUCHES = 0.985
/** What counts as nearly filling it. */
const FILLS = 0.82
/** What is aimed at. */
const AIM = 0.9

/** Of a jar's capacity a ball can take no more than so much before it touches somewhere, whatever its measures. */
const MOST_FILLED = 0.9
/** Width that a round balloon has, m: it hangs clear of the plate, and is no larger than the jar. */
export const freeWidth = ({ numbers: n }: BellJarBalloonValues): number =>
  Math.min(n.jarDiameter, 0.92 * n.jarHeight, sphereDiameter(MOST_FILLED * n.jarVolume))

/** Diameter to start with so that at a pressure it nearly fills the jar, m; undefined if it would burst first. */
function startToFill(values: BellJarBalloonValues, pressure: number): number | undefined {
  const rubber = rubberOf(values)
  const stretch = (AIM * freeWidth(values)) / (2 * rubber.radius)
  if (stretch > 0.93 * rubber.burst) return undefined
  const amount = heldAt(rubber, stretch, pressure)
  return acrossAt(rubber, restingStretch(rubber, amount, values.numbers.stationPressure))
}

export function simulate(values: BellJarBalloonValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const rubber: Rubber = rubberOf(values)
  const amount = heldAt(rubber, n.balloonStart / (2 * rubber.radius), n.stationPressure)
  const stretchAt = followBalloon(rubber, amount)
  const width = freeWidth(values)
  const begun = n.balloonStart / (2 * rubber.radius)
  const passes = (stretch: number): number =>
    stretch > begun ? pressureToPass(rubber, amount, begun, stretch) : Infinity
  const [filledPressure, burstPressure, touchPressure] = [
    (FILLS * width) / (2 * rubber.radius),
    rubber.burst,
    (TOUCHES * width) / (2 * rubber.radius),
  ].map(passes) as [number, number, number]
  const across = (p: number) => acrossAt(rubber, stretchAt(p))
  const pumped = pumpJar(
    values,
    detail,
    refinement,
    {
      volume: p => Math.max(0.02 * n.jarVolume, n.jarVolume - volumeAt(rubber, stretchAt(p))),
      row: p => ({ balloonAcross: across(p), skinPressure: amount / volumeAt(rubber, stretchAt(p)) - p }),
      events: [
        { id: 'filled', direction: 1, stops: false, value: (_, p) => filledPressure - p },
        { id: 'burst', direction: 1, stops: true, value: (_, p) => burstPressure - p },
        { id: 'touch', direction: 1, stops: true, value: (_, p) => touchPressure - p },
      ],
    },
    COLUMNS,
  )
  const { simulation: s, time, at } = pumped
  const [burstAt, touchAt] = [at('burst'), at('touch')]
  const filledAt = n.balloonStart >= FILLS * width ? 0 : at('filled')
  const balloonEnd = across(pumped.pressure)
  const start = startToFill(values, Math.max(pumped.pressure, n.targetPressure))
  const trace = withTrace(pumped, rows => {
    rows.stage('hush', 'pumping', filledAt ?? time)
    rows.stage('after', 'end', time)
  })
  return {
    outcome:
      burstAt !== undefined ? 'bursts' : touchAt !== undefined ? 'touches' : filledAt !== undefined ? 'fills' : 'small',
    results: {
      ...s.results,
      balloonEnd,
      balloonGrowth: balloonEnd / n.balloonStart,
      hump: hump(rubber),
      ...(start !== undefined && { startToFill: start }),
      ...(filledAt !== undefined && { hush: filledAt }),
    },
    events: [
      ...(filledAt !== undefined ? [{ id: 'filled', name: 'nearly fills the jar', time: filledAt }] : []),
      ...(burstAt !== undefined ? [{ id: 'burst', name: 'bursts', time: burstAt }] : []),
      ...(touchAt !== undefined ? [{ id: 'touch', name: 'touches the glass', time: touchAt }] : []),
    ],
    details: {
      ...s.details,
      burst: burstAt === undefined ? 0 : 1,
      ...(filledAt !== undefined && { goneAt: filledAt }),
    },
    ...(trace && { trace }),
  }
}

export type BellJarBalloonRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type BellJarBalloon = Demonstration<BellJarBalloonValues, BellJarBalloonRun>
