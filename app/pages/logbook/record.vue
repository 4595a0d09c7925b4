<script setup lang="ts">
/** Forecast against outcome over all runs, honest about how few they are. */
import { FEW_RUNS, scoreOf, type Scored, type ScoredRun, type ScoredRuns } from '~~/core'

useHead({ title: 'How good are the forecasts? · Logbook · Zealous Hush' })
useSeoMeta({ description: 'Forecasts against outcomes over all runs.' })
const units = useUnitsStore()
const [{ data, error, refresh }, { of: listedOf }] = await Promise.all([
  useFetch<ScoredRuns>('/api/runs/scores', { lazy: true }),
  useCatalogue(),
])
const known = computed(() => (data.value?.runs ?? []).filter(r => listedOf(r.demonstration)))
/** runs whose score is still to be worked out */
const left = computed(() => data.value?.left)
const runsInAll = computed(() => known.value.length + (left.value ?? 0))
const stuck = ref(false)
let gone = false
onBeforeUnmount(() => (gone = true))
/** The server works them out a few at a time, and keeps them. */
onMounted(async () => {
  if (!data.value) await refresh({ dedupe: 'defer' })
  if (!left.value) return
  try {
    while (!gone && left.value! > 0) {
      const { runs, left: open } = await $fetch<ScoredRuns>('/api/runs/scores', { method: 'POST', body: {} })
      if (open >= left.value!) throw new Error('none was worked out')
      data.value = { runs: [...data.value!.runs, ...runs], left: open }
    }
    // With those that another window was told of.
    if (!gone) await refresh()
  } catch {
    stuck.value = true
  }
})
const scored = (list: readonly ScoredRun[]): Scored[] =>
  list.map(r => ({ share: r.share, happened: r.outcome === listedOf(r.demonstration)!.wanted }))
const score = computed(() => scoreOf(scored(known.value)))
const hundred = (x: number) => Math.round(x * 100)
/** Nobody reads more of one than thousandths. */
const brier = (x: number) => units.number(Math.round(x * 1000) / 1000)

function groups(nameOf: (run: ScoredRun) => string) {
  const by = new Map<string, ScoredRun[]>()
  for (const run of known.value) by.set(nameOf(run), [...(by.get(nameOf(run)) ?? []), run])
  return [...by]
    .map(([name, list]) => ({ name, ...scoreOf(scored(list)) }))
    .filter(g => g.name !== '')
    .sort((a, b) => b.runs - a.runs)
}
const words = (value: number | null, of: 'volume' | 'power') =>
  value === null ? '' : units.format(value, of === 'volume' ? ['mL', 'fl oz'] : ['W', 'BTU/h'], of)
const tables = computed(() =>
  [
    { title: 'By demonstration', rows: groups(r => listedOf(r.demonstration)!.name) },
    {
      title: 'By vessel',
      rows: groups(r => {
        const volume = words(r.volume, 'volume')
        return volume && `${volume}, ${listedOf(r.demonstration)!.noun[0]}`
      }),
    },
    { title: 'By heater', rows: groups(r => words(r.power, 'power')) },
  ].filter(t => t.rows.length > 0),
)
const SIZE = 300
const x = (share: number) => 40 + share * SIZE
const y = (share: number) => 20 + (1 - share) * SIZE
</script>

