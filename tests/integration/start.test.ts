import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { X509Certificate } from 'node:crypto'
import { existsSync, readdirSync, rmSync, readFileSync, statSync } from 'node:fs'
import { get } from 'node:https'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { FEWER } from '../application'

// Not in a folder of one's own making: run as root, the database's user must be able to enter it.
const data = join(tmpdir(), `zealous-hush-start-${process.pid}`)
const children: ChildProcess[] = []
afterAll(() => {
  for (const child of children) child.kill('SIGINT')
  rmSync(data, { recursive: true, force: true })
})

/** The start command as a person runs it; resolves once it prints its address. */
async function start(environment: Record<string, string> = {}) {
  const child = spawn(process.execPath, ['scripts/run.mjs', 'start'], {
    env: { ...process.env, ...FEWER, HUSH_DATA: data, PORT: '', HOST: '', ...environment },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  children.push(child)
  let output = ''
  const ended = new Promise<number | null>(resolve => child.once('close', resolve))
  child.stderr!.on('data', text => {
    output += text
  })
  const url = await new Promise<string>((resolve, reject) => {
    child.stdout!.on('data', text => {
      output += text
      const match = /open at (https?:\/\/\S+)/.exec(output)
      if (match) resolve(match[1]!)
    })
    child.once('close', () => reject(new Error(output)))
  })
  return {
    ...{ url, ended, output: () => output },
    interrupt: () => child.kill('SIGINT'),
    kill: () => child.kill('SIGKILL'),
  }
}
/** Waits until something that is done elsewhere has been done. */
async function until(done: () => boolean | Promise<boolean>) {
  while (!(await Promise.resolve(done()).catch(() => false))) await new Promise(resolve => setTimeout(resolve, 100))
}
const DEMO_STAGINGS = JSON.parse(readFileSync('db/demo/stagings.json', 'utf8')).length
const titles = async (url: string) =>
  ((await (await fetch(`${url}/api/stagings`)).json()) as { document: { title: string } }[])
    .map(s => s.document.title)
    .sort()

describe('npm start', () => {
  it('runs twice at once on one database, stops cleanly, and does nothing twice', async () => {
    const first = await start()
    expect(first.url).toMatch(/^http:\/\/127\.0\.0\.1:\d+$/)
    const second = await start()
    expect(second.url).not.toBe(first.url)
    expect(second.output()).not.toMatch(/Making|Building|Installing|Loading/)
    expect(await titles(second.url)).toEqual(await titles(first.url))
    expect(await titles(first.url)).toHaveLength(DEMO_STAGINGS)

    first.interrupt()
    expect(await first.ended).toBe(0)
    expect(first.output()).toMatch(/Stopped\./)
    // The other copy still has the database.
    expect(await titles(second.url)).toHaveLength(DEMO_STAGINGS)
    second.interrupt()
    expect(await second.ended).toBe(0)
    expect(existsSync(join(data, 'data', 'postmaster.pid'))).toBe(false)

    const again = await start()
    expect(again.output()).not.toMatch(/Making|Building|Installing|Loading|Migrating/)
    expect(await titles(again.url)).toHaveLength(DEMO_STAGINGS)
    again.interrupt()
    await again.ended
  })
  it('honours PORT and says what is wrong with a bad one', async () => {
    await expect(start({ PORT: 'eighty' })).rejects.toThrow(
      /PORT: given "eighty"; accepted: a whole number from 1 to 65535/,
    )
    const asked = await start({ PORT: '48713' })
    expect(asked.url).toBe('http://127.0.0.1:48713')
    asked.interrupt()
    await asked.ended
  })
  it('says in a line by whom a port is taken, and leaves the database of the other copy running', async () => {
    const other = createServer().listen(48714, '127.0.0.1')
    const first = await start({ PORT: '48715' })
    const refusal = async (PORT: string) => {
      const { message } = await start({ PORT }).then(
        () => new Error('it started'),
        (error: Error) => error,
      )
      return message.trim().split('\n').at(-1)
    }
    expect(await refusal('48714')).toBe('PORT: 48714 is taken by another program; stop that, or choose another port')
    expect(await refusal('48715')).toMatch(/^PORT: 48715 is taken by another copy of Zealous Hush;/)
    expect(await titles(first.url)).toHaveLength(DEMO_STAGINGS)
    first.interrupt()
    await first.ended
    other.close()
  })
  it('looks after its database and its server, logs what they say, and replaces what a killed start left', async () => {
    const first = await start({ PORT: '48716' })
    const settings = JSON.parse(readFileSync(join(data, 'settings.json'), 'utf8')) as { port: number }
    const postmaster = Number(readFileSync(join(data, 'data', 'postmaster.pid'), 'utf8').split('\n', 1)[0])
    process.kill(postmaster, 'SIGKILL')
    await until(() => first.output().includes('The database had ended; it runs again.'))
    await until(async () => (await titles(first.url)).length === DEMO_STAGINGS)
    expect(JSON.parse(readFileSync(join(data, 'settings.json'), 'utf8')).port).toBe(settings.port)

    const [server] = readdirSync(join(data, 'users')).filter(name => name.includes('-server-'))
    const pid = Number(server!.split('-')[0])
    // Root's server is nobody's process; anybody else's is their own.
    const owner = process.getuid!() === 0 ? spawnSync('id', ['-u', 'nobody'], { encoding: 'utf8' }).stdout.trim() : ''
    expect(String(statSync(`/proc/${pid}`).uid)).toBe(owner || String(process.getuid!()))
    process.kill(pid, 'SIGKILL')
    await until(() => first.output().split('is open at').length === 3)
    expect(await titles(first.url)).toHaveLength(DEMO_STAGINGS)
    expect(existsSync(join(data, 'logs', 'server.log'))).toBe(true)

    first.kill()
    await first.ended
    // Its server goes on by itself, and holds the port.
    expect(await titles(first.url)).toHaveLength(DEMO_STAGINGS)
    const next = await start({ PORT: '48716' })
    expect(next.output()).toMatch(/Stopping a server that an earlier start left behind/)
    expect(await titles(next.url)).toHaveLength(DEMO_STAGINGS)
    next.interrupt()
    expect(await next.ended).toBe(0)
    expect(existsSync(join(data, 'data', 'postmaster.pid'))).toBe(false)
  })
  it('speaks https where that is asked for, and says how a phone comes to trust it', async () => {
    await expect(start({ HTTPS: 'on' })).rejects.toThrow(/HTTPS: given "on"; accepted: 1 or 0/)
    const open = await start({ HTTPS: '1' })
    expect(open.url).toMatch(/^https:\/\/127\.0\.0\.1:\d+$/)
    const authority = readFileSync(join(data, 'certificates', 'authority.crt'), 'utf8')
    await until(() => open.output().includes(new X509Certificate(authority).fingerprint256))
    expect(open.output()).toContain(`${open.url.replace('https', 'http')}/trust`)
    const status = await new Promise(resolve =>
      get(`${open.url}/api/health`, { ca: authority, agent: false }, answer => resolve(answer.statusCode)),
    )
    expect(status).toBe(200)
    open.interrupt()
    expect(await open.ended).toBe(0)
  })
  it('opened to the network, makes a passphrase once, which lets one in until another is set', async () => {
    const open = await start({ HOST: '0.0.0.0' })
    const made = /Passphrase, shown only this once: (\S+)/.exec(open.output())![1]!
    const signIn = async (url: string, passphrase: string) =>
      (
        await fetch(`${url}/api/sign-in`, {
          method: 'POST',
          headers: { 'content-type': 'application/json', 'origin': url },
          body: JSON.stringify({ passphrase }),
        })
      ).status
    expect((await fetch(`${open.url}/api/stagings`)).status).toBe(401)
    expect(await signIn(open.url, made)).toBe(200)
    const set = spawnSync(process.execPath, ['scripts/run.mjs', 'passphrase'], {
      env: { ...process.env, HUSH_DATA: data, HUSH_PASSPHRASE: 'wet gloves 7' },
      encoding: 'utf8',
    })
    expect(set.stdout + set.stderr).toMatch(/The passphrase is set\./)
    expect(await signIn(open.url, made)).toBe(401)
    expect(await signIn(open.url, 'wet gloves 7')).toBe(200)
    const again = await start({ HOST: '0.0.0.0' })
    expect(again.output()).not.toContain('Passphrase')
    for (const copy of [open, again]) {
      copy.interrupt()
      await copy.ended
    }
  })
})
