/** One show as it runs: its marks from every device, its votes, and marks made here that still have to be sent. */
import { newId } from '~/api/new-id'
import { refusalOf } from '~/api/sending'
import { useDebounceFn, useEventListener, useIntervalFn } from '@vueuse/core'
import { joinMarks, type AnyMarkKind, type Mark, type LiveShow } from '~~/core'

type Answer = Omit<LiveShow, 'now'>

const TRY_AGAIN = 2000

export function useLiveShow(id: string, now: () => number) {
  const { kept, keep, drop, look } = useKeptMarks(id)
  const cacheKey = `hush-show:${id}`
  const known = shallowRef<Answer | undefined>(cached())
  /** the document never changes: it keeps its identity, so that nothing is simulated anew */ const show = shallowRef(
    known.value?.show.document,
  )
  const online = ref(true)
  const failure = ref('')
  const route = useRoute()
  let sending = false

  function cached(): Answer | undefined {
    try {
      return JSON.parse(localStorage.getItem(cacheKey) ?? '') as Answer
    } catch {
      return undefined
    }
  }
  function adopt(answer: Answer) {
    known.value = { ...answer, marks: joinMarks(known.value?.marks ?? [], answer.marks) }
    show.value ??= answer.show.document
    localStorage.setItem(cacheKey, JSON.stringify(known.value))
  }

  async function refresh() {
    try {
      adopt(await $fetch<Answer>(`/api/live/${id}`, { retry: 0 }))
      online.value = true
      failure.value = ''
    } catch (error) {
      const { status, message } = refusalOf(error)
      if (status === 401) await navigateTo(`/sign-in?to=${encodeURIComponent(route.fullPath)}`)
      else if (status === 0 || status >= 500) online.value = false
      else failure.value = message
    }
  }

  /** Sends what is kept. An answer that got lost does no harm: ids tell what is there already. */
  async function send() {
    if (sending || kept.value.length === 0) return
    sending = true
    try {
      const marks = kept.value.slice(0, 500)
      const answer = await $fetch<{ marks: Mark[] }>(`/api/live/${id}/marks`, {
        method: 'POST',
        body: { marks },
        retry: 0,
        timeout: 8000,
      })
      if (known.value) adopt({ ...known.value, marks: answer.marks })
      drop(marks.map(m => m.id))
      online.value = true
    } catch (error) {
      const { status, message } = refusalOf(error)
      if (status === 0 || status >= 500) online.value = false
      // Refused for good: it stays on the device, and is told.
      else failure.value = `Marks could not be sent: ${message}`
    } finally {
      sending = false
    }
  }

  /** @param at ms on the server's clock; now, unless it is told */
  function mark(act: string, kind: AnyMarkKind, value?: string, at = now()): Mark {
    const made: Mark = { id: newId(), act, kind, at, ...(value !== undefined && { value }) }
    keep(made)
    void send()
    return made
  }

  const refreshSoon = useDebounceFn(refresh, 150, { maxWait: 400 })
  let source: EventSource | undefined
  function connect() {
    source?.close()
    source = new EventSource(`/api/live/${id}/stream`)
    source.addEventListener('changed', () => {
      void refreshSoon()
      void send()
    })
    // The browser tries again by itself; a refused one (signed out) it does not, and the interval below does.
    source.addEventListener('error', () => {
      online.value = false
    })
  }
  connect()
  useIntervalFn(() => {
    void send()
    if (!online.value) void refresh()
    if (source?.readyState === EventSource.CLOSED) connect()
  }, TRY_AGAIN)
  useEventListener(window, 'online', () => {
    void refresh()
  })
  useEventListener(window, 'storage', look)
  useEventListener(document, 'visibilitychange', () => {
    if (!document.hidden) void refresh()
  })
  onScopeDispose(() => source?.close())

  const marks = computed(() => {
    const all = new Map((known.value?.marks ?? []).map(m => [m.id, m]))
    for (const m of kept.value) all.set(m.id, m)
    return [...all.values()]
  })
  return {
    show,
    rounds: computed(() => known.value?.rounds ?? []),
    marks,
    waiting: computed(() => kept.value.length),
    online,
    failure,
    mark,
    refresh,
  }
}
