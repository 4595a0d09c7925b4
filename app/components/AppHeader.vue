<script setup lang="ts">
import { LANGUAGES } from '~/locales'

const units = useUnitsStore()
const route = useRoute()
const keysOpen = ref(false)

const places = [
  { key: '1', name: 'Shelf', to: '/shelf', question: 'what have I got?' },
  { key: '2', name: 'Bench', to: '/bench', question: 'will it work?' },
  { key: '3', name: 'Running order', to: '/order', question: 'can I do all of it in this lesson?' },
  { key: '4', name: 'Live', to: '/live', question: 'what do I do now?' },
  { key: '5', name: 'Logbook', to: '/logbook', question: 'what happened, and why?' },
]
const isHere = (to: string) => route.path === to || route.path.startsWith(`${to}/`)

useShortcut((key, event) => {
  const place = places.find(p => p.key === key)
  if (place) navigateTo(place.to)
  else if (key === '?') keysOpen.value = true
  else if (key === 'u') units.system = units.system === 'si' ? 'us' : 'si'
  else return
  event.preventDefault()
})
</script>

<template>
  <header class="border-b rule bg-(--paper) px-4 sm:px-6">
    <div class="flex flex-wrap items-center gap-x-3 sm:gap-x-6 gap-y-1 py-2 max-w-[1500px] mx-auto">
      <NuxtLink to="/bench" class="display text-lg no-underline" :aria-label="$t('Zealous Hush, to the Bench')">
        Zealous <span class="text-(--gap)">Hush</span>
      </NuxtLink>
      <nav :aria-label="$t('Places')" class="flex gap-1">
        <NuxtLink
          v-for="place in places"
          :key="place.to"
          :to="place.to"
          :aria-current="isHere(place.to) ? 'page' : undefined"
          :title="$t(place.question)"
          class="px-2 max-sm:px-1 max-sm:text-sm py-1 border-b-2 whitespace-nowrap"
          :class="isHere(place.to) ? 'border-(--ink) font-bold' : 'border-transparent soft hover:border-(--hairline)'"
        >
          {{ $t(place.name) }} <kbd class="max-sm:hidden" aria-hidden="true">{{ place.key }}</kbd>
        </NuxtLink>
      </nav>
      <RoomConditions class="sm:ml-auto max-sm:order-last" />
      <div class="flex items-center gap-2 max-sm:ml-auto">
        <div role="group" :aria-label="$t('Units')" class="flex border rule rounded-md overflow-hidden text-sm">
          <button
            v-for="[system, label] in [
              ['si', 'SI'],
              ['us', 'US'],
            ] as const"
            :key="system"
            class="px-2 py-1 cursor-pointer"
            :aria-pressed="units.system === system"
            :class="units.system === system ? 'bg-(--ink) text-(--paper)' : 'bg-(--sheet)'"
            @click="units.system = system"
          >
            {{ label }}
          </button>
        </div>
        <div role="group" :aria-label="$t('Language')" class="flex border rule rounded-md overflow-hidden text-sm">
          <button
            v-for="(name, language) in LANGUAGES"
            :key="language"
            class="px-2 py-1 cursor-pointer uppercase"
            :lang="language"
            :aria-label="name"
            :title="name"
            :aria-pressed="units.language === language"
            :class="units.language === language ? 'bg-(--ink) text-(--paper)' : 'bg-(--sheet)'"
            @click="units.language = language"
          >
            {{ language }}
          </button>
        </div>
        <button class="quiet-button !px-2" :aria-label="$t('List of keys')" @click="keysOpen = true">?</button>
      </div>
    </div>
    <KeyList v-model:open="keysOpen" />
  </header>
</template>
