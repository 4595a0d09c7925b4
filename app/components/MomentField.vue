<script setup lang="ts">
/** A day and a time of day as the reader's language writes them, typed part by part. */
import { useMounted } from '@vueuse/core'
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
const mounted = useMounted()

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
  <span class="inline-block min-w-48" @focusout="commit">
    <!-- Its parts take any text until they are alive: before that it is read only. -->
    <span v-if="!mounted" class="inline-block px-2 py-0.5 text-base">
      {{ value && units.date(value, { dateStyle: 'short', timeStyle: 'short' }) }}
    </span>
    <UInputDate v-else v-model="typed" granularity="minute" :locale="units.locale" :aria-label="label" hide-time-zone />
  </span>
</template>
