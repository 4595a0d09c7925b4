<script setup lang="ts">
/**
 * A number in a sentence. A sentence has many and one is changed at a time: the editor is fetched as one reaches for
 * it, and made when it is touched.
 */
import type { Input, OutcomeSpec, QuantityDocument, Spread, StripPoint, Subject } from '~~/core'
import type { StagingEditor } from '~/composables/useStagingEditor'

const props = defineProps<{
  input: Input
  /** SI, with defaults filled in */
  value: number | string
  /** as it stands in the document, if it does */
  document?: QuantityDocument | string
  /** as stated */ spread?: Spread
  /** how sure one usually is of it */ usual?: Spread
  strip?: StripPoint[]
  outcomes: readonly OutcomeSpec[]
  subject: Subject
  editor: StagingEditor
}>()
const emit = defineEmits<{ strip: [] }>()
const { shown } = useShownInput(props)
const fetchEditor = () => import('./InputEditor.vue')
const Editor = shallowRef<Awaited<ReturnType<typeof fetchEditor>>['default']>()
async function touch() {
  Editor.value = (await fetchEditor()).default
}
</script>

<template>
  <!-- A flex box, so that no space of the popover's own stands before a full stop. -->
  <span class="inline-flex"
    ><component :is="Editor" v-if="Editor" v-bind="props" @strip="emit('strip')" /><BlankButton
      v-else
      :input="input"
      :shown="shown"
      @click="touch"
      @pointerenter.once="fetchEditor"
      @focus.once="fetchEditor"
  /></span>
</template>
