/** A Debian package of the built application, by dpkg's own tools. */
import { spawnSync } from 'node:child_process'
import {
  chmodSync,
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { basename, dirname, join } from 'node:path'
import { build } from 'esbuild'
import { ensureBuild } from '../build/build'
import type { Say } from '../root'

/** What runs where it is installed, each one file that needs nothing beside it. */
const COMMANDS = ['start', 'passphrase', 'backup', 'restore', 'import', 'certificate', 'keep-backup']
const DOCS = ['README.md', 'CHANGELOG.md', 'docs/operating.md', 'docs/safety.md', 'docs/reliability.md']
/** With what dpkg reads them. */
const SCRIPTS = ['postinst', 'prerm', 'postrm']

async function bundleCommands(root: string, to: string): Promise<void> {
  const entries = [
    ...COMMANDS.map(name => join(root, 'scripts', 'commands', `${name}.ts`)),
    join(root, 'scripts', 'installed', 'zealous-hush.ts'),
  ]
  await build({
    entryPoints: Object.fromEntries(entries.map(file => [basename(file, '.ts'), file])),
    outdir: to,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    // An addition to the database's package that need not be there.
    external: ['pg-native'],
    // Packages of the older kind ask for Node's parts by a call.
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
    logLevel: 'error',
  })
}

/** Everybody may read what is installed, whatever the one who builds keeps to himself. */
function readable(path: string): void {
  const folder = statSync(path).isDirectory()
  chmodSync(path, folder || path.endsWith('/usr/bin/zealous-hush') ? 0o755 : 0o644)
  if (folder) for (const name of readdirSync(path)) readable(join(path, name))
}

const sizeOf = (path: string): number =>
  statSync(path).isDirectory()
    ? readdirSync(path).reduce((sum, name) => sum + sizeOf(join(path, name)), 0)
    : statSync(path).size

/**
 * @param version as Debian orders them; that of package.json, unless a test asks for another
 * @returns the package's file
 * @throws Error with what dpkg said
 */
export async function buildPackage(root: string, folder: string, say: Say, version?: string): Promise<string> {
  const about = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8')) as { version: string }
  const named = version ?? about.version
  const built = dirname(dirname(await ensureBuild(root, say)))
  const tree = mkdtempSync(join(tmpdir(), 'zealous-hush-package-'))
  try {
    const at = (...path: string[]) => {
      const place = join(tree, ...path)
      mkdirSync(dirname(place), { recursive: true })
      return place
    }
    const from = (name: string) => join(root, 'packaging', 'debian', name)
    cpSync(built, at('usr/lib/zealous-hush/built'), { recursive: true })
    cpSync(join(root, 'db'), at('usr/lib/zealous-hush/db'), { recursive: true })
    writeFileSync(at('usr/lib/zealous-hush/package.json'), JSON.stringify({ version: named, type: 'module' }))
    await bundleCommands(root, at('usr/lib/zealous-hush/commands'))
    writeFileSync(
      at('usr/bin/zealous-hush'),
      '#!/bin/sh\nexec /usr/bin/node /usr/lib/zealous-hush/commands/zealous-hush.mjs "$@"\n',
    )
    for (const unit of ['zealous-hush.service', 'zealous-hush-backup.service', 'zealous-hush-backup.timer'])
      cpSync(from(unit), at('lib/systemd/system', unit))
    cpSync(from('zealous-hush.env'), at('etc/zealous-hush/zealous-hush.env'))
    for (const doc of DOCS)
      if (existsSync(join(root, doc))) cpSync(join(root, doc), at('usr/share/doc/zealous-hush', basename(doc)))
    readable(tree)
    const size = Math.ceil(sizeOf(tree) / 1024)
    const control = readFileSync(from('control'), 'utf8').replace('@VERSION@', named).replace('@SIZE@', String(size))
    writeFileSync(at('DEBIAN/control'), control)
    for (const name of ['conffiles', 'templates', ...SCRIPTS]) {
      cpSync(from(name), at('DEBIAN', name))
      chmodSync(at('DEBIAN', name), SCRIPTS.includes(name) ? 0o755 : 0o644)
    }
    mkdirSync(folder, { recursive: true })
    const file = join(folder, `zealous-hush_${named}_all.deb`)
    // As fast as it is small enough: the whole is a few megabytes.
    const made = spawnSync('dpkg-deb', ['--root-owner-group', '-Zgzip', '-z4', '--build', tree, file], {
      encoding: 'utf8',
    })
    if (made.status !== 0) throw new Error(`dpkg-deb: ${made.stderr || made.error?.message}`)
    return file
  } finally {
    rmSync(tree, { recursive: true, force: true })
  }
}
