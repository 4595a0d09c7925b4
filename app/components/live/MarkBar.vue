<script setup lang="ts">
/** What is pressed in Live: the act that is next, large; the marks; and what to do when nothing happens. */
import { keyOf, type FailureAct } from '~~/core'
import { MARK_KEYS, markNames } from './mark-keys'

const props = defineProps<{
  marking: ReturnType<typeof useMarking>
  /** of the big button */ words: string
  /** that it confirms a gate */ gate: boolean
  /** what sealing is called */ sealed: string
  panel?: 'vote' | 'readings'
  /** during the hush */ nothingHappens?: readonly FailureAct[]
}>()
defineEmits<{ toggle: [panel: 'vote' | 'readings'] }>()
const units = useUnitsStore()
const names = computed(() => markNames(props.sealed))
const keysShown = computed(() => Object.entries(MARK_KEYS).filter(([, kind]) => props.marking.shown(kind)))
const { refusal } = props.marking
const bigButton = ref<HTMLButtonElement>()
defineExpose({ focus: () => bigButton.value?.focus() })
</script>

<template>
  <footer class="sticky bottom-0 pb-3 pt-2 bg-(--paper) grid gap-2">
    <p v-if="refusal" class="fault !text-lg" role="alert">
      {{ refusal }}
    </p>
    <button
      ref="bigButton"
      class="big-button"
      :class="gate ? 'gate' : ''"
      data-testid="big-button"
      @click="marking.doWanted"
    >
      {{ words }} <kbd aria-hidden="true">{{ $t('Enter') }}</kbd>
    </button>
    <div class="flex flex-wrap gap-2" role="group" :aria-label="$t('Marks')">
      <button
        v-for="[key, kind] in keysShown"
        :key="key"
        class="mark-key grow"
        :aria-disabled="marking.refusalTo(kind) !== undefined"
        @click="marking.markKind(kind)"
      >
        <kbd aria-hidden="true">{{ key }}</kbd> {{ $t(names[kind]) }}
        <span v-if="marking.marked(kind)" class="soft">✓</span>
      </button>
      <button class="mark-key" @click="marking.undo"><kbd aria-hidden="true">z</kbd> {{ $t('Undo') }}</button>
      <button class="mark-key" :aria-expanded="panel === 'vote'" @click="$emit('toggle', 'vote')">
        <kbd aria-hidden="true">v</kbd> {{ $t('Vote') }}
      </button>
      <button class="mark-key" :aria-expanded="panel === 'readings'" @click="$emit('toggle', 'readings')">
        <kbd aria-hidden="true">r</kbd> {{ $t('Readings') }}
      </button>
      <button class="mark-key" @click="marking.skip">
        {{ $t('Skip this one') }}
      </button>
    </div>
    <Folded v-if="nothingHappens" class="text-lg">
      <template #title>
        {{ $t('Nothing happens: what to do, in order') }}
      </template>
      <ol class="list-decimal pl-6">
        <li v-for="step in nothingHappens" :key="keyOf(step.text)">
          {{ units.told(step.text) }}
        </li>
      </ol>
    </Folded>
  </footer>
</template>
