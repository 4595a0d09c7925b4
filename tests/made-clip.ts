/** A clip whose frames stand where they are put: dark, then red for the hush, then blue. */
import { BufferTarget, EncodedPacket, EncodedVideoPacketSource, Output, WebMOutputFormat } from 'mediabunny'
import type { Page } from '@playwright/test'

/** s into the clip at which it turns red and blue, and at which it ends. */
const [RED, BLUE, END] = [0.6, 1.1, 1.7]
/** s between two frames; cameras leave frames out: a quarter of a second has none. */
const STEP = 0.04
const LEFT_OUT = [0.2, 0.45] as const

/** Frames that the page's browser has encoded, one after the other, each with the time that it was given. */
const encoded = (page: Page, frames: readonly { at: number; colour: string }[]) =>
  page.evaluate(async frames => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 64, height: 48 })
    const pen = canvas.getContext('2d')!
    const packets: { bytes: number[]; key: boolean; at: number }[] = []
    let failure: unknown
    const encoder = new VideoEncoder({
      output: chunk => {
        const bytes = new Uint8Array(chunk.byteLength)
        chunk.copyTo(bytes)
        packets.push({ bytes: [...bytes], key: chunk.type === 'key', at: chunk.timestamp / 1e6 })
      },
      error: problem => (failure = problem),
    })
    encoder.configure({ codec: 'vp8', width: 64, height: 48, latencyMode: 'quality', bitrate: 200_000 })
    for (const { at, colour } of frames) {
      pen.fillStyle = colour
      pen.fillRect(0, 0, 64, 48)
      const frame = new VideoFrame(canvas, { timestamp: at * 1e6 })
      encoder.encode(frame)
      frame.close()
    }
    await encoder.flush()
    encoder.close()
    if (failure) throw failure
    return packets
  }, frames)

/** @returns the clip, and for how long it is red, s */
export async function film(page: Page): Promise<{ clip: Buffer; red: number }> {
  const times = Array.from({ length: Math.round(END / STEP) }, (_, i) => i * STEP)
  const packets = await encoded(
    page,
    times
      .filter(at => at <= LEFT_OUT[0] || at >= LEFT_OUT[1])
      .map(at => ({ at, colour: at < RED ? '#111' : at < BLUE ? '#d00' : '#00d' })),
  )
  const target = new BufferTarget()
  const output = new Output({ format: new WebMOutputFormat(), target })
  const source = new EncodedVideoPacketSource('vp8')
  output.addVideoTrack(source)
  await output.start()
  const decoderConfig = { codec: 'vp8', codedWidth: 64, codedHeight: 48 }
  for (const { bytes, key, at } of packets) {
    const packet = new EncodedPacket(Uint8Array.from(bytes), key ? 'key' : 'delta', at, STEP)
    await source.add(packet, { decoderConfig })
  }
  await output.finalize()
  const first = (from: number) => times.find(at => at >= from)!
  return { clip: Buffer.from(target.buffer!), red: first(BLUE) - first(RED) }
}
