import {
  DEFAULT_SEED,
  findInput,
  observationOf,
  type Forecast,
  type Investigation,
  type Lever,
  type ReadStaging,
  type StagingDocument,
  type StoredRun,
} from '~~/core'

/** Weighs in a worker what can have been off in a run, with what earlier runs have taught. */
export function useInvestigation(
  run: Readonly<Ref<StoredRun | undefined>>,
  read: Readonly<Ref<ReadStaging | undefined>>,
  planned: Readonly<Ref<StagingDocument | undefined>>,
) {
  const units = useUnitsStore()
  const forecast = shallowRef<Forecast>()
  const found = shallowRef<Investigation>()
  const levers = shallowRef<Lever[]>([])
  const failure = ref('')
  const worker = useForecastWorker(answer => {
    if (answer.kind === 'investigate') {
      forecast.value = answer.forecast
      found.value = answer.investigation
      levers.value = answer.levers
    } else if (answer.kind === 'failed') failure.value = answer.message
  })
  const past = useTaught(() => planned.value)
  watch(
    past.ready,
    ready => {
      if (!ready || !run.value || !read.value) return
      const measured = Object.keys(run.value.document.used).filter(
        input => findInput(read.value!.demonstration, input)?.group !== 'room',
      )
      worker.ask({
        kind: 'investigate',
        document: { ...planned.value!, title: '' },
        used: { ...run.value.staging, title: '', inputs: { ...run.value.staging.inputs, ...run.value.document.used } },
        measured,
        seen: observationOf(read.value, run.value.document),
        seed: DEFAULT_SEED,
        taught: past.taught.value,
        units: units.system,
      })
    },
    { immediate: true },
  )

  return { forecast, found, levers, failure }
}
