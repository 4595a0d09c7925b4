<script setup lang="ts">
/** The sign of an ending, 10 by 14 units, for use inside a drawing. */
import { signOf, type OutcomeLook, type Subject } from '~~/core'

const props = defineProps<{ subject: Subject; look: OutcomeLook }>()
const sign = computed(() => signOf(props.subject, props.look))
</script>

<template>
  <g>
    <path
      v-for="(stroke, i) in sign"
      :key="i"
      :d="stroke.d"
      :fill="stroke.fill ?? 'none'"
      :stroke="stroke.line"
      :stroke-width="stroke.width"
      :stroke-dasharray="stroke.dash"
      stroke-linejoin="round"
    />
  </g>
</template>
