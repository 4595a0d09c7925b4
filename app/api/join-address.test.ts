import { describe, expect, it } from 'vitest'
import { joinOrigin } from './join-address'

const at = (address: string) => new URL(address)
const own = { names: ['192.168.1.5', 'zealous-hush.local'], port: 4870, scheme: 'http' as const }

describe('where a phone finds the page to vote', () => {
  it('is the address in the browser, where another machine can use it', () => {
    expect(joinOrigin(at('http://192.168.1.5:4870/live'), { names: [] })).toBe('http://192.168.1.5:4870')
    expect(joinOrigin(at('https://hush.school.example/live'), { names: [] })).toBe('https://hush.school.example')
  })
  it('asks no guest to trust this copy’s own certificate', () => {
    expect(joinOrigin(at('https://192.168.1.5:4870/live'), own)).toBe('http://192.168.1.5:4870')
    expect(joinOrigin(at('https://prep.school.example/'), { ...own, scheme: 'https' })).toMatch(/^https:\/\/prep/)
  })
  it('is this machine’s address in the network, where the browser shows its own', () => {
    for (const page of ['http://localhost:4870/', 'https://127.0.0.1:4870/', 'http://[::1]:4870/'])
      expect(joinOrigin(at(page), own)).toBe('http://192.168.1.5:4870')
    expect(joinOrigin(at('http://localhost/'), { ...own, names: ['fd00::5'] })).toBe('http://[fd00::5]:4870')
  })
  it('is none where only this machine reaches it', () => {
    expect(joinOrigin(at('http://localhost:4870/'), { names: [] })).toBeUndefined()
    expect(joinOrigin(at('https://localhost:4870/'), { ...own, names: ['127.0.0.1'] })).toBeUndefined()
  })
})
