<script setup lang="ts">
/** The places, and what stands at the head of a wider screen, on a phone; made when it is opened. */
import { PLACES, isIn } from './places'

const open = defineModel<boolean>('open', { required: true })
const route = useRoute()
const isHere = (to: string) => isIn(to, route.path)
watch(
  () => route.fullPath,
  () => {
    open.value = false
  },
)
</script>

<template>
  <USlideover v-model:open="open" side="left" :title="$t('Places')" :ui="{ content: 'max-w-xs' }">
    <template #body>
      <nav :aria-label="$t('Places')">
        <ul>
          <li v-for="place in PLACES" :key="place.to" class="border-b rule">
            <NuxtLink
              :to="place.to"
              class="block py-2 no-underline"
              :aria-current="isHere(place.to) ? 'page' : undefined"
            >
              <span class="display text-lg" :class="isHere(place.to) ? 'underline decoration-(--gap)' : ''">{{
                $t(place.name)
              }}</span>
              <span class="soft block text-sm">{{ $t(place.question) }}</span>
            </NuxtLink>
          </li>
          <li class="border-b rule">
            <NuxtLink to="/school" class="block py-3">{{ $t('Our school, and whose device this is') }}</NuxtLink>
          </li>
        </ul>
      </nav>
      <ReaderSwitches class="mt-4" />
    </template>
  </USlideover>
</template>
