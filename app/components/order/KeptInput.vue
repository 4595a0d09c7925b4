<script setup lang="ts">
/** A field that keeps what is being typed, whatever is drawn anew meanwhile; it tells the value when it is done. */
defineOptions({ inheritAttrs: false })
const props = defineProps<{ value: string | number | undefined }>()
const emit = defineEmits<{ commit: [text: string] }>()
const typed = ref<string>()
const shown = computed(() => typed.value ?? String(props.value ?? ''))
function done(event: Event) {
  const text = (event.target as HTMLInputElement).value
  emit('commit', text)
}
// What was stored takes over once it has come; what was refused stays as typed until the field is left.
watch(
  () => props.value,
  () => {
    typed.value = undefined
  },
)
</script>

<template>
  <UInput v-bind="$attrs" :model-value="shown" @update:model-value="typed = String($event)" @change="done" />
</template>
