<script setup lang="ts">
/** For the class: what happened by age, the usual wrong idea, questions, and where else it happens. */
import { keyOf, type Demonstration, type Traced, type Values } from '~~/core'
import { useI18n } from 'vue-i18n'

const { t } = useI18n()
const props = defineProps<{ demonstration: Demonstration; values: Values; simulation: Traced }>()
const units = useUnitsStore()
const levels = computed(() => props.demonstration.explanation(props.values, props.simulation))
const ages = (i: number) =>
  levels.value[i + 1]
    ? t('{least} to {most}', { least: levels.value[i]!.from, most: levels.value[i + 1]!.from })
    : t('{from} and over', { from: levels.value[i]!.from })
const teaching = computed(() => props.demonstration.teaching)
</script>

<template>
  <section aria-labelledby="tell-title">
    <h2 id="tell-title">
      {{ $t('For the class') }}
    </h2>
    <Folded v-for="(level, i) in levels" :key="level.from" class="border-t rule py-1">
      <template #title>
        {{ $t('Age {ages}', { ages: ages(i) }) }}
      </template>
      <p class="py-1">
        {{ units.told(level.text) }}
      </p>
    </Folded>
    <Folded class="border-t rule py-1">
      <template #title>
        {{ $t('The wrong idea, and the answer') }}
      </template>
      <p class="py-1">
        <q>{{ units.told(teaching.wrongIdea.idea) }}</q>
      </p>
      <p class="pb-1">
        {{ units.told(teaching.wrongIdea.answer) }}
      </p>
    </Folded>
    <Folded class="border-t rule py-1">
      <template #title>
        {{ $t('Questions before and after') }}
      </template>
      <template
        v-for="[when, questions] in [
          ['before', teaching.before],
          ['after', teaching.after],
        ] as const"
        :key="when"
      >
        <p class="soft text-sm mt-1">
          {{ $t(when) }}
        </p>
        <ul class="list-disc pl-5">
          <li v-for="q in questions" :key="keyOf(q)">
            {{ units.told(q) }}
          </li>
        </ul>
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
  </section>
</template>
