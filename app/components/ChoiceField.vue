<script setup lang="ts" generic="T extends string | number">
/** A choice with its label. Many are searched by typing; few are a plain list. */
interface Choice {
  value: T
  label: string
  /** what tells it from another of the same name */
  description?: string
}
const props = defineProps<{
  label: string
  /** told, but not shown: the sentence around it says what it is */
  quiet?: boolean
  items: readonly Choice[]
  /** a second list under a heading of its own, and the first one's heading */
  headings?: readonly [first: string, second: string]
  more?: readonly Choice[]
  placeholder?: string
  /** looks like a word that acts, in a line of text */
  inline?: boolean
}>()
const model = defineModel<T>()
const shown = computed(() => [...props.items, ...(props.more ?? [])].find(i => i.value === model.value)?.label)
/** A page has many and one is opened at a time: the list is fetched as one reaches for it. Told if it can't be. */
async function fetchMenu() {
  try {
    const file = await import('./ChoiceMenu.vue')
    return file.default
  } catch {
    return undefined
  }
}
const Menu = shallowRef<Awaited<ReturnType<typeof fetchMenu>>>()
async function touch() {
  Menu.value = await fetchMenu()
}
</script>

<template>
  <UFormField :label="label" :ui="{ label: quiet ? 'sr-only' : '' }">
    <component
      :is="Menu"
      v-if="Menu"
      v-model="model as never"
      :items="items"
      :headings="headings"
      :more="more"
      :placeholder="placeholder"
      :inline="inline"
    />
    <ChoiceButton
      v-else
      :shown="shown"
      :placeholder="placeholder"
      :inline="inline"
      @click="touch"
      @keydown.down.prevent="touch"
      @pointerenter.once="fetchMenu"
      @focus.once="fetchMenu"
    />
  </UFormField>
</template>
