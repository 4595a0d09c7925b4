import { execFileSync } from 'node:child_process'
import { randomUUID, X509Certificate } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { request as plainRequest, type IncomingHttpHeaders } from 'node:http'
import { request } from 'node:https'
import { connect } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { RunningServer, Secure } from '../../scripts/application'
import { setPassphrase } from '../../scripts/access/passphrase'
import { announce } from '../../scripts/https/announce'
import { ensureCertificate, isCurrent, ownCertificate } from '../../scripts/https/certificate'
import { isHttpsAskedFor } from '../../scripts/https/secure'
import { openApplication, type Application } from '../application'

const folder = mkdtempSync(join(tmpdir(), 'zealous-hush-certificates-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))
const HERE = { names: ['localhost', 'zealous-hush.local'], addresses: ['127.0.0.1', '10.1.2.3'] }
const quiet = () => {}
/** Verified by the authority of OpenSSL's own rules, not by ours. */
function opensslSays(authority: string, certificate: string): string {
  const [ca, leaf] = [authority, certificate].map((pem, i) => {
    const file = join(folder, `${i}.pem`)
    writeFileSync(file, pem)
    return file
  })
  try {
    return execFileSync('openssl', ['verify', '-x509_strict', '-purpose', 'sslserver', '-CAfile', ca!, leaf!], {
      encoding: 'utf8',
    })
  } catch (error) {
    return (error as { stderr: string }).stderr
  }
}

describe('a certificate of this copy’s own authority', () => {
  it('is as strict rules want it, names every name and address, and is kept where only its owner reads', async () => {
    const own = join(folder, 'own')
    const shown = await ensureCertificate(own, quiet, HERE)
    expect(opensslSays(shown.authority!, shown.certificate)).toMatch(/OK$/m)
    const { subjectAltName, validTo } = new X509Certificate(shown.certificate)
    for (const one of [...HERE.names, ...HERE.addresses]) expect(subjectAltName).toContain(one)
    // Phones take none that is longer: 825 days, as their makers publish.
    expect(new Date(validTo).getTime()).toBeLessThan(Date.now() + 825 * 86_400_000)
    for (const name of ['authority.key', 'server.key']) expect(statSync(join(own, name)).mode & 0o077).toBe(0)
    expect(await ensureCertificate(own, quiet, HERE)).toEqual(shown)
  })
  it('is renewed by its authority when an address changes, by a new one where it may not vouch', async () => {
    const own = join(folder, 'moves')
    const said: string[] = []
    const first = await ensureCertificate(own, quiet, HERE)
    const moved = await ensureCertificate(own, line => said.push(line), { ...HERE, addresses: ['192.168.7.7'] })
    expect(moved.authority).toBe(first.authority)
    expect(new X509Certificate(moved.certificate).checkIP('192.168.7.7')).toBe('192.168.7.7')
    expect(said.join()).toMatch(/Renewed/)
    const named = await ensureCertificate(own, quiet, { ...HERE, names: ['prep.school.example'] })
    expect(named.authority).not.toBe(first.authority)
    expect(opensslSays(named.authority!, named.certificate)).toMatch(/OK$/m)
  })
  it('comes from an authority that can vouch for no other site', async () => {
    const { authority, certificate } = await ensureCertificate(join(folder, 'small'), quiet, HERE)
    const text = execFileSync('openssl', ['x509', '-noout', '-text'], { input: authority, encoding: 'utf8' })
    expect(text).toMatch(/Name Constraints: critical/)
    expect(text).toMatch(/Path ?Len(?:gth)?[: ]*0|pathlen:0/i)
    // A name it may not vouch for, under its own key, as a thief of the key would try.
    const forged = await forge(join(folder, 'small'))
    expect(opensslSays(authority!, forged)).toMatch(/permitted subtree violation/)
    expect(isCurrent({ certificate, key: 'no key', authority: authority! }, HERE)).toBe(false)
  })
  it('two copies that begin at once share it', async () => {
    const own = join(folder, 'two')
    const [one, other] = await Promise.all([ensureCertificate(own, quiet, HERE), ensureCertificate(own, quiet, HERE)])
    expect(one).toEqual(other)
  })
})

/** A certificate for another site by the authority of a folder. */
async function forge(of: string): Promise<string> {
  const ask = join(folder, 'forged')
  const run = (...args: string[]) => execFileSync('openssl', args, { encoding: 'utf8', stdio: 'pipe' })
  run(
    'req',
    '-newkey',
    'rsa:2048',
    '-nodes',
    '-keyout',
    `${ask}.key`,
    '-out',
    `${ask}.csr`,
    '-subj',
    '/CN=bank.example',
  )
  writeFileSync(
    `${ask}.ext`,
    'subjectAltName=DNS:bank.example\nkeyUsage=critical,digitalSignature\nextendedKeyUsage=serverAuth\n' +
      'authorityKeyIdentifier=keyid\nsubjectKeyIdentifier=hash\nbasicConstraints=critical,CA:FALSE\n',
  )
  const by = ['-CA', join(of, 'authority.crt'), '-CAkey', join(of, 'authority.key'), '-CAcreateserial']
  return run('x509', '-req', '-in', `${ask}.csr`, ...by, '-extfile', `${ask}.ext`, '-days', '9')
}

describe('the name in the network', () => {
  /** What stands for avahi here: it says what it is told to, and goes on or ends. */
  function avahi(says: string, then: string): string {
    const file = join(folder, `avahi-${randomUUID()}`)
    writeFileSync(file, `#!/bin/sh\necho "$*" > ${file}.asked\necho "${says}" >&2\n${then}\n`, { mode: 0o755 })
    return file
  }
  it('is known once avahi says so, and not where it is another machine’s or avahi does not run', async () => {
    const works = avahi("Established under name 'zealous-hush.local'", 'exec sleep 60')
    const known = await announce('10.1.2.3', works)
    expect(readFileSync(`${works}.asked`, 'utf8').trim()).toBe('-a -R zealous-hush.local 10.1.2.3')
    known!.stop()
    expect(await announce('10.1.2.3', avahi('Local name collision', 'exit 1'))).toBeUndefined()
    expect(await announce('10.1.2.3', '/no/avahi')).toBeUndefined()
  })
})

describe('what the environment asks for', () => {
  it('is refused with its name where it can’t be', () => {
    expect(() => isHttpsAskedFor({ HTTPS: 'yes' })).toThrow(/HTTPS: given "yes"; accepted: 1 or 0/)
    expect(() => isHttpsAskedFor({ HTTPS: '1', HUSH_PROXY: '1' })).toThrow(/HUSH_PROXY/)
    expect(() => ownCertificate({ HUSH_CERT: '/a.pem' })).toThrow(/only one of them/)
    expect(() => ownCertificate({ HUSH_CERT: '/none.pem', HUSH_KEY: '/none.key' })).toThrow(
      /HUSH_CERT: given "\/none.pem"/,
    )
    expect([{}, { HTTPS: '0', HUSH_CERT: 'a' }, { HUSH_CERT: 'a', HUSH_KEY: 'b' }].map(isHttpsAskedFor)).toEqual([
      false,
      false,
      true,
    ])
  })
  it('a school’s certificate is taken, with its own key only', async () => {
    const shown = await ensureCertificate(join(folder, 'school'), quiet, HERE)
    const other = await ensureCertificate(join(folder, 'other'), quiet, HERE)
    const [cert, key, wrong] = [shown.certificate, shown.key, other.key].map((text, i) => {
      const file = join(folder, `school-${i}`)
      writeFileSync(file, text)
      return file
    })
    expect(ownCertificate({ HUSH_CERT: cert, HUSH_KEY: key })).toEqual({
      certificate: shown.certificate,
      key: shown.key,
    })
    expect(() => ownCertificate({ HUSH_CERT: cert, HUSH_KEY: wrong })).toThrow(/HUSH_KEY: .* is not the key/)
  })
})

describe('a server over https', () => {
  const PASSPHRASE = 'a long passphrase of tests'
  let app: Application
  let server: RunningServer
  let secure: Secure
  let port: number
  beforeAll(async () => {
    app = await openApplication('https')
    await setPassphrase(app.databaseUrl, PASSPHRASE)
    secure = { ...(await ensureCertificate(join(folder, 'server'), quiet, HERE)), names: ['127.0.0.1'] }
    server = await app.another('0.0.0.0', {}, secure)
    port = Number(new URL(server.url).port)
  })
  afterAll(() => app?.close())

  interface Answer {
    status: number
    headers: IncomingHttpHeaders
    body: string
    peer?: string
  }
  const ask = (
    scheme: 'http' | 'https',
    path: string,
    {
      method = 'GET',
      headers = {},
      body = '',
    }: { method?: string; headers?: Record<string, string>; body?: string } = {},
  ) =>
    new Promise<Answer>((resolve, reject) => {
      const send = scheme === 'http' ? plainRequest : request
      const sent = send(
        { host: '127.0.0.1', port, path, method, headers, ca: secure.authority, agent: false },
        answer => {
          let text = ''
          const peer =
            'getPeerCertificate' in answer.socket ? (answer.socket as never as Peer).getPeerCertificate() : undefined
          answer.on('data', part => (text += part))
          answer.on('end', () =>
            resolve({ status: answer.statusCode!, headers: answer.headers, body: text, peer: peer?.fingerprint256 }),
          )
        },
      )
      sent.on('error', reject)
      sent.end(body)
    })
  interface Peer {
    getPeerCertificate: () => { fingerprint256: string }
  }
  const json = { 'content-type': 'application/json' }
  const signIn = (scheme: 'http' | 'https', origin: string) =>
    ask(scheme, '/api/sign-in', {
      method: 'POST',
      headers: { ...json, origin },
      body: JSON.stringify({ passphrase: PASSPHRASE }),
    })

  it('shows the certificate, and answers plain http on the same port with a redirect', async () => {
    expect((await ask('https', '/api/health')).body).toContain('zealous-hush')
    for (const path of ['/', '/bench', '/sign-in?to=%2Fshelf', '/api/stagings']) {
      const { status, headers } = await ask('http', path)
      expect([status, headers.location]).toEqual([307, `https://127.0.0.1:${port}${path}`])
    }
  })
  it('lets any phone vote, over both', async () => {
    for (const scheme of ['http', 'https'] as const) {
      expect((await ask(scheme, '/join')).status).toBe(200)
      expect((await ask(scheme, '/api/join/NONE1')).status).toBe(404)
    }
  })
  it('tells a phone how to come to trust it, and hands the authority out', async () => {
    for (const scheme of ['http', 'https'] as const) {
      const page = await ask(scheme, '/trust')
      expect(page.body.replaceAll('<wbr>', '')).toContain(new X509Certificate(secure.authority!).fingerprint256)
      expect(page.headers['content-security-policy']).toContain(`connect-src 'self' https://127.0.0.1:${port};`)
      const { headers, body } = await ask(scheme, '/authority.crt')
      expect([headers['content-type'], body]).toEqual(['application/x-x509-ca-cert', secure.authority])
    }
    expect((await ask('http', '/trust', { headers: { host: 'a;b' } })).body).not.toContain('a;b')
    // A copy without https has neither.
    for (const path of ['/trust', '/authority.crt']) expect((await fetch(`${app.url}${path}`)).status).toBe(404)
  })
  it('takes the passphrase over https only, and sends its cookie over https only', async () => {
    expect((await signIn('http', `http://127.0.0.1:${port}`)).status).toBe(403)
    // A page that somebody put into plain http is another origin, though its host is the same.
    expect((await signIn('https', `http://127.0.0.1:${port}`)).status).toBe(403)
    const { status, headers } = await signIn('https', `https://127.0.0.1:${port}`)
    expect(status).toBe(200)
    expect(headers['set-cookie']?.join()).toMatch(/hush-session=.*Secure/)
    const cookie = headers['set-cookie']!.map(c => c.split(';')[0]).join('; ')
    expect((await ask('https', '/api/stagings', { headers: { cookie } })).status).toBe(200)
    expect((await ask('https', '/api/stagings')).status).toBe(401)
    expect((await ask('http', '/api/stagings', { headers: { cookie } })).status).toBe(307)
  })
  it('tells how it is, and is measured by this machine or who is signed in only', async () => {
    const health = JSON.parse((await ask('https', '/api/health')).body) as Record<string, unknown>
    expect(health).toMatchObject({
      version: expect.stringMatching(/^\d+\.\d+\.\d+\+[0-9a-f]{8}$/),
      database: { version: expect.stringMatching(/^\d+/) },
      clock: { apart: 0 },
    })
    await ask('https', '/api/join/NONE1')
    const metrics = await ask('http', '/metrics')
    expect(metrics.headers['content-type']).toMatch(/^text\/plain/)
    expect(metrics.body).toMatch(/hush_request_seconds_count\{method="GET",route="\/api\/join",status="404"\} [1-9]/)
    expect(metrics.body).toMatch(/hush_database_connections\{state="idle"\} \d/)
    // Somebody else's request, handed on by a proxy that nobody announced.
    expect((await ask('https', '/metrics', { headers: { 'x-forwarded-for': '10.0.0.9' } })).status).toBe(302)
  })
  it('shows a renewed certificate without ending a connection', async () => {
    const renewed = await ensureCertificate(join(folder, 'server'), quiet, {
      ...HERE,
      addresses: ['127.0.0.1', '10.9.9.9'],
    })
    const before = (await ask('https', '/api/health')).peer
    await server.renew({ ...secure, ...renewed })
    const after = (await ask('https', '/api/health')).peer
    expect([before, after]).toEqual(
      [secure.certificate, renewed.certificate].map(c => new X509Certificate(c).fingerprint256),
    )
  })
  it('stays up when connections say nothing, or nonsense', async () => {
    const talk = (bytes: string | Buffer) =>
      new Promise<void>(resolve => {
        const socket = connect(port, '127.0.0.1', () => socket.end(bytes))
        socket.on('error', () => resolve())
        socket.on('close', () => resolve())
        socket.resume()
      })
    await Promise.all([talk(''), talk('\x16nonsense'), talk(Buffer.from([22, 3, 1])), talk(randomUUID()), talk('GET')])
    expect((await ask('https', '/api/health')).status).toBe(200)
  })
  it('says why where its port can’t be had', async () => {
    const taken = app.another('0.0.0.0', {}, secure)
    const { port: used } = new URL((await taken).url)
    const { startServer } = await import('../../scripts/application')
    const { ensureBuild } = await import('../../scripts/build/build')
    const entry = await ensureBuild(process.cwd(), quiet)
    await expect(
      startServer({ entry, databaseUrl: app.databaseUrl, host: '0.0.0.0', port: Number(used), quiet: true, secure }),
    ).rejects.toThrow(/https: .*EADDRINUSE/)
  })
})
