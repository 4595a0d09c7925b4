/** What a certificate of this machine may name: its names, and addresses that mean something in a building only. */
import fc from 'fast-check'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { ANNOUNCED, reached } from './names'
import { PRIVATE_NETWORKS, isPrivateAddress } from './private-networks'

afterEach(() => vi.unstubAllEnvs())

describe('names of this machine', () => {
  it('are its own and those that the school gives it, each once and in lower case', () => {
    vi.stubEnv('HUSH_NAMES', ' Prep.School.Example ,prep.school.example,, hush ')
    const { names, addresses } = reached()
    expect(names.slice(0, 2)).toEqual(['localhost', ANNOUNCED])
    expect(names.filter(n => n === 'prep.school.example')).toHaveLength(1)
    expect(names).toContain('hush')
    expect(names.join()).toBe(names.join().toLowerCase())
    expect(addresses.slice(0, 2)).toEqual(['127.0.0.1', '::1'])
    expect(addresses.some(a => a.startsWith('fe80:'))).toBe(false)
  })
  it.each([
    'not a name',
    '-hush',
    'hush-',
    '10.0.0.1',
    'a..b',
    'hush_1',
    `${'a'.repeat(64)}.example`,
    '::1',
    '*.example',
  ])('%j is refused: it is named, with what is accepted', given => {
    vi.stubEnv('HUSH_NAMES', `fine.example,${given}`)
    expect(reached).toThrow(`HUSH_NAMES: given "${given}"; accepted: names such as`)
  })
})

describe('a building’s own addresses', () => {
  // RFC 1918, RFC 6598, RFC 3927, RFC 4193, RFC 4291: first and last of each, and their neighbours.
  it.each([
    ['10.0.0.0', true],
    ['10.255.255.255', true],
    ['9.255.255.255', false],
    ['11.0.0.0', false],
    ['172.15.255.255', false],
    ['172.16.0.0', true],
    ['172.31.255.255', true],
    ['172.32.0.0', false],
    ['192.167.255.255', false],
    ['192.168.0.0', true],
    ['192.168.255.255', true],
    ['192.169.0.0', false],
    ['100.63.255.255', false],
    ['100.64.0.0', true],
    ['100.127.255.255', true],
    ['100.128.0.0', false],
    ['169.254.1.1', true],
    ['127.0.0.1', true],
    ['::1', true],
    ['::2', false],
    ['fc00::1', true],
    ['fdff:ffff::1', true],
    ['fe00::1', false],
    ['2001:db8::1', false],
  ])('%s: %s', (address, own) => {
    expect(isPrivateAddress(address)).toBe(own)
  })
  it('are as many as the networks hold, by arithmetic', () => {
    const number = (a: string) => a.split('.').reduce((n, part) => n * 256 + Number(part), 0)
    const plain = PRIVATE_NETWORKS.filter(n => !n.includes(':')).map(n => {
      const [address, bits] = n.split('/') as [string, string]
      return [number(address), number(address) + 2 ** (32 - Number(bits))] as const
    })
    fc.assert(
      fc.property(
        fc.oneof(
          fc.ipV4(),
          fc.ipV4().map(a => a.replace(/^\d+/, '10')),
        ),
        address => {
          const inside = plain.some(([first, end]) => number(address) >= first && number(address) < end)
          expect(isPrivateAddress(address)).toBe(inside)
        },
      ),
      { seed: 8, numRuns: 300 },
    )
  })
})
