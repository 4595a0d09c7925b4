<script setup lang="ts">
/** A form that is looked at as it is sent: what is wrong stands in it, and the first of it comes into sight. */
import type { FormError } from '@nuxt/ui'
import { useCurrentElement } from '@vueuse/core'

defineProps<{
  state: object
  /** what is wrong, by field; nothing is sent while there is something */ check?: () => FormError[]
}>()
const emit = defineEmits<{ submit: [] }>()
const form = useCurrentElement<HTMLElement>()
async function showFirst() {
  await nextTick()
  form.value?.querySelector('[role=alert]')?.scrollIntoView({ block: 'center' })
}
</script>

<template>
  <UForm
    :state="state"
    :validate="check"
    :validate-on="[]"
    :loading-auto="false"
    novalidate
    @submit="emit('submit')"
    @error="showFirst"
  >
    <slot />
  </UForm>
</template>
