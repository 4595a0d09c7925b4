<script setup lang="ts">
/**
 * A day and a time of day as the reader's language writes them, typed part by part. On a page that came from the server
 * it is a button until one reaches for it: what it is typed with is not fetched before.
 */
import type { Component } from 'vue'
import { parseDateTime, type CalendarDateTime, type DateValue } from '@internationalized/date'

const props = defineProps<{
  /** of the room's clock: "2027-03-01T09:30", or nothing yet */
  value: string
  /** what it is called, for those who do not see it */
  label: string
}>()
/** Told once one leaves it, as a whole; what is half typed changes nothing. */
const emit = defineEmits<{ commit: [value: string] }>()
const units = useUnitsStore()
/** Its parts take any text until they are alive, so the server draws none. */
const Parts = shallowRef<Component>()
const place = useTemplateRef<HTMLElement>('place')
const shown = computed(() =>
  read(props.value) ? units.date(props.value, { dateStyle: 'short', timeStyle: 'short' }) : '…',
)
/** Whoever came to the button is in the first part then. Where it can't be fetched the page tells it. */
async function open() {
  let parts: Component
  try {
    const file = await import('#ui/components/InputDate.vue')
    parts = file.default
  } catch {
    return
  }
  const focused = place.value?.contains(document.activeElement)
  Parts.value = parts
  await nextTick()
  if (focused) place.value?.querySelector<HTMLElement>('[role=spinbutton]')?.focus()
}
if (import.meta.client && !useNuxtApp().isHydrating) void open()
// Or came to it before it could answer.
onMounted(() => {
  if (place.value?.contains(document.activeElement)) void open()
})

function read(text: string): CalendarDateTime | undefined {
  try {
    return parseDateTime(text)
  } catch {
    return undefined
  }
}
const typed = shallowRef<DateValue | undefined>(read(props.value))
watch(
  () => props.value,
  value => {
    typed.value = read(value)
  },
)
function commit(event: FocusEvent) {
  const group = event.currentTarget as HTMLElement
  if (group.contains(event.relatedTarget as Node | null)) return
  const text = typed.value?.toString().slice(0, 16)
  if (text && text !== props.value.slice(0, 16)) emit('commit', text)
  else typed.value = read(props.value)
}
</script>

<template>
  <span ref="place" class="inline-block min-w-48" @focusout="commit">
    <component
      :is="Parts"
      v-if="Parts"
      v-model="typed"
      granularity="minute"
      :locale="units.locale"
      :aria-label="label"
      hide-time-zone
    />
    <UButton
      v-else
      class="w-full px-2 max-md:text-base figures bg-(--field) ring-(--field-line)"
      :aria-label="`${label}: ${shown}`"
      @click="open"
      @pointerenter.once="open"
      @focus.once="open"
      >{{ shown }}</UButton
    >
  </span>
</template>
