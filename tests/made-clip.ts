/** A clip that a browser films itself: dark, then red for the hush, then blue. */
import type { Page } from '@playwright/test'

/** Records a canvas. @returns the clip, and for how long it was red, s */
export const film = (page: Page) =>
  page.evaluate(async () => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 64, height: 48 })
    const pen = canvas.getContext('2d')!
    // A frame is taken when it is painted, not when the recorder comes round.
    const stream = canvas.captureStream(0)
    const [track] = stream.getVideoTracks() as CanvasCaptureMediaStreamTrack[]
    const recorder = new MediaRecorder(stream, { mimeType: 'video/webm;codecs=vp8' })
    const parts: Blob[] = []
    recorder.ondataavailable = ({ data }) => parts.push(data)
    const ended = new Promise(resolve => (recorder.onstop = resolve))
    const began = performance.now()
    recorder.start()
    const turned: number[] = []
    await new Promise<void>(resolve => {
      const timer = setInterval(() => {
        const s = (performance.now() - began) / 1000
        // Cameras leave frames out: a quarter of a second has none.
        if (s > 0.2 && s < 0.45) return
        const colour = s < 0.6 ? 0 : s < 1.1 ? 1 : 2
        if (colour > turned.length) turned.push(s)
        pen.fillStyle = ['#111', '#d00', '#00d'][colour]!
        pen.fillRect(0, 0, 64, 48)
        // A frame that is like the one before may be left out: each bears a mark of its own.
        pen.fillStyle = '#fff'
        pen.fillRect((s * 40) % 60, 44, 4, 4)
        track!.requestFrame()
        if (s > 1.7) {
          clearInterval(timer)
          resolve()
        }
      }, 40)
    })
    recorder.stop()
    await ended
    const bytes = new Uint8Array(await new Blob(parts).arrayBuffer())
    let text = ''
    for (const byte of bytes) text += String.fromCharCode(byte)
    return { clip: btoa(text), red: turned[1]! - turned[0]! }
  })
