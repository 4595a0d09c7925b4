<script setup lang="ts">
/** The verdict in natural frequencies, with the hundred drawn. */
import { atLeastOne, countInHundred, vesselsNeeded, type Demonstration, type Forecast, type Traced } from '~~/core'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const units = useUnitsStore()
const props = defineProps<{
  demonstration: Demonstration
  forecast?: Forecast
  complete: boolean
  /** the forecast is of the plan before; of this one there is none yet */ stale: boolean
  simulation: Traced
}>()

const hundred = computed(() =>
  props.forecast ? countInHundred(props.demonstration.outcomes, props.forecast.shares) : [],
)
const wanted = computed(() => hundred.value.find(o => o.id === props.demonstration.wanted))
const marks = computed(() => hundred.value.flatMap(o => Array.from({ length: o.count }, () => o.look)))
/** Each sign is drawn once, and used as often as it is counted. */
const signs = useId()
const looks = computed(() => [...new Set(marks.value)])
const others = computed(() => hundred.value.filter(o => o.id !== props.demonstration.wanted && o.count > 0))
/** A span in one unit. */
const span = (a: number, b: number) =>
  t(
    '{least} to {most}',
    b < 0.95
      ? { least: units.number(a * 1000, 2), most: `${units.number(b * 1000, 2)} ms` }
      : { least: units.number(a, 2), most: `${units.number(b, 2)} s` },
  )
const share = computed(() => props.forecast?.shares[props.demonstration.wanted] ?? 0)
/** Of 100, from which one need not say in how many. */
const NEARLY_ALL = 99
/** How long it takes; in how many, where not in nearly all; and until what, where that is not what is wanted. */
const hush = computed(() => {
  const { forecast, demonstration } = props
  const found = forecast?.quantiles.hush
  if (!found) return ''
  const count = Math.round((100 * found.count) / forecast.samples)
  const how = { span: span(found.p10, found.p90), count }
  if (count < 1) return ''
  if (count >= NEARLY_ALL && 100 * share.value > count - 2) return t('Hush {span}.', how)
  const name = units.told(demonstration.results.find(r => r.id === 'hush')?.name ?? 'hush')
  const what = name.slice(0, 1).toLocaleUpperCase(units.locale) + name.slice(1)
  return count < NEARLY_ALL ? t('{what} {span}, in {count} of 100.', { ...how, what }) : `${what} ${how.span}.`
})
const vessels = computed(() => vesselsNeeded(share.value))
const COUNTS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten', 'Eleven', 'Twelve']
const bring = computed(() =>
  vessels.value === undefined
    ? ''
    : `${t(COUNTS[vessels.value]!)} ${units.told(props.demonstration.noun[vessels.value === 1 ? 0 : 1])}`,
)
const uncertain = computed(() =>
  props.forecast ? Math.max(1, Math.round(2 * (props.forecast.errors[props.demonstration.wanted] ?? 0) * 100)) : 0,
)
</script>

<template>
  <section :aria-label="$t('Verdict')" class="min-h-[14rem] sm:min-h-[8.25rem]" data-testid="verdict">
    <template v-if="forecast && wanted">
      <!-- When it is painted is measured (npm run vitals). -->
      <p class="display text-[clamp(1.6rem,2.5vw,2.2rem)] figures" aria-live="polite" elementtiming="odds">
        <span class="capitalize-first">{{ units.told(wanted.name) }}</span> {{ $t('in') }}
        <span class="odds" :class="{ stale }" data-testid="odds">{{ wanted.count }}</span> {{ $t('of 100') }}
        <span class="soft text-lg font-normal">{{ $t('stagings like this') }}</span>
      </p>
      <svg
        viewBox="0 0 600 34"
        preserveAspectRatio="xMinYMid meet"
        class="w-full my-1 block max-h-9"
        role="img"
        :aria-label="hundred.map(o => `${o.count} ${units.told(o.name)}`).join(', ') + ` ${$t('of 100')}`"
      >
        <defs>
          <g v-for="look in looks" :id="`${signs}-look-${look}`" :key="look">
            <OutcomeShape :subject="demonstration.subject" :look="look" />
          </g>
        </defs>
        <use
          v-for="(mark, i) in marks"
          :key="i"
          :href="`#${signs}-look-${mark}`"
          :transform="`translate(${(i % 50) * 12 + 1} ${Math.floor(i / 50) * 17 + 1}) scale(1.05)`"
        />
      </svg>
      <p class="figures">
        <template v-if="hush">{{ `${hush} ` }}</template>
        <template v-if="vessels !== undefined">
          {{
            `${$t(
              '{bring} gives {odds} in 100 or better to show one. | {bring} give {odds} in 100 or better to show one.',
              { bring, odds: Math.min(99, Math.floor(atLeastOne(share, vessels) * 100)) },
              vessels,
            )} `
          }}
        </template>
        <template v-else>
          {{
            `${$t('Not even twelve {several} make it likely: change something first.', {
              several: units.told(demonstration.noun[1]),
            })} `
          }}
        </template>
        <template v-for="o in others" :key="o.id">
          <span class="whitespace-nowrap"
            ><OutcomeMark :subject="demonstration.subject" :look="o.look" />
            {{ `${units.told(o.name)}: ${o.count}.` }}</span
          >{{ ' ' }}
        </template>
        <span class="soft text-sm whitespace-nowrap">{{
          stale
            ? $t('Of the plan before: this one has no odds yet.')
            : complete
              ? $t('{n} stagings computed: ± {error} of 100.', { n: forecast.samples, error: uncertain })
              : $t('{n} computed so far: ± {error} of 100…', { n: forecast.samples, error: uncertain })
        }}</span>
      </p>
    </template>
    <p v-else class="display text-2xl soft">
      {{
        $t('Nominally it {ends}; computing the odds…', {
          ends: units.told(demonstration.outcomes.find(o => o.id === simulation.outcome)!.name),
        })
      }}
    </p>
  </section>
</template>

<style scoped>
.odds {
  color: var(--gap);
}
/* Most are there before it shows. */
.stale {
  color: var(--soft-ink);
  transition: color 0.1s 0.3s;
}
</style>
