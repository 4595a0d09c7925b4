/** A thin closed vessel that is pumped out until its wall folds, and on. */
import { falsePosition } from '../elementary'
import { heldFraction, weakestAt } from './collapse'
import { pumpDown, type Pump, type PumpingEnd } from './pump-down'

export interface Shell {
  /** m3 */ capacity: number
  /** difference at which the wall gives way, Pa */ criticalDifference: number
  /** see `heldFraction` */ residualLoad: number
  stiffening: number
  packing: number
}

/** Steps in which the wall is followed while its load falls. */
const STEPS = 24

/**
 * Share of the volume lost once a wall that has given way comes to rest: the least at which the air left inside and
 * the folded wall push back as hard as the room. It goes on from there as more air is taken; it never comes back.
 *
 * What the wall does between is a matter of milliseconds, and its swing past the balance is taken up by folding
 * (assumption: the sheet yields), so that the least is where it stays.
 *
 * @param amount of gas, J (p V at the temperature of the walls)
 * @param beside room that the gas has besides the vessel, m3
 * @returns 0 to below `packing`
 */
export function foldedTo(shell: Shell, outside: number, amount: number, beside = 0): number {
  const { capacity, criticalDifference, residualLoad, stiffening, packing } = shell
  /** Pa by which gas and wall push harder than the room */
  const holds = (lost: number): number =>
    amount / (capacity * (1 - lost) + beside) +
    criticalDifference * heldFraction(lost, residualLoad, stiffening, packing) -
    outside
  const first = holds(0)
  if (first >= 0) return 0
  const weakest = weakestAt(residualLoad, stiffening, packing)
  let from = 0
  let short = first
  // Most of the load goes at the very beginning.
  for (let i = 1; i <= STEPS; i++) {
    const to = (weakest * i * i) / (STEPS * STEPS)
    const there = holds(to)
    if (there >= 0) return falsePosition(holds, [from, short], [to, there], 1e-6 * criticalDifference)
    from = to
    short = there
  }
  // Past its weakest the wall stiffens and the gas is squeezed: one balance, where folded wall alone would carry the
  // whole room at the latest.
  const room = outside / criticalDifference
  const most = (packing * room) / (stiffening + room)
  return falsePosition(holds, [from, short], [most, holds(most)], 1e-6 * criticalDifference)
}

export interface ShellPumping {
  pump: Pump
  /** Pa */ outside: number
  /** K */ temperature: number
  /** m2 */ leakArea: number
  /** s */ longest: number
  /** difference at which a panel talks, Pa */ talkAt?: number
  /** relative, of one step */ tolerance: number
  onStep?: (time: number, pressure: number, lost: number) => void
}

/**
 * Pumps until time is up or nothing more comes.
 * @source pump and leak: `pumpDown`; the wall: `heldFraction`
 */
export function pumpShell(shell: Shell, plan: ShellPumping) {
  const { pump, outside, temperature, leakArea, longest, talkAt, tolerance, onStep } = plan
  const breaksAt = outside - shell.criticalDifference
  let folded = false
  const lostAt = (amount: number, beside: number): number => (folded ? foldedTo(shell, outside, amount, beside) : 0)
  const state = Float64Array.of(outside * shell.capacity)
  const space = {
    pump,
    outside,
    temperature,
    leakArea,
    pressure: (amount: number, beside: number): number =>
      amount / (shell.capacity * (1 - lostAt(amount, beside)) + beside),
  }
  const found: Record<string, number> = {}
  let end: PumpingEnd | undefined
  do {
    if (end) folded = true
    end = pumpDown(space, state, {
      tolerance,
      longest,
      // While a wall folds the pressure may stand still though much goes on.
      standstill: pump.kind === 'steady' || !folded,
      ...(end && { after: end }),
      events: [
        { id: 'folds', direction: -1, stops: true, value: (_, p) => (folded ? 1 : p - breaksAt) },
        ...(talkAt === undefined
          ? []
          : [
              {
                id: 'talks',
                direction: -1 as const,
                stops: false,
                value: (_: number, p: number) => p - outside + talkAt,
              },
            ]),
      ],
      onStep: onStep && ((t, p, s) => onStep(t, p, lostAt(s[0], 0))),
    })
    for (const { id, time } of end.occurrences) found[id] ??= time
  } while (end.stoppedBy === 'folds')
  const lost = lostAt(state[0], 0)
  return {
    /** s */ time: end.time,
    /** Pa, at the end */ pressure: end.pressure,
    strokes: end.strokes,
    /** share of the volume */ lost,
    /** s, where it folds */ ...(found.folds !== undefined && { folds: found.folds }),
    ...(found.talks !== undefined && { talks: found.talks }),
  }
}
