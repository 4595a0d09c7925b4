<script setup lang="ts">
/** Units and language of whoever reads, one touch each. */
import { LANGUAGES } from '~/locales'

const units = useUnitsStore()
</script>

<template>
  <div class="flex items-center gap-2">
    <InTurn>
      <div role="group" :aria-label="$t('Units')" class="flex border rule rounded-md overflow-hidden text-sm">
        <UButton
          v-for="[system, label] in [
            ['si', 'SI'],
            ['us', 'US'],
          ] as const"
          :key="system"
          variant="ghost"
          class="px-2 py-1 rounded-none"
          :aria-pressed="units.system === system"
          :class="units.system === system ? 'bg-(--ink) text-(color:--paper) hover:bg-(--ink)' : 'bg-(--sheet)'"
          @click="units.system = system"
        >
          {{ label }}
        </UButton>
      </div>
    </InTurn>
    <InTurn>
      <div role="group" :aria-label="$t('Language')" class="flex border rule rounded-md overflow-hidden text-sm">
        <UButton
          v-for="(name, language) in LANGUAGES"
          :key="language"
          variant="ghost"
          class="px-2 py-1 rounded-none uppercase"
          :lang="language"
          :aria-label="name"
          :title="name"
          :aria-pressed="units.language === language"
          :class="units.language === language ? 'bg-(--ink) text-(color:--paper) hover:bg-(--ink)' : 'bg-(--sheet)'"
          @click="units.language = language"
        >
          {{ language }}
        </UButton>
      </div>
    </InTurn>
  </div>
</template>
