/** Sound as levels in bands, hop by hop. */
import FFT from 'fft.js'
import { cos, ln, pow } from '../elementary'

/** Samples of a frame, and from one frame to the next: 16 ms and 2 ms at 16 kHz. */
const [FRAME, HOP] = [256, 32]
/** Edges of the bands, Hz: what a room hums is below, what a small loudspeaker or a phone leaves out is above. */
const [LOWEST, HIGHEST, BANDS] = [180, 7000, 10]
/** Share of the frames that are quieter than what is taken for the noise of a band. */
const NOISE_RANK = 0.3

/** Energy below this share of the loudest is not heard. */
const QUIETEST = 1e-6

export interface BandLevels {
  /** s from one frame to the next */ hop: number
  /** s into the sound, of the middle of the first frame */ start: number
  /** per frame: level of each band over its own noise, nepers of energy */ frames: readonly Float64Array[]
}

const hann = Float64Array.from({ length: FRAME }, (_, i) => 0.5 - 0.5 * cos((2 * Math.PI * i) / FRAME))

/** First bin of each band, and one past the last: as many per octave everywhere. */
function edges(rate: number): number[] {
  const top = Math.min(HIGHEST, 0.45 * rate)
  const bins = Array.from({ length: BANDS + 1 }, (_, b) =>
    Math.round((LOWEST * pow(top / LOWEST, b / BANDS) * FRAME) / rate),
  )
  for (let b = 1; b <= BANDS; b++) bins[b] = Math.max(bins[b], bins[b - 1] + 1)
  return bins
}

/**
 * Energy of each band over the noise it has in the whole sound, as a logarithm: a whisper and a drum count alike, and
 * what is below the noise counts for nothing.
 *
 * @param samples mono
 * @param rate samples a second, 8000 to 48000
 */
export function bandLevels(samples: Float32Array, rate: number): BandLevels {
  const fft = new FFT(FRAME)
  const bins = edges(rate)
  const spectrum = fft.createComplexArray()
  const windowed = new Array<number>(FRAME)
  const count = Math.max(0, Math.floor((samples.length - FRAME) / HOP) + 1)
  const energies = Array.from({ length: count }, () => new Float64Array(BANDS))
  for (let f = 0; f < count; f++) {
    for (let i = 0; i < FRAME; i++) windowed[i] = samples[f * HOP + i] * hann[i]
    fft.realTransform(spectrum, windowed)
    for (let b = 0; b < BANDS; b++) {
      let sum = 0
      for (let k = bins[b]; k < bins[b + 1]; k++) {
        const [re, im] = [spectrum[2 * k], spectrum[2 * k + 1]]
        sum += re * re + im * im
      }
      energies[f][b] = sum
    }
  }
  const noise = Array.from({ length: BANDS }, (_, b) => {
    const sorted = Float64Array.from(energies, e => e[b]).sort()
    // A sound that is silent but for one bang has no noise at all: then what is 60 dB below the loudest is none.
    return Math.max(sorted[Math.floor(NOISE_RANK * count)] ?? 0, QUIETEST * (sorted[count - 1] ?? 0), 1e-12)
  })
  const frames = energies.map(e => e.map((energy, b) => ln(1 + energy / noise[b])))
  return { hop: HOP / rate, start: FRAME / 2 / rate, frames }
}
