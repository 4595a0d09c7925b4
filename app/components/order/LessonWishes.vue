<script setup lang="ts">
/** What a lesson is to be about, for whom, how long, and what there is to do it with. */
import { EQUIPMENT, EQUIPMENT_IDS, LESSON_TOPICS, type Equipment } from '~~/core'
import type { LessonWishes } from './wishes'

defineProps<{ /** what the Shelf has of it */ onShelf: readonly Equipment[] }>()
const wishes = defineModel<LessonWishes>({ required: true })
const change = (part: Partial<LessonWishes>) => {
  wishes.value = { ...wishes.value, ...part }
}
const tick = (thing: Equipment, there: boolean | 'indeterminate') =>
  change({ things: EQUIPMENT_IDS.filter(id => (id === thing ? there === true : wishes.value.things.includes(id))) })
const field = <K extends keyof LessonWishes>(key: K) =>
  computed({ get: () => wishes.value[key], set: value => change({ [key]: value }) })
const [topic, age, minutes, heaters, hands] = [
  field('topic'),
  field('age'),
  field('minutes'),
  field('heaters'),
  field('hands'),
]
const TOPICS = [{ value: '', label: 'any' }, ...LESSON_TOPICS.map(t => ({ value: t, label: t }))]
const AGES = Array.from({ length: 14 }, (_, i) => ({ value: i + 5, label: String(i + 5) }))
</script>

<template>
  <div class="grid gap-3 content-start">
    <div class="flex flex-wrap gap-3 items-end">
      <ChoiceField v-model="topic" class="w-48" label="Topic" :items="TOPICS" />
      <ChoiceField v-model="age" class="w-20" label="Age" :items="AGES" />
    </div>
    <div class="flex flex-wrap gap-3">
      <UFormField label="Minutes"><UInputNumber v-model="minutes" :min="10" :max="180" class="w-28" /></UFormField>
      <UFormField label="Heaters"><UInputNumber v-model="heaters" :min="0" :max="12" class="w-24" /></UFormField>
      <UFormField label="People with free hands">
        <UInputNumber v-model="hands" :min="1" :max="8" class="w-24" />
      </UFormField>
    </div>
    <fieldset>
      <legend class="font-bold">What is there</legend>
      <p class="flex flex-wrap gap-2 my-1">
        <UButton size="xs" @click="change({ things: EQUIPMENT_IDS.filter(t => onShelf.includes(t)) })"
          >What the Shelf has</UButton
        >
        <UButton size="xs" @click="change({ things: EQUIPMENT_IDS.filter(t => t !== 'fuel') })">All but fuel</UButton>
        <UButton size="xs" @click="change({ things: [] })">Nothing</UButton>
      </p>
      <div class="grid sm:grid-cols-2 lg:grid-cols-1 gap-x-4">
        <UCheckbox
          v-for="thing in EQUIPMENT_IDS"
          :key="thing"
          :model-value="wishes.things.includes(thing)"
          :label="EQUIPMENT[thing]"
          class="min-h-7"
          @update:model-value="tick(thing, $event)"
        />
      </div>
    </fieldset>
  </div>
</template>
