<script setup lang="ts" generic="T extends string | number">
/** A choice with its label. Many are searched by typing; few are a plain list. */
interface Choice {
  value: T
  label: string
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
/** From so many on one searches. */
const MANY = 8
const groups = computed(() =>
  props.more
    ? [
        [{ type: 'label' as const, label: props.headings?.[0] ?? '' }, ...props.items],
        [{ type: 'label' as const, label: props.headings?.[1] ?? '' }, ...props.more],
      ]
    : [[...props.items]],
)
const searched = computed(() => props.items.length + (props.more?.length ?? 0) >= MANY)
</script>

<template>
  <UFormField :label="label" :ui="{ label: quiet ? 'sr-only' : '', container: quiet ? 'mt-0' : '' }">
    <USelectMenu
      v-model="model as never"
      value-key="value"
      :items="groups as never"
      :placeholder="placeholder"
      :search-input="searched ? { placeholder: $t('type to search') } : false"
      :variant="inline ? 'none' : 'outline'"
      :class="inline ? 'w-auto' : 'w-full'"
      :ui="inline ? { base: 'p-0 pe-6 underline decoration-(--gap) underline-offset-3', trailing: 'pe-0' } : {}"
    />
  </UFormField>
</template>
