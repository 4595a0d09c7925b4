/** A run of a staging that ends as a real one did, looked for away from the page's thread. */
import { DEFAULT_SEED, type StagingDocument, type Traced, type Values } from '~~/core'

interface Ended {
  document: StagingDocument
  /** by id */ outcome: string
}

/** @returns undefined until it is found, and where no draw ends so */
export function useRunThatEnded(of: () => Ended | undefined) {
  const found = shallowRef<{ key: string; values: Values; simulation: Traced }>()
  const key = computed(() => JSON.stringify(of()))
  let asked = ''
  const worker = useForecastWorker(answer => {
    if (answer.kind === 'end' && answer.run) found.value = { key: asked, ...answer.run }
  })
  watch(
    key,
    () => {
      const ended = of()
      if (!ended) return
      asked = key.value
      worker.ask({ kind: 'end', ...ended, seed: DEFAULT_SEED })
    },
    { immediate: true },
  )
  return computed(() => (found.value?.key === key.value ? found.value : undefined))
}
