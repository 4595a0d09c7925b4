/** A data logger's lines, read as they come, drawn at once and sent in batches that can't be doubled. */
import { newId } from '~/api/new-id'
import { useIntervalFn } from '@vueuse/core'
import { bytesOf, choosePort } from '~/serial/port'
import { LoggerReader, type Reading } from '~~/core'

interface Batch {
  id: string
  act: string
  source: string
  readings: Reading[]
}
const SEND_EVERY = 1000

/** Times of readings are s since 1970 on the server's clock. */
export function useLoggerStream(showId: string, now: () => number) {
  const readings = shallowRef<Reading[]>([])
  const state = ref<'off' | 'on' | 'lost'>('off')
  const source = ref('')
  const reader = shallowRef<LoggerReader>()
  /** why the line could not be opened */ const failure = ref('')
  let stop: AbortController | undefined
  let current = ''
  let fresh: Reading[] = []
  const unsent: Batch[] = []

  /** What has come belongs to the act that was current. */
  function pack() {
    if (fresh.length > 0) unsent.push({ id: newId(), act: current, source: source.value, readings: fresh })
    fresh = []
  }

  async function load(act: string) {
    pack()
    current = act
    readings.value = []
    try {
      await fetchAll(act)
    } catch {
      /* offline: what comes from now on is still drawn */
    }
  }
  async function fetchAll(act: string) {
    const answer = await $fetch<{ source: string; readings: Reading[] }>(`/api/live/${showId}/readings`, {
      query: { act },
    })
    if (current !== act) return
    readings.value = answer.readings
    source.value = answer.source
  }
  /** Everything that the server has of an act, with what was still to be sent. @throws if it can't be reached */
  async function complete(act: string) {
    await send()
    await fetchAll(act)
  }

  /**
   * Follows a logger's lines until they end. Where the logger's clock began is told by its first reading.
   * @param speed of the logger's clock against ours @param open its bytes; aborted, they have to end
   */
  async function follow(
    act: string,
    speed: number,
    from: string,
    open: (signal: AbortSignal) => Promise<ReadableStream<Uint8Array>>,
  ) {
    stop?.abort()
    stop = new AbortController()
    const mine = stop
    pack()
    source.value = from
    current = act
    state.value = 'on'
    failure.value = ''
    const lines = (reader.value = new LoggerReader())
    const decoder = new TextDecoder()
    let zero: number | undefined
    try {
      const bytes = (await open(mine.signal)).getReader()
      mine.signal.addEventListener('abort', () => void bytes.cancel().catch(() => {}))
      for (;;) {
        const { value, done } = await bytes.read()
        if (done) break
        const got = lines.read(decoder.decode(value, { stream: true }))
        if (got.length === 0) continue
        zero ??= now() / 1000 - got[0]!.time / speed
        const timed = got.map(r => ({ ...r, time: zero! + r.time / speed }))
        fresh.push(...timed)
        readings.value = [...readings.value, ...timed]
      }
    } catch (error) {
      if (error instanceof Error && !mine.signal.aborted) failure.value = error.message
    }
    if (stop === mine) state.value = mine.signal.aborted || lines.ended ? 'off' : 'lost'
  }
  const connect = (act: string, speed: number) =>
    follow(act, speed, 'simulated', async signal => {
      const answer = await fetch(`/api/live/${showId}/logger?act=${encodeURIComponent(act)}`, { signal })
      if (!answer.ok || !answer.body) throw new Error(answer.statusText)
      return answer.body
    })
  /** A logger at a serial port, which the browser asks for; its clock goes as ours does. */
  async function connectPort(act: string, rate: number) {
    try {
      const port = await choosePort(rate)
      if (port) await follow(act, 1, 'serial port', signal => bytesOf(port, signal))
    } catch (error) {
      failure.value = error instanceof Error ? error.message : String(error)
    }
  }
  function disconnect() {
    stop?.abort()
    state.value = 'off'
  }

  let sending = false
  async function send() {
    pack()
    if (sending) return
    sending = true
    try {
      while (unsent.length > 0) {
        await $fetch(`/api/live/${showId}/readings`, { method: 'POST', body: unsent[0], retry: 0, timeout: 5000 })
        unsent.shift()
      }
    } catch {
      /* kept, and sent again */
    } finally {
      sending = false
    }
  }
  useIntervalFn(() => void send(), SEND_EVERY)
  onScopeDispose(disconnect)
  return { readings, state, source, reader, failure, load, complete, connect, connectPort, disconnect }
}
