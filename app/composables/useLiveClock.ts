/**
 * The server's clock, reckoned on a device whose own may be off: the offset of the quickest of the last answers
 * counts, which is at most half its round trip wrong.
 */
import { useIntervalFn, useLocalStorage } from '@vueuse/core'

interface Measured {
  offset: number
  trip: number
  at: number
}

const EVERY = 30_000
/** An answer as old as this counts no more: clocks are set, laptops sleep. */
const OLD = 10 * 60_000

/** @returns the better of what was known and what a fresh answer says; times in ms on the device's clock */
export function betterOffset(known: Measured | undefined, sent: number, answered: number, serverNow: number): Measured {
  const fresh = { offset: serverNow - (sent + answered) / 2, trip: answered - sent, at: answered }
  if (!known || answered - known.at > OLD || answered < known.at) return fresh
  // The device's clock was set: what was known can't be right any more.
  return Math.abs(known.offset - fresh.offset) > known.trip + fresh.trip + 50 || fresh.trip <= known.trip
    ? fresh
    : known
}

export function useLiveClock() {
  const known = useLocalStorage<Measured | null>('hush-clock', null, {
    serializer: { read: text => JSON.parse(text) as Measured | null, write: value => JSON.stringify(value) },
  })
  async function measure() {
    const sent = Date.now()
    try {
      const { now } = await $fetch<{ now: number }>('/api/live/clock', { retry: 0, timeout: 4000 })
      known.value = betterOffset(known.value ?? undefined, sent, Date.now(), now)
    } catch {
      /* offline: the last offset stands */
    }
  }
  useIntervalFn(() => void measure(), EVERY, { immediateCallback: true })
  const now = () => Date.now() + (known.value?.offset ?? 0)
  const time = ref(now())
  useIntervalFn(() => {
    time.value = now()
  }, 100)
  return { now, time, measure }
}
