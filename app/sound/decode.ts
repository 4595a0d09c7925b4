import type { Sound } from './sound'

/** A file of this length is some 90 MB once it is decoded: a run lasts minutes, what is heard of it seconds. */
const MOST_SECONDS = 240
const MOST_BYTES = 60e6

/**
 * A sound file, mono. It stays on this device.
 * @throws Error in words if the browser can't read it, or it is too long
 */
export async function decodeSound(file: File): Promise<Sound> {
  if (file.size > MOST_BYTES)
    throw new Error(`${file.name}: given ${Math.round(file.size / 1e6)} MB; accepted: at most ${MOST_BYTES / 1e6} MB`)
  const context = new OfflineAudioContext(1, 1, 48_000)
  let decoded: AudioBuffer
  try {
    decoded = await context.decodeAudioData(await file.arrayBuffer())
  } catch {
    throw new Error(`${file.name} can’t be read as a sound; accepted: WAV, MP3, OGG or what else this browser plays`)
  }
  if (decoded.duration > MOST_SECONDS)
    throw new Error(
      `${file.name}: given ${Math.round(decoded.duration)} s; accepted: at most ${MOST_SECONDS} s, around the moment`,
    )
  const samples = new Float32Array(decoded.length)
  for (let c = 0; c < decoded.numberOfChannels; c++) {
    const channel = decoded.getChannelData(c)
    for (let i = 0; i < samples.length; i++) samples[i] += channel[i]! / decoded.numberOfChannels
  }
  return { samples, rate: decoded.sampleRate, from: file.name.slice(0, 60) }
}
