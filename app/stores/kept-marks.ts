/**
 * Marks that were made here, until the server says that it has them. They are sent from any page of the application; a
 * device that can keep nothing sends them all the same.
 */
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { refusalOf } from '~/api/sending'
import { whenAwake } from '~/waking/turns'
import { dropMarks, readMarks, writeMark, type KeptMark } from '~/storage/device'
import type { Mark } from '~~/core'

/** Marks in one request, and ms after which it is given up and made again. */
const [AT_ONCE, PATIENCE] = [500, 8000]
const TRY_AGAIN = 2000

/** Earlier versions kept marks, and shows, elsewhere on the device. */
function takeOver(keep: (show: string, mark: Mark) => Promise<void>): void {
  try {
    for (const key of Object.keys(localStorage).filter(k => /^hush-(mark|show):/.test(k))) {
      const [, kind, show] = /^hush-(mark|show):([^:]+)/.exec(key)!
      try {
        if (kind === 'mark') {
          // It leaves its old place once it is in the new one.
          keep(show!, JSON.parse(localStorage.getItem(key)!) as Mark).then(
            () => localStorage.removeItem(key),
            () => {},
          )
          continue
        }
      } catch {
        /* half of one: it was never whole */
      }
      localStorage.removeItem(key)
    }
  } catch {
    /* forbidden: then there is nothing to take over */
  }
}

export const useKeptMarksStore = defineStore('kept-marks', () => {
  const kept = shallowRef<KeptMark[]>([])
  /** false: what is made here is gone with the page, unless it is sent before */
  const canKeep = ref(true)
  const online = ref(true)
  /** a show's marks as the server answered last */
  const answered = shallowRef<{ show: string; marks: Mark[] }>()
  const waiting = computed(() => kept.value.filter(k => k.refused === undefined))
  const others =
    import.meta.server || typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('hush-marks')
  let sending = false

  const failed = () => {
    canKeep.value = false
  }
  async function look() {
    try {
      const stored = await readMarks()
      const known = new Set(kept.value.map(k => k.mark.id))
      kept.value = [...kept.value, ...stored.filter(k => !known.has(k.mark.id))]
    } catch {
      failed()
    }
  }

  /** @returns resolves once it is kept, or can't be (`canKeep`); it is sent whether or not */
  function keep(show: string, mark: Mark): Promise<void> {
    const one: KeptMark = { show, mark }
    kept.value = [...kept.value, one]
    const written = writeMark(one).then(() => others?.postMessage('kept'), failed)
    void send()
    return written
  }
  function drop(ids: readonly string[]) {
    kept.value = kept.value.filter(k => !ids.includes(k.mark.id))
    dropMarks(ids).catch(failed)
    others?.postMessage(ids)
  }
  /** It stays here, is told, and stands in nobody's way. */
  function refuse(id: string, why: string) {
    kept.value = kept.value.map(k => (k.mark.id === id ? { ...k, refused: why } : k))
    const one = kept.value.find(k => k.mark.id === id)
    if (one) writeMark(one).catch(failed)
  }

  async function post(show: string, marks: Mark[]): Promise<boolean> {
    try {
      const answer = await $fetch<{ marks: Mark[] }>(`/api/live/${show}/marks`, {
        method: 'POST',
        body: { marks },
        retry: 0,
        timeout: PATIENCE,
      })
      online.value = true
      answered.value = { show, marks: answer.marks }
      drop(marks.map(m => m.id))
      return true
    } catch (error) {
      const { status, message } = refusalOf(error)
      if (status === 0 || status >= 500 || status === 401 || status === 429) {
        online.value = status === 401 || status === 429
        return false
      }
      // One that is refused must not hold up the others: each is tried by itself.
      if (marks.length === 1) refuse(marks[0]!.id, message)
      else for (const mark of marks) if (!(await post(show, [mark]))) return false
      return true
    }
  }

  /** Sends all that waits; what is made meanwhile goes at once with the next. */
  async function send() {
    if (sending) return
    sending = true
    try {
      while (waiting.value.length > 0) {
        const { show } = waiting.value[0]!
        const own = waiting.value.filter(k => k.show === show).slice(0, AT_ONCE)
        if (
          !(await post(
            show,
            own.map(k => k.mark),
          ))
        )
          break
      }
    } finally {
      sending = false
    }
  }

  others?.addEventListener('message', ({ data }: MessageEvent<'kept' | string[]>) => {
    if (data === 'kept') void look()
    else kept.value = kept.value.filter(k => !data.includes(k.mark.id))
  })
  // Nothing of it is seen at first: the page goes before.
  whenAwake(() => {
    takeOver(keep)
    void look().then(send)
    setInterval(() => void send(), TRY_AGAIN)
  })
  return { kept, waiting, canKeep, online, answered, keep, send }
})
