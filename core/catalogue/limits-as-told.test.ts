/** A refusal names what is accepted; typed just as it is told, in either unit system, it is. */
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from './everything'
import { findInput, resolve, type Demonstration, type Given } from '../demonstration'
import { CUSTOMARY, METRIC, tell, type Reader } from '../sentence'
import { parseQuantity, toSi, unitsOfSystem } from '../units'

const STEPS = 8
type Changes = Pick<Given, 'numbers' | 'choices'>

/** Each number over all that is accepted of it, in each way of doing it. */
function* stagings(d: Demonstration): Generator<Changes> {
  const ways = [{}, ...d.inputs.flatMap(i => (i.kind === 'choice' ? i.choices.map(c => ({ [i.id]: c.id })) : []))]
  for (const choices of ways)
    for (const input of d.inputs) {
      if (input.kind !== 'quantity') continue
      const [low, high] = input.range
      for (let i = 0; i <= STEPS; i++) {
        const share = i / STEPS
        const value = low > 0 && high / low > 20 ? low * (high / low) ** share : low + (high - low) * share
        yield { numbers: { [input.id]: value }, choices }
      }
    }
}

/** The first quantity of that kind that is named as accepted, SI. */
function accepted(message: string, kind: Parameters<typeof toSi>[2], reader: Reader): number | undefined {
  const [, named] = /accepted: (.*)/u.exec(message) ?? []
  for (const [text] of (named ?? '').matchAll(/[-\d][\d.,]*\s?[^\s\d,;()]+(?: oz)?/gu)) {
    try {
      const { value, unit } = parseQuantity(text, kind, 'none', reader.locale)
      if (unitsOfSystem(kind, reader.units).includes(unit) || unit === 'hPa' || unit === 'inHg')
        return toSi(value, unit, kind)
    } catch {
      // Another kind of quantity, or none.
    }
  }
  return undefined
}

describe.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('%s', (_, d) => {
  it.each([
    ['SI', METRIC],
    ['US', CUSTOMARY],
  ] as const)('takes what it names as accepted, in %s units', (__, reader) => {
    const tried = new Set<string>()
    for (const { numbers, choices } of stagings(d)) {
      for (const fault of resolve(d, { numbers, choices }).faults) {
        const input = findInput(d, fault.input)
        const message = tell(fault.message, reader)
        if (
          input?.kind !== 'quantity' ||
          tried.has(message) ||
          !message.startsWith('given') ||
          /together/u.test(message)
        )
          continue
        tried.add(message)
        const value = accepted(message, input.quantity, reader)
        if (value === undefined) continue
        // "More than" it is just that.
        const beyond = /accepted:[^\d]*(more than|above)/u.test(message)
          ? 1e-3
          : /accepted:[^\d]*(less than|below)/u.test(message)
            ? -1e-3
            : 0
        const typed = value + beyond * Math.abs(value)
        const again = resolve(d, { numbers: { ...numbers, [input.id]: typed }, choices }).faults
        // It may meet another limit of its own; but not this one again.
        const same = again.filter(
          f => f.input === input.id && tell(f.message, reader).split('accepted')[1] === message.split('accepted')[1],
        )
        expect(
          same.map(f => tell(f.message, reader)),
          message,
        ).toEqual([])
      }
    }
  })
})
