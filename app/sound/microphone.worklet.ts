/** On the sound's own thread: hands on what the microphone brings, each block with its place on the sound's clock. */
declare const currentFrame: number
declare class AudioWorkletProcessor {
  readonly port: MessagePort
}
declare function registerProcessor(name: string, processor: new () => AudioWorkletProcessor): void

/** Samples of a block: twelve a second, at 48 kHz. */
const BLOCK = 4096

class Microphone extends AudioWorkletProcessor {
  private block = new Float32Array(BLOCK)
  private filled = 0
  process([input]: Float32Array[][]): boolean {
    const channel = input?.[0]
    if (!channel) return true
    for (let i = 0; i < channel.length; i++) {
      this.block[this.filled++] = channel[i]!
      if (this.filled < BLOCK) continue
      // The frame of the block's first sample.
      const frame = currentFrame + i + 1 - BLOCK
      this.port.postMessage({ frame, samples: this.block }, [this.block.buffer])
      this.block = new Float32Array(BLOCK)
      this.filled = 0
    }
    return true
  }
}
registerProcessor('microphone', Microphone)
