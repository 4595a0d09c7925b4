/** A clip on this device, looked at frame by frame. */

/** Frames a second of what most cameras write; corrected by what the clip shows. */
const USUAL_RATE = 30
/** Frames that are watched for their distance. */
const WATCHED = 12

export function useClip(video: Readonly<Ref<HTMLVideoElement | null | undefined>>) {
  const url = ref('')
  const name = ref('')
  const failure = ref('')
  /** frames a second of the file */ const rate = ref(USUAL_RATE)
  /** s into the file, of the frame that is shown */ const at = ref(0)
  const length = ref(0)
  const ready = ref(false)
  const close = () => {
    if (url.value) URL.revokeObjectURL(url.value)
    url.value = ''
    ready.value = false
  }
  onScopeDispose(close)

  /** The frame that is shown next, s; a browser that does not tell says where the clip stands. */
  const shownNext = (of: HTMLVideoElement) =>
    new Promise<number>(resolve => {
      if (typeof of.requestVideoFrameCallback === 'function')
        of.requestVideoFrameCallback((_now, { mediaTime }) => resolve(mediaTime))
      else of.addEventListener('seeked', () => resolve(of.currentTime), { once: true })
    })
  /** Plays a few frames without sound and takes the usual distance between two. */
  async function measureRate(of: HTMLVideoElement) {
    if (typeof of.requestVideoFrameCallback !== 'function') return
    of.muted = true
    const times: number[] = []
    const ended = new Promise<undefined>(resolve =>
      of.addEventListener('ended', () => resolve(undefined), { once: true }),
    )
    try {
      await of.play()
      while (times.length < WATCHED) {
        const time = await Promise.race([shownNext(of), ended])
        if (time === undefined) break
        times.push(time)
      }
    } catch {
      /* it does not play here by itself; the usual rate is shown, and can be changed */
    }
    of.pause()
    const apart = times
      .slice(1)
      .map((t, i) => t - times[i]!)
      .filter(d => d > 0.001)
      .sort((a, b) => a - b)
    const middle = apart[apart.length >> 1]
    if (middle !== undefined) rate.value = Math.round((1 / middle) * 100) / 100
  }
  async function seek(time: number) {
    const of = video.value
    if (!of) return
    of.pause()
    const next = shownNext(of)
    of.currentTime = Math.min(Math.max(0, time), length.value)
    // Where it stands already no frame is shown anew.
    at.value = await Promise.race([
      next,
      new Promise<number>(resolve => setTimeout(() => resolve(of.currentTime), 500)),
    ])
  }
  let owed = 0
  let going = false
  /**
   * So many frames further, or back. Cameras leave frames out and space them unevenly: where the same
   * one is still shown it goes on to the next that differs. What is asked meanwhile is gone at once.
   */
  async function step(frames: number) {
    owed += frames
    if (going) return
    going = true
    while (owed) {
      const from = at.value
      const way = Math.sign(owed)
      let aim = from + (owed + 0.5) / rate.value
      owed = 0
      do {
        await seek(aim)
        aim += way / rate.value
      } while (at.value === from && aim > 0 && aim < length.value)
    }
    going = false
  }

  async function open(file: File) {
    close()
    failure.value = ''
    name.value = file.name
    url.value = URL.createObjectURL(file)
    await nextTick()
  }
  async function loaded() {
    const of = video.value!
    // What a browser has recorded itself tells no length until its end was looked for.
    if (!Number.isFinite(of.duration)) {
      of.currentTime = 1e6
      await new Promise(resolve => of.addEventListener('seeked', resolve, { once: true }))
    }
    length.value = Number.isFinite(of.duration) ? of.duration : of.currentTime
    await measureRate(of)
    await seek(0)
    ready.value = true
  }
  const broken = () => {
    failure.value = `${name.value} can’t be read as a clip; accepted: MP4, WebM or what else this browser plays`
    close()
  }
  return { url, failure, rate, at, length, ready, open, loaded, broken, seek, step }
}
