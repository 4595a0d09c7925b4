/** Stagings to hold a rule against. */
import { latinHypercube } from '../core/forecast/latin-hypercube'
import type { Demonstration, Given } from '../core/demonstration'

/** A range that spans more times its lower end is drawn evenly by its logarithm. */
const BY_LOGARITHM = 20

/**
 * Stagings of a demonstration over the ranges of its inputs, by a Latin hypercube. In each, every other input stays as
 * it is, by turns: hardly any would go together with all of them drawn.
 *
 * @param over which range of an input, in which staging; the usual one if left out
 * @returns `tries` of them; those that are refused are among them
 */
export function drawnStagings(
  d: Demonstration,
  tries: number,
  seed: number,
  over: (staging: number, column: number) => 'usual' | 'range' = () => 'usual',
): Given[] {
  const columns = d.inputs.length
  const points = latinHypercube(tries, columns, seed)
  return Array.from({ length: tries }, (_, i) => {
    const numbers: Record<string, number> = {}
    const choices: Record<string, string> = {}
    d.inputs.forEach((input, column) => {
      if ((i + column) % 2 === 0) return
      const u = points[i * columns + column]
      if (input.kind === 'choice') choices[input.id] = input.choices[Math.floor(u * input.choices.length)].id
      else {
        const [low, high] = input[over(i, column)]
        const drawn = low > 0 && high / low > BY_LOGARITHM ? low * (high / low) ** u : low + (high - low) * u
        numbers[input.id] = input.whole ? Math.round(drawn) : drawn
      }
    })
    return { numbers, choices, spreads: {} }
  })
}
