<script setup lang="ts">
/** A part that answers a question: made once it is asked, and as it was left on this device. */
import { useLocalStorage } from '@vueuse/core'

const props = defineProps<{
  id: string
  /** the question, which the heading is */ title: string
  /** costs so much that it is asked anew each time */ anew?: boolean
}>()
defineSlots<{ default(): unknown }>()
const emit = defineEmits<{ asked: [boolean] }>()
// Only once the page is taken over: the server knows of no device.
const left = useLocalStorage<string[]>('hush-asked-parts', [], { initOnMounted: true })
const now = ref(false)
const open = computed(() => (props.anew ? now.value : left.value.includes(props.id)))
/** Who presses sooner after it opened by itself, ms, saw it closed: that is what was asked for. */
const SEEN = 1000
let opened = -Infinity
onMounted(() => {
  if (open.value) opened = performance.now()
})
function turn() {
  if (open.value && performance.now() < opened + SEEN) return
  if (props.anew) now.value = !now.value
  else left.value = open.value ? left.value.filter(id => id !== props.id) : [...left.value, props.id]
  emit('asked', open.value)
}
</script>

<template>
  <section :aria-labelledby="`${id}-title`" class="border-t rule">
    <h2 :id="`${id}-title`" class="!text-base !mb-0">
      <UButton
        variant="ghost"
        class="w-full min-h-11 px-0 text-left font-bold"
        :icon="open ? 'i-lucide-chevron-down' : 'i-lucide-chevron-right'"
        :aria-expanded="open"
        @click="turn"
      >
        {{ title }}
      </UButton>
    </h2>
    <div v-if="open" class="pb-4">
      <slot />
    </div>
  </section>
</template>
