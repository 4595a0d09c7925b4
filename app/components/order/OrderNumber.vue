<script setup lang="ts">
/** A number of a running order under what it is called; it tells what was typed, whatever that is. */
defineOptions({ inheritAttrs: false })
defineProps<{ label: string; value: number | undefined; least?: number; most: number }>()
const emit = defineEmits<{ commit: [text: string] }>()
</script>

<template>
  <label class="grid"
    >{{ label
    }}<KeptInput
      v-bind="$attrs"
      type="number"
      :min="least ?? 0"
      :max="most"
      :value="value ?? ''"
      @commit="emit('commit', $event)"
  /></label>
</template>
