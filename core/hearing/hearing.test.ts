/** Hearing, tried with made sounds at known moments: how many are missed, made up, and how far off each is. */
import { describe, expect, it } from 'vitest'
import { changepoint } from './changepoint'
import { firstPop } from './first-pop'
import { expectedHush, hushHeard } from './hush-heard'
import { makeSound, type Background, type MadeSound } from '../../tests/made-sounds'
import { findOnsets } from './onsets'

const BACKGROUNDS: readonly Background[] = ['still', 'noise', 'talk', 'music']
const SEEDS = Array.from({ length: 9 }, (_, i) => i + 1)
/** A lid that is put down, the splash, the bang after a hush, a cough of the metal. */
const canRun = (seed: number, background: Background, decibels: number) => {
  const seal = 1 + ((seed * 0.137) % 1)
  const hush = 0.06 + (seed % 7) * 0.03
  const events: MadeSound['events'] = [
    { kind: 'pop', time: seal - 0.7 },
    { kind: 'splash', time: seal },
    { kind: 'bang', time: seal + hush },
    { kind: 'pop', time: seal + 1.1 },
  ]
  const sound = makeSound(events, 3.4, background, decibels, seed, 24_000)
  return { sound, hush, onsets: findOnsets(sound.samples, sound.rate) }
}
/** Each event with the nearest onset within 30 ms, if any. */
function matched({ sound, onsets }: ReturnType<typeof canRun>) {
  const left = [...onsets]
  const pairs = sound.events.map(event => {
    const near = left
      .filter(o => Math.abs(o.time - event.time) < 0.03)
      .sort((a, b) => Math.abs(a.time - event.time) - Math.abs(b.time - event.time))[0]
    if (near) left.splice(left.indexOf(near), 1)
    return { event, near }
  })
  return { pairs, extra: left.length }
}

describe.each(BACKGROUNDS)('in %s', background => {
  it('finds splash and bang 20 dB over it, to 10 ms and as sure as it says, and little that is none', () => {
    const all = SEEDS.map(seed => matched(canRun(seed, background, 20)))
    const loud = all.flatMap(a => a.pairs).filter(p => p.event.kind !== 'pop')
    expect(loud.filter(p => !p.near)).toEqual([])
    const errors = loud.map(p => Math.abs(p.near!.time - p.event.time)).sort((a, b) => a - b)
    expect(errors[Math.floor(0.95 * errors.length)]).toBeLessThan(0.01)
    const far = loud.filter(p => Math.abs(p.near!.time - p.event.time) > 2 * p.near!.uncertainty)
    expect(far.length).toBeLessThanOrEqual(0.1 * loud.length)
    // A note that begins is a sound that begins; anything else that it makes up is a fault.
    const made = all.reduce((n, a) => n + a.extra, 0)
    expect(made / SEEDS.length).toBeLessThanOrEqual(background === 'music' ? 1.5 : 0.1)
  })
  it.each([30, 8])('at %i dB says the right hush to 15 ms or that it is not sure', decibels => {
    const said = SEEDS.map(seed => {
      const run = canRun(seed, background, decibels)
      const heard = hushHeard(run.onsets, [0.04, 0.6])
      if (!heard?.sure) return 'not sure'
      const length = run.onsets[heard.gone]!.time - run.onsets[heard.seal]!.time
      return Math.abs(length - run.hush) < 0.015 ? 'right' : 'wrong'
    })
    expect(said.filter(s => s === 'wrong')).toEqual([])
    if (decibels === 30) expect(said.filter(s => s === 'right').length).toBeGreaterThanOrEqual(0.7 * SEEDS.length)
  })
})

