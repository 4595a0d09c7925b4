/** What JSON may hold and neither a database nor a file; pictures by their bytes; ids by what a document says. */
import { Readable } from 'node:stream'
import { gzipSync } from 'node:zlib'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { linesOf } from '../backup/lines'
import { contentId } from '../database/content-id'
import { photoType } from './photo'
import { unstorable } from './storable'

describe('what can be stored', () => {
  it('is all JSON of whole text', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 6, stringUnit: 'grapheme' }), json => {
        const text = JSON.stringify(json)
        fc.pre(!text.includes('\\u0000') && text.isWellFormed())
        expect(unstorable(json)).toBeUndefined()
      }),
      { seed: 4, numRuns: 200 },
    )
  })
  it.each([
    [{ a: { b: ['x', 'y\0'] } }, 'a.b.1', /NUL/],
    [{ title: 'half \ud83d' }, 'title', /half of one/],
    [{ 'na\0me': 1 }, '"na\\u0000me"', /a name of text/],
  ])('%j is refused at %s', (json, place, accepted) => {
    expect(unstorable(json)).toEqual({ place, accepted: expect.stringMatching(accepted) as unknown })
  })
  it('has an end: levels are counted', () => {
    const nested = (levels: number): unknown => (levels === 0 ? 1 : [nested(levels - 1)])
    expect(unstorable(nested(24))).toBeUndefined()
    expect(unstorable(nested(25))?.accepted).toMatch(/at most 24 levels/)
  })
})

describe('a picture', () => {
  it.each([
    ['image/jpeg', [0xff, 0xd8, 0xff, 0xe0]],
    ['image/png', [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]],
    ['image/webp', [...Buffer.from('RIFF\0\0\0\0WEBPVP8 ', 'latin1')]],
    [undefined, [...Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>')]],
    [undefined, [...Buffer.from('GIF89a')]],
    [undefined, [...Buffer.from('RIFF\0\0\0\0WAVEfmt ', 'latin1')]],
    [undefined, []],
  ] as const)('is %s by its first bytes', (type, bytes) => {
    expect(photoType(Buffer.from(bytes))).toBe(type)
  })
})

describe('an id by what a document says', () => {
  it('is a UUID of version 4, the same for the same words and another for others', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (a, b) => {
        expect(contentId(a)).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-8[0-9a-f]{3}-[0-9a-f]{12}$/)
        expect(contentId(a) === contentId(b)).toBe(JSON.stringify(a) === JSON.stringify(b))
      }),
      { seed: 2, numRuns: 200 },
    )
  })
})

describe('lines of a backup', () => {
  const all = async (...parts: Buffer[]) => {
    const lines: string[] = []
    for await (const line of linesOf(Readable.from(parts, { objectMode: false }))) lines.push(line)
    return lines
  }
  const inParts = (whole: Buffer, sizes: readonly number[]) => {
    const parts: Buffer[] = []
    let at = 0
    for (const size of [...sizes, whole.length]) {
      if (at < whole.length) parts.push(whole.subarray(at, at + size))
      at += size
    }
    return parts
  }
  it('are the same packed or plain, however the parts come', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(
          fc.string({ unit: 'grapheme' }).map(s => s.replaceAll('\n', ' ')),
          { minLength: 1, maxLength: 20 },
        ),
        fc.array(fc.integer({ min: 1, max: 40 }), { maxLength: 12 }),
        fc.boolean(),
        async (lines, sizes, packed) => {
          const text = Buffer.from(lines.map(l => `${l}\n`).join(''))
          // What begins like gzip is taken for it.
          fc.pre(text[0] !== 0x1f)
          expect(await all(...inParts(packed ? gzipSync(text) : text, sizes))).toEqual(lines)
        },
      ),
      { seed: 11, numRuns: 60 },
    )
  })
  it('that are cut short where they are packed are no backup', async () => {
    const whole = gzipSync(Buffer.from('one\ntwo\n'.repeat(500)))
    await expect(all(whole.subarray(0, whole.length - 12))).rejects.toThrow('the file is cut short or damaged')
    const damaged = Buffer.from(whole)
    damaged.fill(0xff, 20, 40)
    await expect(all(damaged)).rejects.toThrow('the file is cut short or damaged')
  })
  it('of nothing are none, and a last one needs no end', async () => {
    expect(await all()).toEqual([])
    expect(await all(Buffer.from('one\ntwo'))).toEqual(['one', 'two'])
  })
})
