/** Behind Debian's caddy, by the configuration in packaging/, where caddy is installed. */
import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { request, type RequestOptions } from 'node:https'
import type { IncomingMessage } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { setPassphrase } from '../../scripts/access/passphrase'
import { freePort } from '../../scripts/database/cluster'
import { openApplication, type Application } from '../application'

const installed = spawnSync('caddy', ['version']).status === 0

describe.skipIf(!installed)('behind caddy', () => {
  const PASSPHRASE = 'a long passphrase behind a proxy'
  const home = mkdtempSync(join(tmpdir(), 'zealous-hush-caddy-'))
  let app: Application
  let caddy: ChildProcess
  let port: number
  let ca: string
  beforeAll(async () => {
    app = await openApplication('proxy')
    await setPassphrase(app.databaseUrl, PASSPHRASE)
    const server = await app.another('127.0.0.1', { HUSH_PROXY: '1' })
    port = await freePort()
    const env = {
      ...process.env,
      ...{ HOME: home, XDG_DATA_HOME: home, XDG_CONFIG_HOME: home, CADDY_ADMIN: 'off' },
      ...{ HUSH_SITE: `https://localhost:${port}`, HUSH_UPSTREAM: new URL(server.url).port },
    }
    caddy = spawn('caddy', ['run', '--config', 'packaging/caddy/Caddyfile', '--adapter', 'caddyfile'], {
      env,
      stdio: 'ignore',
    })
    for (;;) {
      try {
        ca = readFileSync(join(home, 'caddy/pki/authorities/local/root.crt'), 'utf8')
        if ((await ask('/api/health')).status === 200) break
      } catch {
        await new Promise(resolve => setTimeout(resolve, 100))
      }
    }
  })
  afterAll(async () => {
    caddy?.kill()
    await app?.close()
    rmSync(home, { recursive: true, force: true })
  })
  const open = (path: string, options: RequestOptions = {}, body?: string) =>
    new Promise<IncomingMessage>((resolve, reject) => {
      const sent = request({ host: 'localhost', port, path, ca, agent: false, ...options }, resolve)
      sent.on('error', reject)
      sent.end(body)
    })
  async function ask(path: string, options: RequestOptions = {}, body?: string) {
    const answer = await open(path, options, body)
    let text = ''
    for await (const part of answer) text += String(part)
    return { status: answer.statusCode, headers: answer.headers, body: text }
  }
  const signIn = (passphrase: string, headers: Record<string, string> = {}) => {
    const origin = `https://localhost:${port}`
    const sent = { method: 'POST', headers: { 'content-type': 'application/json', origin, ...headers } }
    return ask('/api/sign-in', sent, JSON.stringify({ passphrase }))
  }

  it('asks for the passphrase, gives a cookie for https only, and lets streams through as they come', async () => {
    expect((await ask('/api/stagings')).status).toBe(401)
    const { status, headers } = await signIn(PASSPHRASE)
    expect(status).toBe(200)
    expect(headers['set-cookie']?.join()).toMatch(/hush-session=.*Secure/)
    const cookie = headers['set-cookie']!.map(c => c.split(';')[0]).join('; ')
    expect((await ask('/api/stagings', { headers: { cookie } })).status).toBe(200)
    // A stream's first words come at once, though it never ends.
    const staging = '5a1d0000-0000-4000-8000-000000000001'
    const { document } = JSON.parse((await ask(`/api/stagings/${staging}`, { headers: { cookie } })).body) as {
      document: object
    }
    const id = randomUUID()
    const act = { id: 'can', run: randomUUID(), stagingId: staging, stagingVersion: 2, staging: document }
    const headersOfWrite = { cookie, 'content-type': 'application/json', 'origin': `https://localhost:${port}` }
    const begun = await ask(
      '/api/live',
      { method: 'POST', headers: headersOfWrite },
      JSON.stringify({ id, writeId: randomUUID(), document: { title: 'Evening', acts: [act] } }),
    )
    expect(begun.status).toBe(200)
    const stream = await open(`/api/live/${id}/stream`, { headers: { cookie } })
    expect(stream.headers['content-type']).toMatch(/event-stream/)
    const first = await new Promise<string>(resolve => stream.once('data', part => resolve(String(part))))
    expect(first).not.toBe('')
    stream.destroy()
  })
  it('knows where a caller comes from, whatever he wrote himself', async () => {
    // Another address each time, as a guesser would pretend: they are one all the same.
    const tries = []
    for (let i = 0; i < 9; i++)
      tries.push((await signIn('wrong passphrase', { 'x-forwarded-for': `10.0.0.${i}` })).status)
    expect(tries.slice(0, 8)).toEqual(new Array(8).fill(401))
    expect(tries[8]).toBe(429)
  })
})