describe('hearing', () => {
  it('finds nothing in silence, in steady noise or in a tone', () => {
    const rate = 16_000
    const tone = Float32Array.from({ length: 2 * rate }, (_, i) => 0.3 * Math.sin((2 * Math.PI * 440 * i) / rate))
    const noise = makeSound([], 3, 'noise', 0, 3)
    expect(findOnsets(new Float32Array(rate), rate)).toEqual([])
    expect(findOnsets(new Float32Array(10), rate)).toEqual([])
    expect(findOnsets(noise.samples, noise.rate)).toEqual([])
    expect(findOnsets(tone, rate).filter(o => o.time > 0.05)).toEqual([])
  })
  it('hears the same whatever the volume and, to 2 ms, whatever the rate', () => {
    const times = (rate: number, volume: number) => {
      const { samples } = makeSound([{ kind: 'bang', time: 0.5 }], 1.2, 'noise', 25, 5, rate)
      return findOnsets(
        samples.map(x => x * volume),
        rate,
      ).map(o => o.time)
    }
    const [louder] = times(48_000, 1)
    expect(times(48_000, 0.02)[0]).toBeCloseTo(louder!, 4)
    for (const rate of [16_000, 22_050, 44_100, 96_000]) {
      expect(times(rate, 1), `${rate} Hz`).toHaveLength(1)
      expect(Math.abs(times(rate, 1)[0]! - 0.5), `${rate} Hz`).toBeLessThan(0.002)
    }
    expect(() => findOnsets(new Float32Array(9), 4000)).toThrow(/given 4000 Hz; accepted: 8000 to 192000/)
  })
  it('puts a change of strength where it is, and is as unsure as that is faint', () => {
    // Limiting case: a step from silence to noise is known to a sample.
    const step = (ratio: number) =>
      Float32Array.from(
        { length: 400 },
        (_, i) => (i % 2 ? 1 : -1) * (i < 250 ? 1 : ratio) * (0.5 + ((i * 37) % 11) / 11),
      )
    expect(changepoint(step(1000)).at).toBe(250)
    expect(Math.abs(changepoint(step(2)).at - 250)).toBeLessThan(12)
    expect(changepoint(step(1.3)).uncertainty).toBeGreaterThan(changepoint(step(4)).uncertainty)
    expect(() => changepoint(new Float32Array(20))).toThrow(/given 20 samples/)
  })
  it('looks for a hush where forecast and marks can have it, and by the marks alone where they part', () => {
    expect(expectedHush(undefined)).toBeUndefined()
    expect(expectedHush(0)).toBeUndefined()
    expect(expectedHush(0.1)).toEqual([0.025, 0.4])
    expect(expectedHush(0.1, { length: 0.5, off: 0.9 })).toEqual([0.025, 0.4])
    expect(expectedHush(0.1, { length: 8, off: 1 })).toEqual([7, 9])
    expect(expectedHush(undefined, { length: 0.5, off: 0.9 })).toEqual([0.02, 1.4])
  })
  it('chooses by loudness and by what the hush can be, and says when two pairs are alike', () => {
    const at = (time: number, loudness: number) => ({ time, uncertainty: 0.002, strength: 3, loudness })
    expect(hushHeard([at(0, 1)])).toBeUndefined()
    expect(hushHeard([at(0, 0.5), at(1, 0.5), at(1.1, 1)], [0.05, 0.3])).toMatchObject({ seal: 1, gone: 2, sure: true })
    expect(hushHeard([at(0, 0.5), at(0.1, 0.5), at(0.2, 0.5)], [0.05, 0.3])!.sure).toBe(false)
    expect(hushHeard([at(0, 1), at(2, 1)], [0.05, 0.3])!.sure).toBe(false)
    expect(hushHeard([at(0, 1), at(0.3, 0.1), at(0.5, 0.1), at(0.6, 1)], [0.2, 2])!.pops).toEqual([1, 2])
  })
})

describe('the first pop of a tin', () => {
  const heard = (events: Parameters<typeof makeSound>[0], seed: number) => {
    const { samples, rate } = makeSound(events, 8, 'still', 30, seed)
    return findOnsets(samples, rate)
  }
  const events = [
    { kind: 'splash', time: 1 },
    { kind: 'pop', time: 2.5 },
    { kind: 'pop', time: 3.1 },
    { kind: 'bang', time: 5 },
  ] as const
  const ends = { seal: 1, gone: 5 }
  it('is found to a few milliseconds where one can come, and none is made up elsewhere', () => {
    for (let seed = 1; seed <= 5; seed++) {
      const onsets = heard(events, seed)
      expect(firstPop(onsets, ends, [0.5, 4])!.time).toBeCloseTo(2.5, 2)
      // A cough before one can come is none, and neither is a sound that comes too late.
      expect(firstPop(onsets, ends, [1.8, 4])!.time).toBeCloseTo(3.1, 2)
      expect(firstPop(onsets, ends, [0.1, 1])).toBeUndefined()
      expect(firstPop(onsets, ends, undefined)).toBeUndefined()
    }
  })
})
