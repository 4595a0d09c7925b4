<script setup lang="ts">
const room = useRoomStore()
const units = useUnitsStore()
const who = useWhoStore()
// Marks that an earlier page could not send go from any page.
useKeptMarksStore()
useHead({ htmlAttrs: { lang: () => units.language } })
const route = useRoute()
const { toasts } = useToast()
const missed = useMissedPart()
/** Live and the way in do without the room. */
const roomless = computed(() => /^\/live\/.|^\/sign-in/.test(route.path))
/** They, and what a projector shows, stand alone: nothing but the matter in hand. */
const alone = computed(() => roomless.value || route.path === '/bench/projector')
watch(
  () => route.path,
  () => {
    if (roomless.value) return
    void room.ready()
    if (!who.loaded) void who.load()
  },
)
if (!roomless.value) await Promise.all([room.load(), who.load()])
</script>

<template>
  <UApp :toaster="null">
    <NuxtRouteAnnouncer />
    <a
      href="#main"
      class="sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-50 focus:bg-(--sheet) focus:p-2"
      >{{ $t('Skip to content') }}</a
    >
    <InTurn><AppHeader v-if="!alone" /></InTurn>
    <p v-if="!roomless" class="kept-note" role="status">
      {{ $t('No connection to the server: this is how the page was when it was last opened here.') }}
    </p>
    <main id="main" tabindex="-1" class="outline-none">
      <InTurn><NuxtPage /></InTurn>
    </main>
    <p
      v-if="missed"
      class="missed-part fault fixed bottom-3 inset-x-3 mx-auto max-w-xl border rounded-md p-3 no-print"
      role="alert"
    >
      {{ $t('A part of this page could not be fetched. Read the page again once the server answers.') }}
    </p>
    <LazyUToaster v-if="toasts.length" />
  </UApp>
</template>

<style scoped>
.missed-part {
  z-index: 50;
  background: var(--sheet);
}
</style>
