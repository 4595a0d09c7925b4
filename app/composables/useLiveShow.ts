/** One show as it runs: its marks from every device, its votes, and marks made here that still have to be sent. */
import { newId } from '~/api/new-id'
import { refusalOf } from '~/api/sending'
import { useDebounceFn, useEventListener, useIntervalFn } from '@vueuse/core'
import { readShow, writeShow } from '~/storage/device'
import { sharedStream, type Heard } from '~/storage/shared-stream'
import { joinMarks, loadDemonstrations, type AnyMarkKind, type LiveShow, type Mark, type VoteRound } from '~~/core'

type Answer = Omit<LiveShow, 'now'>

const TRY_AGAIN = 2000
/** A server that says nothing for so long is as good as away, ms. */
const PATIENCE = 8000

export function useLiveShow(id: string, now: () => number) {
  const own = useKeptMarksStore()
  const known = shallowRef<Answer>()
  /** the document never changes: it keeps its identity, so that nothing is simulated anew */
  const show = shallowRef<Answer['show']['document']>()
  const online = ref(true)
  const failure = ref('')
  const canKeep = ref(true)
  const route = useRoute()

  function keep() {
    if (!known.value) return
    writeShow({ id, at: Date.now(), show: known.value }).catch(() => {
      canKeep.value = false
    })
  }
  const keepSoon = useDebounceFn(keep, 300)
  function adopt(answer: Answer) {
    const first = !known.value
    known.value = { ...answer, marks: joinMarks(known.value?.marks ?? [], answer.marks) }
    show.value ??= answer.show.document
    // Seen once it opens again, however soon the page is left.
    if (first) keep()
    else void keepSoon()
  }
  const adoptMarks = (marks: Mark[]) => known.value && adopt({ ...known.value, marks })

  const ask = useFromServer()
  const fetchFor = (answer: Answer) => loadDemonstrations(answer.show.document.acts.map(a => a.staging.demonstration))
  async function refresh() {
    try {
      const answer = await ask<Answer>(`/api/live/${id}`, { retry: 0, timeout: PATIENCE })
      await fetchFor(answer)
      adopt(answer)
      online.value = true
      failure.value = ''
    } catch (error) {
      const { status, message } = refusalOf(error)
      if (status === 401) await navigateTo(`/sign-in?to=${encodeURIComponent(route.fullPath)}`)
      else if (status === 0 || status >= 500) {
        online.value = false
        // As this device saw it last.
        const kept = known.value ? undefined : await readShow(id).catch(() => undefined)
        if (kept && !known.value) {
          await fetchFor(kept.show)
          adopt(kept.show)
        }
      } else failure.value = message
    }
  }

  /** @param at ms on the server's clock; now, unless it is told */
  function mark(act: string, kind: AnyMarkKind, value?: string, at = now()): Mark {
    const made: Mark = { id: newId(), act, kind, at, ...(value !== undefined && { value }) }
    void own.keep(id, made)
    return made
  }

  const refreshSoon = useDebounceFn(refresh, 150, { maxWait: 400 })
  function hear({ event, data }: Heard) {
    if (event === 'beat') {
      if (!online.value) void refreshSoon()
    } else if (event === 'marks') adoptMarks(JSON.parse(data) as Mark[])
    else if (event === 'rounds') {
      if (known.value) adopt({ ...known.value, rounds: JSON.parse(data) as VoteRound[] })
    } else {
      void refreshSoon()
      void own.send()
    }
  }
  onScopeDispose(
    sharedStream(`/api/live/${id}/stream`, hear, () => {
      online.value = false
    }),
  )
  watch(
    () => own.answered,
    answer => {
      if (answer?.show === id) adoptMarks(answer.marks)
    },
  )
  watch(
    () => own.online,
    is => {
      if (!is) online.value = false
    },
  )
  useIntervalFn(() => {
    if (!online.value) void refresh()
  }, TRY_AGAIN)
  useEventListener(window, 'online', () => {
    void refresh()
  })
  useEventListener(document, 'visibilitychange', () => {
    if (!document.hidden) void refresh()
  })

  const marks = computed(() => {
    const all = new Map((known.value?.marks ?? []).map(m => [m.id, m]))
    for (const k of own.kept) if (k.show === id) all.set(k.mark.id, k.mark)
    return [...all.values()]
  })
  return {
    show,
    rounds: computed(() => known.value?.rounds ?? []),
    marks,
    waiting: computed(() => own.waiting.filter(k => k.show === id).length),
    refused: computed(() => own.kept.filter(k => k.show === id && k.refused !== undefined)),
    canKeep: computed(() => own.canKeep && canKeep.value),
    online,
    failure,
    mark,
    refresh,
  }
}
