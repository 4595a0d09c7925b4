import { existsSync, realpathSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

/** Folder of the clone, with symbolic links resolved, so that two ways into it share a cluster and builds. */
export const root = realpathSync(dirname(dirname(fileURLToPath(import.meta.url))))

/** What a command or a part of it tells the person who called it. */
export type Say = (line: string) => void

/** The words of anything thrown. */
export const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error))

/** The built application, where it came as a package rather than as a clone. */
export const installedBuild = join(root, 'built', 'server', 'index.mjs')
export const isInstalled = existsSync(installedBuild)
/** What a person types for a command. */
export const asTyped = (command: string): string => (isInstalled ? `zealous-hush ${command}` : `npm run ${command}`)
