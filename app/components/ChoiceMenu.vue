<script setup lang="ts">
/** The list of a choice, made when it is first opened. */
interface Choice {
  value: string | number
  label: string
  /** what tells it from another of the same name */
  description?: string
}
const props = defineProps<{
  items: readonly Choice[]
  headings?: readonly [first: string, second: string]
  more?: readonly Choice[]
  placeholder?: string
  inline?: boolean
}>()
const model = defineModel<string | number>()
const open = ref(true)
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
  <USelectMenu
    v-model="model as never"
    v-model:open="open"
    value-key="value"
    :items="groups as never"
    :placeholder="placeholder"
    :search-input="searched ? { placeholder: $t('type to search') } : false"
    :variant="inline ? 'none' : 'outline'"
    :class="inline ? 'w-auto' : 'w-full'"
    :ui="inline ? { base: 'p-0 pe-6 underline decoration-(--gap) underline-offset-3', trailing: 'pe-0' } : {}"
  />
</template>
