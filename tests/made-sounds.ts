/** Sounds at known moments in noise of a known level: what the tests listen to. */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

const { cos, exp, pow, sin } = Math

export type Made = 'splash' | 'bang' | 'pop'
export type Background = 'still' | 'noise' | 'talk' | 'music'

export interface MadeSound {
  rate: number
  samples: Float32Array
  /** s, in order */ events: readonly { kind: Made; time: number }[]
}

/** s over which the strength of an event is measured. */
const MEASURED = 0.03
/** Of a bang, so loud are the others. */
const LOUD: Readonly<Record<Made, number>> = { bang: 1, splash: 0.5, pop: 0.3 }
const rms = (x: Float32Array, from = 0, to = x.length): number => {
  let sum = 0
  for (let i = from; i < to; i++) sum += x[i] ** 2
  return Math.sqrt(sum / Math.max(1, to - from))
}

/**
 * @param decibels of a bang, over its first 30 ms, over the background; a splash is 6 dB less, a pop 10
 * @param seed the same, the same sound
 */
export function makeSound(
  events: MadeSound['events'],
  seconds: number,
  background: Background,
  decibels: number,
  seed: number,
  rate = 48_000,
): MadeSound {
  const random = xoroshiro128plus(seed)
  const noise = (): number => 2 * uniformFloat64(random) - 1
  const n = Math.round(seconds * rate)
  const samples = new Float32Array(n)
  const tau = (hertz: number): number => (2 * Math.PI * hertz) / rate
  if (background !== 'still') {
    let [pink, phase, pitch, volume, brightness] = [0, 0, 220, 0, 0]
    for (let i = 0; i < n; i++) {
      const t = i / rate
      pink = 0.98 * pink + 0.2 * noise()
      let voice = 0
      if (background === 'talk') {
        // Syllables, four a second, that swell and fall; some begin with a hiss.
        if (i % Math.round(rate / 4) === 0) {
          pitch = 110 + 60 * (noise() + 1)
          volume = noise() > -0.5 ? 1 : 0
          brightness = noise() > 0.4 ? 0.3 : 0
        }
        const within = (t * 4) % 1
        phase += tau(pitch)
        const swell = sin(Math.PI * within) ** 2
        voice = volume * swell * (sin(phase) + 0.6 * sin(2 * phase) + 0.4 * sin(3 * phase) + 0.2 * sin(9 * phase))
        voice += volume * brightness * swell * noise()
      } else if (background === 'music') {
        if (i % Math.round(rate / 3) === 0) pitch = 220 * pow(2, Math.round(6 * noise()) / 12)
        phase += tau(pitch)
        const within = (t * 3) % 1
        voice =
          Math.min(1, within * 20) * exp(-1.5 * within) * (sin(phase) + 0.5 * sin(2 * phase) + 0.3 * sin(4 * phase))
      }
      samples[i] =
        voice +
        (voice === 0 && background !== 'noise' ? 0.2 : background === 'noise' ? 1 : 0.1) * (pink + 0.3 * noise())
    }
    const level = rms(samples)
    for (let i = 0; i < n; i++) samples[i] *= 0.02 / level
  }
  const loud = 0.02 * pow(10, decibels / 20)
  for (const { kind, time } of events) {
    const length = Math.round((kind === 'pop' ? 0.05 : 0.5) * rate)
    const wave = new Float32Array(length)
    let low = 0
    const [one, two] = [900 + 300 * noise(), 1700 + 500 * noise()]
    for (let i = 0; i < length; i++) {
      const t = i / rate
      const hiss = noise()
      low += 0.15 * (hiss - low)
      if (kind === 'bang') wave[i] = Math.min(1, t / 0.0008) * exp(-t / 0.05) * (hiss + 2 * low)
      else if (kind === 'splash') wave[i] = Math.min(1, t / 0.004) * exp(-t / 0.12) * (hiss - low)
      else
        wave[i] = Math.min(1, t / 0.0005) * exp(-t / 0.008) * (sin(tau(one) * i) + 0.5 * cos(tau(two) * i) + 0.2 * hiss)
    }
    const scale = (LOUD[kind] * loud) / rms(wave, 0, Math.min(length, Math.round(MEASURED * rate)))
    const at = Math.round(time * rate)
    for (let i = 0; i < length && at + i < n; i++) samples[at + i] += wave[i] * scale
  }
  return { rate, samples: samples.map(x => Math.max(-1, Math.min(1, x))), events }
}

/** The same as a WAV file, 16 bits. */
export function wavOf({ samples, rate }: MadeSound): Buffer {
  const data = Buffer.from(Int16Array.from(samples, x => Math.round(x * 32_767)).buffer)
  const head = Buffer.alloc(44)
  head.write('RIFF', 0)
  head.writeUInt32LE(36 + data.length, 4)
  head.write('WAVEfmt ', 8)
  head.writeUInt32LE(16, 16)
  head.writeUInt16LE(1, 20)
  head.writeUInt16LE(1, 22)
  head.writeUInt32LE(rate, 24)
  head.writeUInt32LE(2 * rate, 28)
  head.writeUInt16LE(2, 32)
  head.writeUInt16LE(16, 34)
  head.write('data', 36)
  head.writeUInt32LE(data.length, 40)
  return Buffer.concat([head, data])
}
