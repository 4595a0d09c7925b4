<script setup lang="ts">
/** What stands above Live: which show, its clock, and whether its marks have got through. */
import { countWords, type ShowDocument } from '~~/core'

defineProps<{
  show?: ShowDocument
  speed: number
  /** s of the show */ sinceStart?: number
  /** how the marks of this device get through; `refused` tells why */
  line: { online: boolean; waiting: number; canKeep: boolean; refused: readonly string[] }
  /** whether the microphone listens; undefined where it has nothing to hear */ ear?: boolean
}>()
defineEmits<{ keys: []; listen: [] }>()
const sounds = defineModel<boolean>('sounds', { required: true })
</script>

<template>
  <header class="flex flex-wrap items-center gap-x-5 gap-y-1">
    <NuxtLink to="/live" class="plain-link !text-(--ink)">
      {{ $t('Leave') }}
    </NuxtLink>
    <h1 class="!text-lg font-normal">
      {{ show?.title }}
      <b v-if="show?.rehearsal" class="text-(--vapour)"
        >{{ $t('Rehearsal') }}<template v-if="speed !== 1">{{ $t(', clock × {speed}', { speed }) }}</template></b
      >
    </h1>
    <span v-if="sinceStart !== undefined" class="figures soft" data-testid="show-clock">{{
      $t(sinceStart < 0 ? 'begins in {time}' : '{time} since the start', { time: countWords(sinceStart * 1000) })
    }}</span>
    <span class="ml-auto figures" role="status" data-testid="line">
      <template v-if="!line.online"
        ><b class="text-(--danger)">{{ $t('⚠ Offline.') }}</b>
        {{ $t('{n} mark kept on this device. | {n} marks kept on this device.', line.waiting) }}</template
      >
      <template v-else-if="line.waiting">{{ $t('Sending {n}…', { n: line.waiting }) }}</template>
      <template v-else><span class="soft">{{ $t('All marks sent') }}</span></template>
      <template v-if="!line.canKeep">
        <b class="text-(--danger)">{{ $t('⚠ This device can keep nothing: stay on this page until all is sent.') }}</b>
      </template>
      <template v-if="line.refused.length">
        <b class="text-(--danger)" :title="line.refused.join('\n')">{{
          $t('⚠ {n} mark was not taken. | ⚠ {n} marks were not taken.', line.refused.length)
        }}</b>
      </template>
    </span>
    <UButton v-if="ear !== undefined" icon="i-lucide-mic" :aria-pressed="ear" @click="$emit('listen')">
      {{ $t(ear ? 'Listening' : 'Listen') }} <kbd aria-hidden="true">e</kbd>
    </UButton>
    <UButton :aria-pressed="sounds" @click="sounds = !sounds">
      {{ $t(sounds ? 'Sound on' : 'Sound off') }} <kbd aria-hidden="true">m</kbd>
    </UButton>
    <UButton :aria-label="$t('List of keys')" @click="$emit('keys')">?</UButton>
  </header>
</template>
