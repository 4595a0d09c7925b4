/** Numbers typed into the blanks of a staging that are not in force: refused so far. */
import type { Fault, QuantityDocument, StagingDocument } from '~~/core'

export type TypedInput = QuantityDocument | string | undefined

/** The staging with an input as typed; undefined takes it back to the default. */
export function withInput(document: StagingDocument, input: string, value: TypedInput): void {
  const rest = Object.entries(document.inputs).filter(([key]) => key !== input)
  document.inputs = Object.fromEntries(value === undefined ? rest : [...rest, [input, value]])
}

/**
 * Puts typed numbers in force. What does not go together with the rest waits, and is tried again with the next one: a
 * diameter and a height that are typed one after the other are judged together.
 *
 * @param change makes a change unless it brings faults, which it returns
 */
export function typedInputs(change: (make: (document: StagingDocument) => void) => Fault[]) {
  const waiting = new Map<string, TypedInput>()
  return {
    /**
     * @param waits whether it waits if it is refused: only what stands in a field, where one sees it
     * @returns why it is refused, by itself and with what waits; none where it is in force now
     */
    put(input: string, value: TypedInput, waits: boolean): Fault[] {
      waiting.delete(input)
      const others = [...waiting]
      if (others.length > 0) {
        const together = change(d => {
          for (const [name, typed] of others) withInput(d, name, typed)
          withInput(d, input, value)
        })
        if (together.length === 0) {
          waiting.clear()
          return []
        }
      }
      const faults = change(d => {
        withInput(d, input, value)
      })
      if (faults.length > 0 && waits) waiting.set(input, value)
      return faults
    },
    /** What waits for this input is given up. */
    drop(input: string): void {
      waiting.delete(input)
    },
    /** And whatever else waits. */
    dropAll(): void {
      waiting.clear()
    },
  }
}
