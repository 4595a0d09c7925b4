import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { freePort } from '../../scripts/database/cluster'
import { withLock } from '../../scripts/install/lock.mjs'
import { buildPackage } from '../../scripts/package/debian'
import { root } from '../../scripts/root'
import { FEWER } from '../application'

const folder = mkdtempSync(join(tmpdir(), 'zealous-hush-deb-'))
let file: string
beforeAll(async () => {
  file = await buildPackage(root, folder, () => {}, '0.1.0~test1')
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

/** What a program says, whether it likes it or not. */
function run(program: string, ...args: string[]) {
  const { status, stdout, stderr, error } = spawnSync(program, args, {
    encoding: 'utf8',
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive', SYSTEMD_COLORS: '0' },
  })
  return { status: error ? -1 : status, output: `${stdout}${stderr}${error?.message ?? ''}` }
}

describe('the Debian package', () => {
  it('names what it needs, and holds the application, its commands, its units and its settings', () => {
    expect(run('dpkg-deb', '--field', file, 'Depends').output).toMatch(/nodejs \(>= 20\), postgresql,/)
    const { output } = run('dpkg-deb', '--contents', file)
    for (const path of [
      './usr/lib/zealous-hush/built/server/index.mjs',
      './usr/lib/zealous-hush/commands/start.mjs',
      './usr/lib/zealous-hush/db/migrations/0001',
      './lib/systemd/system/zealous-hush.service',
      './etc/zealous-hush/zealous-hush.env',
      './usr/bin/zealous-hush',
    ])
      expect(output).toContain(path)
    // Nobody's own files, none that others may write, and no path of whoever built it.
    for (const line of output.trim().split('\n')) expect(line).toMatch(/^[-dl]rw[-x]r-[-x]r-[-x] root\/root/)
    expect(run('dpkg-deb', '--field', file, 'Version').output.trim()).toBe('0.1.0~test1')
  })
  it.skipIf(run('systemd-analyze', '--version').status !== 0)('has units that the service manager understands', () => {
    const tree = join(folder, 'tree')
    run('dpkg-deb', '--extract', file, tree)
    const units = ['zealous-hush.service', 'zealous-hush-backup.service', 'zealous-hush-backup.timer']
    const { output } = run('systemd-analyze', 'verify', ...units.map(name => join(tree, 'lib/systemd/system', name)))
    expect(
      output.split('\n').filter(line => line.includes('zealous-hush') && !/user|Documentation/i.test(line)),
    ).toEqual([])
  })
})

/** Only where nobody keeps it, and where no service manager would start it: a test leaves a machine as it was. */
const mayInstall =
  process.getuid?.() === 0 && !existsSync('/run/systemd/system') && run('dpkg', '-s', 'zealous-hush').status !== 0

describe.skipIf(!mayInstall)('installed', () => {
  const STATE = '/var/lib/zealous-hush/service'
  let service: ChildProcess | undefined
  let url = ''
  /** As the unit does it, without the service manager. */
  async function start() {
    const unit = readFileSync('/lib/systemd/system/zealous-hush.service', 'utf8')
    const command = /^ExecStart=(.*)$/m.exec(unit)![1]!
    const port = await freePort()
    const child = spawn('runuser', ['-u', 'zealous-hush', '--', 'sh', '-c', `exec ${command}`], {
      cwd: '/',
      env: { PATH: process.env.PATH, ...FEWER, HUSH_DATA: join(STATE, 'data'), PORT: String(port), HOST: '127.0.0.1' },
    })
    service = child
    url = await new Promise<string>((resolve, reject) => {
      let output = ''
      const hear = (text: Buffer) => {
        output += text.toString()
        const open = /open at (http:\/\/\S+)/.exec(output)
        if (open) resolve(open[1]!)
      }
      child.stdout.on('data', hear)
      child.stderr.on('data', hear)
      child.once('close', () => reject(new Error(output)))
    })
  }
  async function stop() {
    const ended = new Promise(resolve => service?.once('close', resolve))
    run('pkill', '-TERM', '-u', 'zealous-hush', '-f', 'commands/start.mjs')
    await ended
    service = undefined
  }
  const purge = (removeData: boolean) => {
    const answer = `zealous-hush zealous-hush/remove-data boolean ${removeData}\n`
    spawnSync('debconf-set-selections', { input: answer })
    return run('dpkg', '--purge', 'zealous-hush')
  }
  afterAll(async () => {
    if (service) await stop()
    purge(true)
  })
  const titles = async () =>
    ((await (await fetch(`${url}/api/stagings`)).json()) as { document: { title: string } }[]).map(
      s => s.document.title,
    )

  it(
    'starts without the demo data as a user of its own, keeps what is logged through an upgrade, backs up, restores, ' +
      'and asks before it takes the data along',
    () =>
      // A second test run on this machine waits.
      withLock(
        '/var/lib/zealous-hush-package-test.lock',
        () => {},
        async () => {
          expect(run('apt-get', 'install', '-y', '-qq', file).output).not.toMatch(/^E:/m)
          expect(run('dpkg', '-s', 'zealous-hush').output).toContain('install ok installed')
          expect(statSync(STATE).mode & 0o777).toBe(0o700)
          expect(statSync('/etc/zealous-hush/zealous-hush.env').mode & 0o007).toBe(0)
          await start()
          expect(await titles()).toEqual([])

          const write = (method: string, path: string, body: object) =>
            fetch(`${url}${path}`, {
              method,
              headers: { 'content-type': 'application/json' },
              body: JSON.stringify(body),
            })
          const document = { demonstration: 'can-plunge', title: 'Kept by the service', inputs: {} }
          const id = randomUUID()
          expect((await write('POST', '/api/stagings', { id, writeId: randomUUID(), document })).status).toBe(200)
          const logged = {
            id: randomUUID(),
            writeId: randomUUID(),
            stagingId: id,
            stagingVersion: 1,
            document: { performedAt: '2026-03-01T10:00:00Z', used: {}, seen: {}, outcome: 'crush' },
          }
          const run1 = await write('POST', '/api/runs', logged)
          expect([run1.status, await run1.text()]).toEqual([200, expect.stringContaining(logged.id)])

          // A document that the department has in a folder.
          mkdirSync(join(folder, 'documents'))
          writeFileSync(
            join(folder, 'documents', 'a.json'),
            JSON.stringify({ format: 'zealous-hush/staging', ...document, title: 'From a folder' }),
          )
          writeFileSync(join(folder, 'documents', 'b.json'), '{"format":"other"}')
          const taken = run('zealous-hush', 'import', join(folder, 'documents'))
          expect(taken.output).toMatch(
            /a\.json: staging “From a folder” taken[^]*b\.json: format: given "other"; accepted/,
          )
          expect(run('zealous-hush', 'import', join(folder, 'documents')).output).toContain('was here already')
          const backup = join(folder, 'all.jsonl.gz')
          expect(run('zealous-hush', 'backup', backup).output).toContain(`It is in ${backup}`)
          expect(run('zealous-hush', 'keep-backup').output).toMatch(/Kept: .*daily-\d{4}-\d{2}-\d{2}\.jsonl\.gz/)
          await stop()

          const newer = await buildPackage(root, folder, () => {}, '0.1.0~test2')
          expect(run('dpkg', '-i', newer).status).toBe(0)
          await start()
          expect((await titles()).sort()).toEqual(['From a folder', 'Kept by the service'])
          expect(((await (await fetch(`${url}/api/runs`)).json()) as { found: number }).found).toBe(1)
          await stop()

          // Kept where nobody says that it may go, and taken along where somebody does.
          expect(purge(false).output).toContain(`Kept: ${STATE}`)
          expect(existsSync(join(STATE, 'data'))).toBe(true)
          expect(run('dpkg', '-i', newer).status).toBe(0)
          await start()
          expect(await titles()).toHaveLength(2)
          await stop()
          purge(true)
          expect(existsSync(STATE)).toBe(false)
          expect(run('dpkg', '-i', newer).status).toBe(0)
          expect(run('zealous-hush', 'restore', backup).output).toMatch(/staging: 2 new/)
        },
      ),
    300_000,
  )
})
