import { renameSync, writeFileSync } from 'node:fs'

/**
 * Writes a file that only its owner may read, beside its place, and renames it: a crash leaves the old file or the new
 * one, never half of one.
 */
export function writeWhole(file: string, text: string): void {
  const partial = `${file}.${process.pid}`
  writeFileSync(partial, text, { mode: 0o600, flush: true })
  renameSync(partial, file)
}
