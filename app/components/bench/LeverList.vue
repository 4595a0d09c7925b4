<script setup lang="ts">
/** Changes within reach, best first, each with what it does to the odds. */
import {
  RUNS_DRY,
  WORTH_TELLING,
  asQuantity,
  findInput,
  say,
  type Demonstration,
  type Lever,
  type QuantityInput,
} from '~~/core'

const props = defineProps<{ demonstration: Demonstration; levers?: Lever[]; failure?: string }>()
const emit = defineEmits<{ pull: [input: QuantityInput, si: number]; choose: [input: string, choice: string] }>()
const units = useUnitsStore()
const inputOf = (id: string) => findInput(props.demonstration, id)!
const words = (lever: Lever) => {
  const input = inputOf(lever.input)
  if (input.kind === 'choice')
    return [lever.from, lever.to].map(id => units.told(input.choices.find(c => c.id === id)?.name ?? '')).join(' → ')
  const from = lever.from as number
  const told = (si: number) => units.told(say`${asQuantity(si, input.quantity, { units: input.units, like: from })}`)
  return `${told(from)} → ${told(lever.to as number)}`
}
function pull(lever: Lever) {
  const input = inputOf(lever.input)
  if (input.kind === 'choice') emit('choose', input.id, lever.to as string)
  else emit('pull', input, lever.to as number)
}
const count = (share: number) => Math.round(share * 100)
/** The strongest change of each input among those that pass; smaller steps of the same thing say nothing new. */
function strongest(levers: Lever[]): Lever[] {
  const byInput = new Map<string, Lever>()
  for (const lever of levers) {
    const known = byInput.get(lever.input)
    if (!known || Math.abs(lever.after - lever.before) > Math.abs(known.after - known.before))
      byInput.set(lever.input, lever)
  }
  return [...byInput.values()]
}
const steps = computed(() => props.levers?.filter(l => typeof l.to === 'number') ?? [])
/** Other ways that people do it, each with what it buys here, be it nothing. */
const schools = computed(() => props.levers?.filter(l => typeof l.to === 'string') ?? [])
const better = computed(() =>
  strongest(steps.value.filter(l => l.after >= l.before + WORTH_TELLING && l.dryAfter < RUNS_DRY)),
)
const worse = computed(() => strongest(steps.value.filter(l => l.after <= l.before - WORTH_TELLING)))
</script>

<template>
  <section aria-labelledby="levers-title" data-testid="levers">
    <h2 id="levers-title">
      {{ $t('Levers') }}
    </h2>
    <p v-if="failure" class="fault" role="alert">
      {{ $t('Some levers can’t be computed: {why}', { why: failure }) }}
    </p>
    <p v-if="!levers && !failure" class="soft">
      {{ $t('Trying what is within reach…') }}
    </p>
    <template v-else-if="levers">
      <p v-if="!better.length" class="soft">
        {{ $t('Nothing within reach makes it noticeably better.') }}
      </p>
      <ul class="figures">
        <li
          v-for="lever in [...better, ...worse]"
          :key="`${lever.input}${lever.to}`"
          class="flex gap-3 py-1 border-t rule first:border-t-0 items-baseline"
        >
          <span class="flex-1"
            ><span class="capitalize-first">{{ units.told(inputOf(lever.input).name) }}</span> {{ words(lever) }}</span
          >
          <span :class="lever.after < lever.before ? 'text-(--danger)' : ''"
            ><span aria-hidden="true">{{ lever.after < lever.before ? '▼' : '▲' }}</span> {{ count(lever.before) }} →
            <b>{{ count(lever.after) }}</b> {{ $t('of 100') }}</span
          >
          <UButton v-if="lever.after >= lever.before" class="text-sm" @click="pull(lever)">
            {{ $t('Do it')
            }}<span class="sr-only">{{ ` ${units.told(inputOf(lever.input).name)} ${words(lever)}` }}</span>
          </UButton>
        </li>
      </ul>
      <template v-if="schools.length">
        <h3 class="text-base font-bold mt-3">
          {{ $t('Other ways people do it') }}
        </h3>
        <ul class="figures">
          <li
            v-for="lever in schools"
            :key="`${lever.input}${lever.to}`"
            class="flex gap-3 py-1 border-t rule first:border-t-0 items-baseline"
          >
            <span class="flex-1">{{ words(lever).split(' → ')[1] }}</span>
            <span>{{ count(lever.before) }} → <b>{{ count(lever.after) }}</b> {{ $t('of 100') }}</span>
            <UButton class="text-sm" @click="pull(lever)">
              {{ $t('Do it') }}<span class="sr-only">{{ ` ${words(lever)}` }}</span>
            </UButton>
          </li>
        </ul>
      </template>
      <p class="text-sm soft mt-1">
        {{ $t('Each tried on up to 400 stagings, the same for all: its strongest step of two in a hundred or more.') }}
      </p>
    </template>
  </section>
</template>
