/** Where a request comes from, and whether others than this machine can reach it. */
import type { H3Event } from 'h3'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { addressOf, trustedProxies } from './address'
import { isLoopbackHost, isOpenToNetwork, isRelayed } from './network'

const event = (headers: Record<string, string>, remoteAddress?: string): H3Event =>
  ({ node: { req: { headers, socket: { remoteAddress } } }, headers: new Headers(headers) }) as unknown as H3Event
const proxies = (n: string) => vi.stubEnv('HUSH_PROXY', n)

beforeEach(() => {
  for (const name of ['HUSH_PROXY', 'HUSH_HOST', 'NITRO_HOST', 'HOST']) vi.stubEnv(name, undefined)
})
afterEach(() => vi.unstubAllEnvs())

describe('the address of a request', () => {
  it('is the connection’s own where no proxy was announced, whatever the request says', () => {
    const lie = { 'x-forwarded-for': '127.0.0.1, 8.8.8.8' }
    expect(addressOf(event(lie, '192.168.1.20'))).toBe('192.168.1.20')
    expect(addressOf(event(lie, '::ffff:192.168.1.20'))).toBe('192.168.1.20')
  })
  it('is what the outermost trusted proxy saw: what a caller writes stands further left and is not looked at', () => {
    fc.assert(
      fc.property(
        fc.array(fc.ipV4(), { maxLength: 5 }),
        fc.ipV4(),
        fc.array(fc.ipV4(), { maxLength: 3 }),
        (lies, seen, inner) => {
          proxies(String(inner.length + 1))
          const header = [...lies, seen, ...inner].join(', ')
          expect(addressOf(event({ 'x-forwarded-for': header }, '10.0.0.1'))).toBe(seen)
        },
      ),
      { seed: 3, numRuns: 200 },
    )
  })
  it('is the connection’s where the proxy says nothing', () => {
    proxies('1')
    expect(addressOf(event({}, '10.0.0.9'))).toBe('10.0.0.9')
  })
  it('of an IPv6 household is one, however many addresses it takes', () => {
    const of = (address: string) => addressOf(event({}, address))
    expect(of('2001:db8:1:2:3:4:5:6')).toBe(of('2001:db8:1:2:ffff:0:0:1'))
    expect(of('2001:db8:1:2::1')).toBe(of('2001:db8:1:2:3:4:5:6'))
    expect(of('2001:db8::1')).toBe('2001:db8:0:0')
    expect(of('2001:db8:1:3::1')).not.toBe(of('2001:db8:1:2::1'))
  })
  it.each([
    ['', 0],
    ['2', 2],
    ['-1', 0],
    ['1.9', 1],
    ['many', 0],
  ])('HUSH_PROXY=%j trusts %i proxies', (given, n) => {
    proxies(given)
    expect(trustedProxies()).toBe(n)
  })
})

describe('who can reach this copy', () => {
  it.each([
    [{}, true],
    [{ HOST: '127.0.0.1' }, false],
    [{ HOST: 'localhost' }, false],
    [{ HOST: '::1' }, false],
    [{ HOST: '0.0.0.0' }, true],
    [{ HOST: '192.168.1.4' }, true],
    // With https the plain port listens on loopback, but the other one does not.
    [{ HOST: '127.0.0.1', HUSH_HOST: '0.0.0.0' }, true],
    // What stands before it brings others.
    [{ HOST: '127.0.0.1', HUSH_PROXY: '1' }, true],
  ] as const)('%j: open %s', (environment, open) => {
    for (const [name, value] of Object.entries(environment)) vi.stubEnv(name, value)
    expect(isOpenToNetwork()).toBe(open)
  })
  it.each([
    ['localhost:4310', true],
    ['127.0.0.1', true],
    ['[::1]:80', true],
    ['hush.example', false],
    // A name that begins like one is another's.
    ['localhost.example:80', false],
    ['127.0.0.1.example', false],
  ])('the host %s is this machine’s own name: %s', (host, own) => {
    expect(isLoopbackHost(host)).toBe(own)
  })
  it.each(['x-forwarded-for', 'x-forwarded-host', 'x-forwarded-proto', 'x-real-ip', 'forwarded', 'via'])(
    'a request with %s came through something that was not announced',
    name => {
      expect(isRelayed(event({ [name]: 'x' }, '127.0.0.1'))).toBe(true)
    },
  )
  it('a request from another machine is none of this one’s', () => {
    for (const own of ['127.0.0.1', '::1', '::ffff:127.0.0.1', undefined])
      expect(isRelayed(event({}, own)), String(own)).toBe(false)
    for (const other of ['192.168.1.7', '::ffff:10.0.0.1', '2001:db8::1', '12.7.0.1'])
      expect(isRelayed(event({}, other)), other).toBe(true)
  })
})
