/** Pictures of every demonstration: to scale, within their frame, and well-formed when they are written. */
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '../catalogue/everything'
import { resolve, type Scene } from '../demonstration'
import { METRIC, inARow, tell } from '../sentence'
import { pictureOf, signOf, svgOf, type Drawn } from '.'

const words = (said: Parameters<typeof inARow>[0]) => tell(inARow(said), METRIC)
const flat = (all: readonly Drawn[]): Drawn[] => all.flatMap(d => [d, ...flat(d.inside ?? [])])

const COLOURS = readFileSync(new URL('../../app/assets/colours.css', import.meta.url), 'utf8')

const square: Scene = {
  frame: { left: -1, right: 1, bottom: 0, top: 1 },
  caption: ['as it is'],
  shapes: [
    { kind: 'round', at: [0, 0.5], across: 0.4, stuff: 'rubber' },
    { kind: 'body', points: [[-0.5, 0], [-0.5, 0.5], [0.5, 0.5], [0.5, 0]], stuff: 'metal' }, // oxfmt-ignore
    { kind: 'push', from: [0.6, 0.5], to: [0.62, 0.5], stuff: 'outside-air' },
    { kind: 'note', at: [0, 0.5], said: ['first'] },
    { kind: 'note', at: [0, 0.5], said: ['second'] },
  ],
}

describe('a picture', () => {
  it('has one scale for both directions, and its bench at nought', () => {
    const { elements, width, height } = pictureOf(square, 700, 'p', words)
    const all = flat(elements)
    const ellipse = all.find(e => e.tag === 'ellipse')!.attributes
    expect(ellipse.rx).toBeCloseTo(ellipse.ry as number, 9)
    const scale = ((ellipse.rx as number) * 2) / 0.4
    // Half a metre up is half a scale above the bench, in the middle of its width.
    const bench = all.find(e => e.tag === 'line')!.attributes.y1 as number
    expect(bench - (ellipse.cy as number)).toBeCloseTo(0.5 * scale, 6)
    expect(ellipse.cx).toBeCloseTo(width / 2, 6)
    expect(2 * scale).toBeLessThanOrEqual(width)
    expect(height).toBeGreaterThan(scale)
  })
  it('lets no two names stand over one another', () => {
    const texts = flat(pictureOf(square, 700, 'p', words).elements).filter(e => e.tag === 'text')
    expect(texts.map(t => t.text)).toEqual(['first', 'second'])
    expect(Math.abs((texts[1].attributes.y as number) - (texts[0].attributes.y as number))).toBeGreaterThanOrEqual(14)
  })
  it.each([
    ['si', METRIC, 0.2, /^20\scm$/],
    ['us', { ...METRIC, units: 'us' }, 12 * 0.0254, /^12\sin$/],
  ] as const)('tells its scale by a bar that is round in %s units', (ruler, reader, length, told) => {
    const { elements } = pictureOf(square, 700, 'p', said => tell(inARow(said), reader), { ruler })
    const all = flat(elements)
    const scale = ((all.find(e => e.tag === 'ellipse')!.attributes.rx as number) * 2) / 0.4
    const bar = all.find(e => e.attributes.class === 'scale')!
    const long = Number(/h([\d.]+)m/.exec(String(bar.attributes.d))![1])
    expect(all.filter(e => e.tag === 'text')[0]!.text).toMatch(told)
    expect(long / scale).toBeCloseTo(length, 3)
  })
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('of %s has a bar to read lengths by', (_, d) => {
    const { values } = resolve(d, { numbers: {}, choices: {} })
    const simulation = d.simulate(values, 'trace')
    const scene = d.drawing(values, simulation, simulation.trace.stages.at(-1)!.end)
    for (const [ruler, round] of [
      ['si', /^(0\.)?[1-5]0?0?\s(mm|cm|m)$/],
      ['us', /^(0\.25|0\.5|[124562]{1,2}|10)\s(in|ft)$/],
    ] as const) {
      const said = pictureOf(scene, 700, 'p', s => tell(inARow(s), { ...METRIC, units: ruler }), { ruler, height: 360 })
      const all = flat(said.elements)
      const long = Number(/h([\d.]+)m/.exec(String(all.find(e => e.attributes.class === 'scale')!.attributes.d))![1])
      expect(long).toBeGreaterThan(30)
      expect(long).toBeLessThanOrEqual(96)
      expect(all.find(e => e.tag === 'text')!.text).toMatch(round)
    }
  })
  it('draws a short push with a small head', () => {
    const push = flat(pictureOf(square, 700, 'p', words).elements).find(e => e.attributes['marker-end'])!
    expect(push.attributes['stroke-width']).toBeLessThan(1)
  })
  it('writes words that are marks as words', () => {
    const scene: Scene = { ...square, caption: ['a < b & "c"'], shapes: [{ kind: 'note', at: [0, 0], said: ['<b>'] }] }
    const picture = pictureOf(scene, 430, 'p', words)
    const svg = svgOf(picture, picture.caption)
    expect(svg).not.toContain('<b>')
    expect(svg).toContain('&#60;b&#62;')
    expect(svg).toContain('aria-label="a &#60; b &#38; &#34;c&#34;"')
  })
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('of %s stays within its frame, and is well-formed', (_, d) => {
    const { values } = resolve(d, { numbers: {}, choices: {} })
    const simulation = d.simulate(values, 'trace')
    for (const { start, end } of simulation.trace.stages)
      for (const time of [start, (start + end) / 2, end]) {
        const picture = pictureOf(d.drawing(values, simulation, time), 430, 'p', words)
        for (const { tag, attributes } of flat(picture.elements)) {
          for (const value of Object.values(attributes))
            if (typeof value === 'number') expect(Number.isFinite(value)).toBe(true)
          if (tag !== 'text') continue
          expect(attributes.x).toBeGreaterThanOrEqual(0)
          expect(attributes.y).toBeLessThanOrEqual(picture.height + 30)
        }
        const open: string[] = []
        for (const [, close, tag, whole] of svgOf(picture, picture.caption).matchAll(/<(\/?)(\w+)[^>]*?(\/?)>/g)) {
          if (close) expect(open.pop()).toBe(tag)
          else if (!whole) open.push(tag)
        }
        expect(open).toEqual([])
      }
  })
})

describe('the sign of an ending', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('%s: each end has its own, in colours that exist', (_, d) => {
    const signs = d.outcomes.map(o => signOf(d.subject, o.look))
    // Told apart by shape alone: with the colours taken away no two are alike.
    const shapes = signs.map(sign => sign.map(s => `${s.d} ${s.dash ?? ''}`).join('|'))
    expect(new Set(shapes).size).toBe(shapes.length)
    for (const stroke of signs.flat()) {
      for (const colour of [stroke.fill, stroke.line]) {
        if (colour !== undefined && colour !== 'none') expect(COLOURS).toContain(`  ${colour.slice(4, -1)}:`)
      }
      // Within its field: a sign that is cut off is none.
      const numbers = (stroke.d.match(/-?\d*\.?\d+/g) ?? []).map(Number)
      expect(Math.max(...numbers)).toBeLessThanOrEqual(14)
    }
  })
})
