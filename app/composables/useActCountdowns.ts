/** The act in focus as its marks have it: its forecast, which follows them, and what is counted down. */
import { countdowns, type ActStory, type Mark } from '~~/core'
import type { LiveAct } from './useLiveActs'

interface Of {
  act: Readonly<Ref<LiveAct | undefined>>
  story: Readonly<Ref<ActStory>>
  marks: Readonly<Ref<readonly Mark[]>>
  speed: Readonly<Ref<number>>
}

/** @param now ms, of the shared clock */
export function useActCountdowns({ act, story, marks, speed }: Of, now: () => number) {
  const past = useTaught(() => act.value?.staging)
  const { followed, again } = useActFollowing(
    () =>
      act.value && story.value.closed === undefined
        ? {
            document: act.value.staging,
            marks: JSON.parse(JSON.stringify(marks.value)) as Mark[],
            act: act.value.id,
            speed: speed.value,
            taught: past.taught.value,
          }
        : undefined,
    now,
  )
  watch([marks, () => act.value?.id], () => again())
  const believed = computed(() =>
    followed.value && act.value
      ? act.value.read.demonstration.simulate(followed.value.values, 'summary')
      : act.value?.simulation,
  )
  const counts = computed(() =>
    act.value && believed.value
      ? countdowns(
          act.value.read.demonstration,
          followed.value?.values ?? act.value.read.values,
          believed.value,
          followed.value,
          story.value,
          speed.value,
        )
      : [],
  )
  return { past, followed, counts }
}
