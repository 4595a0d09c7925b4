<script setup lang="ts">
/** For the class: what happened by age, the usual wrong idea, questions, and where else it happens. */
import { askedOfRun, keyOf, whyNotCrushed, type Demonstration, type Traced, type Values } from '~~/core'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const props = defineProps<{ demonstration: Demonstration; values: Values; simulation: Traced }>()
const units = useUnitsStore()
const levels = computed(() => props.demonstration.explanation(props.values, props.simulation))
const ages = (of: readonly { from: number }[], i: number) =>
  of[i + 1]
    ? t('{least} to {most}', { least: of[i]!.from, most: of[i + 1]!.from })
    : t('{from} and over', { from: of[i]!.from })
const teaching = computed(() => props.demonstration.teaching)
const after = computed(() => askedOfRun(teaching.value.after, props.values, props.simulation))
const notCrushed = computed(() => {
  const room = props.values.numbers.stationPressure
  return room === undefined ? [] : whyNotCrushed(room)
})
</script>

<template>
  <div>
    <Folded v-for="(level, i) in levels" :key="level.from" class="border-t rule py-1">
      <template #title>
        {{ $t('Age {ages}', { ages: ages(levels, i) }) }}
      </template>
      <p class="py-1">
        {{ units.told(level.text) }}
      </p>
    </Folded>
    <Folded class="border-t rule py-1">
      <template #title>
        {{ $t('Wrong ideas that classes have') }}
      </template>
      <dl v-for="wrong in teaching.wrongIdeas" :key="keyOf(wrong.idea)" class="py-1">
        <dt>
          <q class="font-bold">{{ units.told(wrong.idea) }}</q>
        </dt>
        <dd><span class="soft">{{ $t('Ask:') }}</span> {{ units.told(wrong.ask) }}</dd>
        <dd>{{ units.told(wrong.answer) }}</dd>
      </dl>
    </Folded>
    <Folded v-if="notCrushed.length" class="border-t rule py-1">
      <template #title>
        {{ $t('Why aren’t we crushed? Why don’t we feel it?') }}
      </template>
      <dl>
        <template v-for="(level, i) in notCrushed" :key="level.from">
          <dt class="soft text-sm mt-1">{{ $t('Age {ages}', { ages: ages(notCrushed, i) }) }}</dt>
          <dd>{{ units.told(level.text) }}</dd>
        </template>
      </dl>
    </Folded>
    <Folded class="border-t rule py-1">
      <template #title>
        {{ $t('Questions before and after') }}
      </template>
      <template
        v-for="[when, questions] in [
          ['before', teaching.before],
          ['after', after],
        ] as const"
        :key="when"
      >
        <p class="soft text-sm mt-1">
          {{ $t(when) }}
        </p>
        <dl>
          <template v-for="q in questions" :key="keyOf(q.ask)">
            <dt>{{ units.told(q.ask) }}</dt>
            <dd class="soft mb-1 pl-5">{{ units.told(q.answer) }}</dd>
          </template>
        </dl>
      </template>
    </Folded>
    <Folded class="border-y rule py-1">
      <template #title>
        {{ $t('Where else it happens') }}
      </template>
      <ul class="list-disc pl-5 py-1">
        <li v-for="place in teaching.elsewhere" :key="keyOf(place)">
          {{ units.told(place) }}
        </li>
      </ul>
    </Folded>
  </div>
</template>
