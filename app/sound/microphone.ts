import worklet from './microphone.worklet.ts?worker&url'
import type { Sound } from './sound'

/** So much of what was heard is kept, s; what is older goes. */
export const KEPT_SECONDS = 120

export interface Microphone {
  /** what was heard between two moments, ms since 1970; nothing of it is kept elsewhere */
  heard: (from: number, to: number) => Sound
  stop: () => Promise<void>
}

const WHY: Readonly<Record<string, string>> = {
  NotAllowedError: 'the browser was told not to let this page listen; allow the microphone for it, and try again',
  NotFoundError: 'there is no microphone here',
  NotReadableError: 'another program has the microphone',
}

/**
 * Listens, on this device only. Nothing is smoothed or made louder: a bang stays a bang.
 * @param now ms since 1970, on the clock of the marks
 * @throws Error in words where there is no microphone, or it is not allowed
 */
export async function openMicrophone(now: () => number): Promise<Microphone> {
  // A browser offers it over https, and on the machine's own address.
  if (typeof navigator.mediaDevices?.getUserMedia !== 'function')
    throw new Error('a browser lets a page listen over https, or on this machine’s own address, only')
  let stream: MediaStream
  try {
    stream = await navigator.mediaDevices.getUserMedia({
      audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false, channelCount: 1 },
    })
  } catch (error) {
    throw new Error(WHY[(error as DOMException).name] ?? String(error), { cause: error })
  }
  const context = new AudioContext()
  const stop = async () => {
    for (const track of stream.getTracks()) track.stop()
    await context.close()
  }
  try {
    await context.audioWorklet.addModule(worklet)
    await context.resume()
  } catch (error) {
    // Nobody listens where nothing is heard.
    await stop()
    throw new Error('the part that listens could not be fetched; read the page again', { cause: error })
  }
  const { sampleRate: rate } = context
  const kept = new Float32Array(KEPT_SECONDS * rate)
  /** frames that have come since it began */ let end = 0
  /** ms since 1970 at frame 0: the earliest that a block allows, since one may come late but never early */
  let zero = Infinity
  const node = new AudioWorkletNode(context, 'microphone', { numberOfOutputs: 0 })
  node.port.onmessage = ({ data }: MessageEvent<{ frame: number; samples: Float32Array }>) => {
    const { frame, samples } = data
    for (let i = 0; i < samples.length; i++) kept[(frame + i) % kept.length] = samples[i]!
    end = frame + samples.length
    zero = Math.min(zero, now() - (end / rate) * 1000)
  }
  context.createMediaStreamSource(stream).connect(node)
  const label = stream.getAudioTracks()[0]?.label || 'microphone'
  return {
    heard(from, to) {
      const frameOf = (at: number) => Math.round(((at - zero) / 1000) * rate)
      const first = Math.max(0, end - kept.length, Math.min(end, frameOf(from)))
      const last = Math.max(first, Math.min(end, frameOf(to)))
      const samples = Float32Array.from({ length: last - first }, (_, i) => kept[(first + i) % kept.length]!)
      return { samples, rate, from: label.slice(0, 60), startedAt: zero + (first / rate) * 1000 }
    },
    stop,
  }
}
