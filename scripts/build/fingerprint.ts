import { createHash, type Hash } from 'node:crypto'
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'

function* files(path: string): Generator<string> {
  if (statSync(path).isFile()) {
    yield path
    return
  }
  for (const name of readdirSync(path).sort()) yield* files(join(path, name))
}

/** Takes in the content of all files but tests. */
function take(hash: Hash, root: string, sources: readonly string[]): string {
  for (const source of sources) {
    const path = join(root, source)
    if (!existsSync(path)) continue
    for (const file of files(path)) {
      if (file.endsWith('.test.ts')) continue
      hash.update(file.slice(root.length)).update('\0').update(readFileSync(file)).update('\0')
    }
  }
  return hash.digest('hex').slice(0, 16)
}

/** Digest of everything that a build depends on, Node included. */
export const fingerprint = (root: string, sources: readonly string[]): string =>
  take(createHash('sha256').update(process.version), root, sources)

/** Version and build of the computation, such as 0.1.0+1a2b3c4d: the same wherever it runs. @param root of the clone */
export function modelOf(root: string): string {
  const { version } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8')) as { version: string }
  return `${version}+${take(createHash('sha256'), root, ['core']).slice(0, 8)}`
}
