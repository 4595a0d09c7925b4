/**
 * One event stream for all tabs of a show: a browser gives an address six connections, and six tabs would leave none
 * for the marks. The tab that holds the lock listens and tells the others; when it closes the next one takes over.
 * Where the browser has no locks (plain http from another machine) each tab listens for itself.
 */
export type Told = 'changed' | 'marks' | 'rounds' | 'beat'
export interface Heard {
  event: Told
  data: string
}
const EVENTS: readonly Told[] = ['changed', 'marks', 'rounds', 'beat']

/** Two beats of the server missed: the line is dead, whatever the browser thinks of it, ms. */
const SILENCE = 10_000

/**
 * @param hear each event as it comes; a `changed` at first, and after every gap
 * @param lost the line is dead; it is made anew
 * @returns a function that ends it
 */
export function sharedStream(url: string, hear: (heard: Heard) => void, lost: () => void): () => void {
  const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(`hush-stream:${url}`)
  let source: EventSource | undefined
  let last = Date.now()
  let ended = false
  let release = () => {}

  function take(heard: Heard) {
    last = Date.now()
    hear(heard)
  }
  function connect() {
    source?.close()
    source = new EventSource(url)
    for (const event of EVENTS)
      source.addEventListener(event, ({ data }: MessageEvent<string>) => {
        take({ event, data })
        channel?.postMessage({ event, data })
      })
    source.addEventListener('error', lost)
  }
  channel?.addEventListener('message', ({ data }: MessageEvent<Heard>) => take(data))

  if ('locks' in navigator)
    navigator.locks
      .request(`hush-stream:${url}`, () => {
        if (ended) return
        connect()
        return new Promise<void>(resolve => {
          release = resolve
        })
      })
      .catch(connect)
  else connect()

  const watch = setInterval(() => {
    if (Date.now() - last < SILENCE) return
    last = Date.now()
    lost()
    // The tab that listened for all may be asleep: each listens for itself, then; what comes twice does no harm.
    connect()
  }, SILENCE / 10)
  return () => {
    ended = true
    clearInterval(watch)
    source?.close()
    channel?.close()
    release()
  }
}