<template>
  <div class="max-w-5xl mx-auto px-4 sm:px-6 py-6">
    <p><NuxtLink to="/logbook" class="plain-link">Logbook</NuxtLink></p>
    <h1 class="text-3xl">How good are the forecasts?</h1>
    <p v-if="error" class="fault" role="alert">The runs can't be read just now.</p>
    <p v-else-if="left === 0 && known.length === 0" class="soft">There is no run to judge by yet.</p>
    <template v-else>
      <p class="text-lg my-2 figures" role="status" data-testid="score">
        <template v-if="left !== 0 && !stuck"> Working out {{ left }} of {{ runsInAll }}… </template>
        <template v-else-if="left"> {{ left }} of {{ runsInAll }} can't be worked out just now. </template>
        <template v-if="known.length > 0 && (left === 0 || stuck)">
          Of {{ score.runs }} run{{ score.runs === 1 ? '' : 's' }}, {{ units.number(score.expected) }} were forecast to
          end as wanted; {{ score.happened }} did. Brier score {{ brier(score.brier) }} (0 is perfect; always saying “{{
            hundred(score.happened / score.runs)
          }}
          of 100” would score {{ brier(score.brierOfBaseRate) }}).
        </template>
      </p>
      <p v-if="runsInAll < FEW_RUNS" class="font-bold" data-testid="few">
        {{ runsInAll }} runs are few: below about {{ FEW_RUNS }} neither the score nor the picture says much. The bars
        show how far the truth may lie from what was seen.
      </p>
      <div class="grid md:grid-cols-2 gap-8 mt-4">
        <figure>
          <svg viewBox="0 0 360 370" role="img" aria-labelledby="calibration-title" class="w-full max-w-lg">
            <title id="calibration-title">
              Forecast share against what happened:
              {{
                score.bins
                  .map(b => `forecast ${hundred(b.forecast)}, seen ${hundred(b.seen)} of 100 in ${b.runs} runs`)
                  .join('; ')
              }}
            </title>
            <rect :x="x(0)" :y="y(1)" :width="SIZE" :height="SIZE" fill="none" stroke="var(--hairline)" />
            <line :x1="x(0)" :y1="y(0)" :x2="x(1)" :y2="y(1)" stroke="var(--outside-air)" stroke-dasharray="5 4" />
            <g v-for="b in score.bins" :key="b.from">
              <line
                :x1="x(b.forecast)"
                :x2="x(b.forecast)"
                :y1="y(b.low)"
                :y2="y(b.high)"
                stroke="var(--gap)"
                stroke-width="3"
              />
              <circle :cx="x(b.forecast)" :cy="y(b.seen)" :r="4 + Math.min(8, Math.sqrt(b.runs))" fill="var(--ink)" />
              <text
                :x="x(b.forecast) + (b.forecast > 0.85 ? -12 : 12)"
                :y="y(b.seen) + (b.seen > 0.5 ? 24 : -14)"
                font-size="13"
                fill="var(--ink)"
                :text-anchor="b.forecast > 0.85 ? 'end' : 'start'"
              >
                {{ b.runs }} run{{ b.runs === 1 ? '' : 's' }}
              </text>
            </g>
            <g font-size="13" fill="var(--soft-ink)">
              <text v-for="t in [0, 50, 100]" :key="t" :x="x(t / 100)" :y="y(0) + 17" text-anchor="middle">
                {{ t }}
              </text>
              <text v-for="t in [0, 50, 100]" :key="`y${t}`" :x="x(0) - 5" :y="y(t / 100) + 4" text-anchor="end">
                {{ t }}
              </text>
              <text :x="x(0.5)" :y="y(0) + 36" text-anchor="middle">forecast to end as wanted, of 100</text>
              <text :x="x(0)" y="13">did, of 100</text>
            </g>
          </svg>
          <figcaption class="text-sm soft">
            On the dashed line forecast and outcome agree. Bars: 90 % intervals (Wilson).
          </figcaption>
          <p class="text-sm soft mt-3">
            What the runs have taught about efficiency, purge and strength stands on each staging’s Bench, where it can
            be switched off.
          </p>
        </figure>
        <div class="grid gap-5 content-start">
          <section v-for="t in tables" :key="t.title">
            <h2>{{ t.title }}</h2>
            <table class="w-full figures text-sm">
              <thead class="text-left soft">
                <tr>
                  <th scope="col" />
                  <th scope="col">runs</th>
                  <th scope="col">forecast</th>
                  <th scope="col">did</th>
                  <th scope="col">Brier</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="g in t.rows" :key="g.name" class="border-t rule">
                  <th scope="row" class="font-normal text-left py-1">
                    {{ g.name }}
                  </th>
                  <td>{{ g.runs }}</td>
                  <td>{{ units.number(g.expected) }}</td>
                  <td>{{ g.happened }}</td>
                  <td>{{ brier(g.brier) }}</td>
                </tr>
              </tbody>
            </table>
          </section>
        </div>
      </div>
    </template>
  </div>
</template>
