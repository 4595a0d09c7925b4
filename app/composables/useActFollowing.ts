/** The forecast of the act in focus, following its marks and the clock. */
import { useIntervalFn } from '@vueuse/core'
import { DEFAULT_SEED, type Followed, type Mark, type StagingDocument, type Taught } from '~~/core'

const EVERY = 1000

export function useActFollowing(
  ask: () => { document: StagingDocument; marks: Mark[]; act: string; speed: number; taught?: Taught } | undefined,
  now: () => number,
) {
  const followed = shallowRef<Followed>()
  const of = ref('')
  let asked = ''
  const worker = useForecastWorker(answer => {
    if (answer.kind !== 'follow') return
    followed.value = answer.followed
    of.value = asked
  }, true)
  function again() {
    const what = ask()
    if (!what) return
    if (what.act !== asked) {
      asked = what.act
      followed.value = undefined
    }
    worker.ask({ kind: 'follow', ...what, seed: DEFAULT_SEED, now: now() })
  }
  useIntervalFn(again, EVERY, { immediateCallback: true })
  return { followed: computed(() => (of.value === ask()?.act ? followed.value : undefined)), again }
}
