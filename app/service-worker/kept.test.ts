import { describe, expect, it } from 'vitest'
import { cacheKeyOf, isKeptPage, isKeptRecord } from './kept'

describe('what a device keeps', () => {
  it('is one list of stagings, with or without one that was only begun', () => {
    expect(cacheKeyOf('http://hush/api/stagings?also=1')).toBe(cacheKeyOf('http://hush/api/stagings'))
    expect(cacheKeyOf('http://hush/api/stagings/1?taught=no')).not.toBe(cacheKeyOf('http://hush/api/stagings/1'))
  })
  it('is pages that are worth something without the server', () => {
    for (const page of ['/', '/bench', '/bench/1', '/bench/plan', '/order/1/sheets', '/live/1', '/shelf'])
      expect(isKeptPage(page), page).toBe(true)
    for (const page of ['/sign-in', '/join', '/join/ABCDE', '/backup', '/trust', '/authority.crt', '/api/backup'])
      expect(isKeptPage(page), page).toBe(false)
  })
  it('is records that pages open with: no streams, no photos, no file of everything, nothing of signing in', () => {
    for (const record of [
      '/api/stagings',
      '/api/stagings/1',
      '/api/running-orders/1',
      '/api/room',
      '/api/runs/teachers',
    ])
      expect(isKeptRecord(record), record).toBe(true)
    for (const answer of [
      '/api/live/1/stream',
      '/api/live/1',
      '/api/runs/1/photo',
      '/api/runs/export',
      '/api/backup',
      '/api/session',
      '/api/sign-in',
      '/api/join/ABCDE',
      '/api/health',
      '/api/reached',
    ])
      expect(isKeptRecord(answer), answer).toBe(false)
  })
  it('has one page for all shows, and each other page with what it asks for', () => {
    expect(cacheKeyOf('https://here/live/1?x=2')).toBe(cacheKeyOf('https://here/live/2'))
    expect(cacheKeyOf('https://here/bench/plan?staging=1')).not.toBe(cacheKeyOf('https://here/bench/plan?staging=2'))
  })
})
