<script setup lang="ts">
import { PLACES, isIn } from './places'

const units = useUnitsStore()
const who = useWhoStore()
const route = useRoute()
const keysOpen = ref(false)

const findOpen = ref(false)
const menuOpen = ref(false)
const isHere = (to: string) => isIn(to, route.path)
const here = computed(() => PLACES.find(p => isHere(p.to)))

useShortcut((key, event) => {
  const place = PLACES.find(p => p.key === key)
  if (place) navigateTo(place.to)
  else if (key === '?') keysOpen.value = true
  else if (key === 'u') units.system = units.system === 'si' ? 'us' : 'si'
  else return
  event.preventDefault()
})
// With Ctrl it works in fields too, and whatever is said of single keys.
defineShortcuts({
  meta_k: {
    usingInput: true,
    handler: () => {
      findOpen.value = !findOpen.value
    },
  },
})
</script>

<template>
  <header class="border-b rule bg-(--paper) px-4 sm:px-6">
    <div class="flex sm:flex-wrap items-center gap-x-2 sm:gap-x-3 gap-y-1 py-2 max-sm:py-1 max-w-[1500px] mx-auto">
      <NuxtLink
        to="/bench"
        class="display text-lg no-underline max-sm:sr-only max-sm:focus:not-sr-only"
        :aria-label="$t('Zealous Hush, to the Bench')"
      >
        Zealous <span class="text-(--gap)">Hush</span>
      </NuxtLink>
      <InTurn
        ><UButton
          class="sm:hidden px-2"
          icon="i-lucide-menu"
          aria-haspopup="dialog"
          :aria-label="here ? $t('Places; this is {place}', { place: $t(here.name) }) : $t('Places')"
          @click="menuOpen = true"
          >{{ here && $t(here.name) }}</UButton
        ></InTurn
      >
      <InTurn>
        <nav :aria-label="$t('Places')" class="flex gap-0.5 max-sm:hidden">
          <NuxtLink
            v-for="place in PLACES"
            :key="place.to"
            :to="place.to"
            :aria-current="isHere(place.to) ? 'page' : undefined"
            :title="$t(place.question)"
            class="px-1.5 py-1 border-b-2 whitespace-nowrap"
            :class="isHere(place.to) ? 'border-(--ink) font-bold' : 'border-transparent soft hover:border-(--hairline)'"
          >
            {{ $t(place.name) }} <kbd aria-hidden="true">{{ place.key }}</kbd>
          </NuxtLink>
        </nav>
      </InTurn>
      <InTurn>
        <RoomConditions class="ml-auto min-w-0" />
      </InTurn>
      <div class="flex items-center gap-2">
        <InTurn>
          <ReaderSwitches class="max-sm:hidden" />
        </InTurn>
        <InTurn>
          <UButton
            class="px-2"
            icon="i-lucide-search"
            :aria-label="$t('Find anything')"
            :title="$t('Find anything (Ctrl K)')"
            @click="findOpen = true"
          />
        </InTurn>
        <InTurn>
          <UButton
            class="px-2 max-sm:hidden"
            to="/school"
            :icon="who.myName ? undefined : 'i-lucide-user-round'"
            :aria-label="
              who.myName
                ? $t('{name}’s device; our school', { name: who.myName })
                : $t('Whose device is this; our school')
            "
            :title="$t('Our school, and whose device this is')"
            >{{ who.initials }}</UButton
          >
        </InTurn>
        <InTurn>
          <UButton class="px-2 max-sm:hidden" :aria-label="$t('List of keys')" @click="keysOpen = true">?</UButton>
        </InTurn>
      </div>
    </div>
    <LazyKeyList v-if="keysOpen" v-model:open="keysOpen" />
    <LazyPhoneMenu v-if="menuOpen" v-model:open="menuOpen" />
    <LazyCommandPalette v-if="findOpen" v-model:open="findOpen" />
  </header>
</template>
