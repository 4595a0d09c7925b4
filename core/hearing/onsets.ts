/** Moments in a sound at which something begins: a splash, a pop, a bang. */
import { bandLevels } from './bands'
import { changepoint } from './changepoint'

export interface Onset {
  /** s into the sound */ time: number
  /** standard uncertainty, s */ uncertainty: number
  /** how far the bands rise, over what they do by themselves in this noise: 1 just stands out */ strength: number
  /** root mean square of what begins, without what was there before; as the samples count */ loudness: number
}

/** Rate at which it is looked at, Hz: whole samples are averaged, so it is this or a little more. */
const RATE = 16_000
/** Frames over which a rise is counted: 8 ms, half a frame, or two looks at one sound overlap. */
const REACH = 4
/** Frames before that, the loudest of which it must rise over: a tail that flickers begins nothing (24 ms). */
const MEMORY = 12
/** s around a moment from which its threshold is learnt. */
const AROUND = 0.5
/** The rise must be this many times as far over the median as the rises are spread. */
const OVER = 6
/** And so much in the mean of the bands, nepers of energy: a doubling. */
const LEAST_RISE = 0.7
/** Two beginnings that are nearer than this are one, s. */
const APART = 0.02
/** Where it begins is looked for so long before its steepest rise and after, s. */
const [BEFORE, AFTER] = [0.025, 0.008]
/** No time is surer than this, s: a wall's echo, the way from the vessel to the microphone. */
const LEAST_UNCERTAINTY = 0.0015

/** Every so manieth sample, each the mean of those that it stands for. */
function thinned(samples: Float32Array, every: number): Float32Array {
  if (every === 1) return samples
  const few = new Float32Array(Math.floor(samples.length / every))
  for (let i = 0; i < few.length; i++) {
    let sum = 0
    for (let j = 0; j < every; j++) sum += samples[i * every + j]
    few[i] = sum / every
  }
  return few
}

const middle = (sorted: Float64Array): number => sorted[sorted.length >> 1] ?? 0

/**
 * Onsets by spectral flux: rises of the bands' levels, added, against a threshold that follows the noise (the median
 * and the spread of the rises around it), each then put where the sound itself changes (`changepoint`). After J. P.
 * Bello et al. 2005, "A tutorial on onset detection in music signals", IEEE Trans. Speech Audio Process. 13, 1035, and
 * S. Dixon 2006, "Onset detection revisited", DAFx-06; a rise counts over the loudest of the frames just before, as in
 * S. Böck and G. Widmer 2013, "Maximum filter vibrato suppression for onset detection", DAFx-13. All from memory.
 *
 * @param samples mono, −1 to 1
 * @param rate samples a second, 8000 to 192000
 * @returns in order of time
 * @throws RangeError for another rate
 */
export function findOnsets(samples: Float32Array, rate: number): Onset[] {
  if (!(rate >= 8000 && rate <= 192_000)) throw new RangeError(`rate: given ${rate} Hz; accepted: 8000 to 192000`)
  const every = Math.max(1, Math.floor(rate / RATE))
  const sound = thinned(samples, every)
  const own = rate / every
  const { hop, start, frames } = bandLevels(sound, own)
  const rise = Float64Array.from(frames, (frame, f) => {
    if (f < REACH) return 0
    let sum = 0
    for (let b = 0; b < frame.length; b++) {
      let loudest = frames[f - REACH][b]
      for (let g = Math.max(0, f - REACH - MEMORY); g < f - REACH; g++) loudest = Math.max(loudest, frames[g][b])
      sum += Math.max(0, frame[b] - loudest)
    }
    return sum / frame.length
  })
  const around = Math.round(AROUND / hop)
  const apart = Math.round(APART / hop)
  const onsets: Onset[] = []
  for (let f = REACH; f < rise.length; f++) {
    if (rise[f] < LEAST_RISE) continue
    let highest = true
    for (let g = Math.max(0, f - apart); g <= Math.min(rise.length - 1, f + apart) && highest; g++)
      highest = rise[g] < rise[f] || (rise[g] === rise[f] && g >= f)
    if (!highest) continue
    const near = rise.slice(Math.max(REACH, f - around), f + around).sort()
    const median = middle(near)
    const spread = middle(near.map(r => Math.abs(r - median)).sort())
    const threshold = Math.max(LEAST_RISE, median + OVER * spread)
    if (rise[f] < threshold) continue
    // The frame at which the level has risen is half a frame and half the reach late.
    const steepest = start + (f - REACH / 2) * hop
    // What began before is not looked at again.
    const before = onsets.length > 0 ? onsets[onsets.length - 1].time + 0.006 : 0
    const from = Math.max(0, Math.round(Math.max(before, steepest - BEFORE) * own))
    const to = Math.min(sound.length, Math.round((steepest + AFTER) * own))
    if (to - from < 40) continue
    const found = changepoint(sharpened(sound, from, to))
    onsets.push({
      time: (from + found.at) / own,
      uncertainty: Math.max(LEAST_UNCERTAINTY, found.uncertainty / own),
      strength: rise[f] / threshold,
      loudness: loudnessFrom(sound, from + found.at, own),
    })
  }
  return onsets
}

/** s after a beginning and before it that are compared. */
const [SOUNDING, STILL] = [0.015, 0.005]

function loudnessFrom(sound: Float32Array, at: number, rate: number): number {
  const energy = (from: number, to: number): number => {
    let sum = 0
    for (let i = Math.max(0, from); i < Math.min(sound.length, to); i++) sum += sound[i] * sound[i]
    return sum / Math.max(1, to - from)
  }
  const after = energy(at, at + Math.round(SOUNDING * rate))
  return Math.sqrt(Math.max(1e-12, after - energy(at - Math.round(STILL * rate), at)))
}

/** Differences of a stretch: a room's hum goes, what cracks stays. */
function sharpened(sound: Float32Array, from: number, to: number): Float32Array {
  const out = new Float32Array(to - from)
  for (let i = 0; i < out.length; i++) out[i] = sound[from + i] - (from + i > 0 ? sound[from + i - 1] : 0)
  return out
}
