import {
  attemptReading,
  cuesOf,
  focusOf,
  nextHeat,
  placeIn,
  resolveStaging,
  startOf,
  storyOf,
  wantedNow,
  type Mark,
  type ShowDocument,
} from '~~/core'

/** The acts of a show, where each stands by its marks, and the one that is on. @param time ms, of the shared clock */
export function useLiveActs(
  show: Readonly<Ref<ShowDocument | undefined>>,
  marks: Readonly<Ref<readonly Mark[]>>,
  time: Readonly<Ref<number>>,
) {
  const speed = computed(() => show.value?.speed ?? 1)
  /** Every act read and simulated once: the document never changes. */
  const acts = computed(() =>
    (show.value?.acts ?? []).flatMap(act => {
      const { read } = attemptReading(() => resolveStaging(act.staging))
      if (!read) return []
      const simulation = read.demonstration.simulate(read.values, 'trace')
      return {
        ...act,
        title: act.staging.title || read.demonstration.name,
        read,
        simulation,
        cues: cuesOf(read.demonstration, simulation, read.values),
      }
    }),
  )
  /** acts of a show that was begun when they were still accepted */
  const broken = computed(() =>
    (show.value?.acts ?? [])
      .filter(a => !acts.value.some(b => b.id === a.id))
      .map(a => ({ id: a.id, title: a.staging.title, ...attemptReading(() => resolveStaging(a.staging)) })),
  )
  const standings = computed(() =>
    acts.value.map(a => ({ id: a.id, story: storyOf(marks.value, a.id), heatOn: a.heatOn, lift: a.lift })),
  )
  const started = computed(() => startOf(marks.value))
  const sinceStart = computed(() =>
    started.value === undefined ? undefined : ((time.value - started.value) / 1000) * speed.value,
  )
  /** turned to by hand, until that act is closed */
  const chosen = ref<string>()
  const focus = computed(() => chosen.value ?? focusOf(standings.value, sinceStart.value))
  const act = computed(() => acts.value.find(a => a.id === focus.value))
  const story = computed(() => storyOf(marks.value, focus.value ?? ''))
  watch(
    () => story.value.closed,
    closed => {
      if (closed) chosen.value = undefined
    },
  )
  const wanted = computed(() => act.value && wantedNow(act.value.cues, story.value))
  const place = computed(() => (act.value ? placeIn(act.value.cues, story.value) : 0))
  const cue = computed(() => act.value?.cues[place.value])
  const upcoming = computed(() => act.value?.cues[place.value + 1] ?? undefined)
  const hushing = computed(() => story.value.times.sealed !== undefined && story.value.outcome === undefined)
  const allDone = computed(() => acts.value.length > 0 && standings.value.every(s => s.story.closed !== undefined))
  /** another act that must go on the heat soon */
  const soon = computed(() => {
    if (sinceStart.value === undefined) return undefined
    const others = standings.value.filter(s => s.id !== focus.value)
    const next = nextHeat(others, sinceStart.value)
    return next && { title: acts.value.find(a => a.id === next.id)!.title, in: next.in }
  })
  return {
    speed,
    acts,
    broken,
    standings,
    started,
    sinceStart,
    chosen,
    focus,
    act,
    story,
    wanted,
    cue,
    upcoming,
    hushing,
    allDone,
    soon,
  }
}

export type LiveAct = ReturnType<typeof useLiveActs>['acts']['value'][number]
