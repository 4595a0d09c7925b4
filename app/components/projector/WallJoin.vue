<script setup lang="ts">
/** For the projector: how a phone joins the vote, by its code or its picture. */
import { toString as qrSvg } from 'qrcode'
import { joinOrigin, type ReachedBy } from '~/api/join-address'

const props = defineProps<{ code: string }>()
const { data: reached } = await useFetch<ReachedBy>('/api/reached', { key: 'reached', default: () => ({ names: [] }) })
const origin = computed(() => joinOrigin(location, reached.value))
const address = computed(() => `${origin.value ?? location.origin}/join/${props.code}`)
/** Announced in the building: shorter to type than figures. */
const announced = computed(() =>
  reached.value.names.filter(name => name.endsWith('.local') && origin.value && !origin.value.includes(name)),
)
const picture = ref('')
watch(
  address,
  async to => {
    picture.value = `data:image/svg+xml,${encodeURIComponent(await qrSvg(to, { type: 'svg', margin: 2 }))}`
  },
  { immediate: true },
)
</script>

<template>
  <div class="grid gap-3 justify-items-center text-center">
    <img :src="picture" :alt="$t('QR code that opens the page to vote')" class="w-full rounded-xl bg-white" />
    <p class="display text-6xl tracking-widest">
      {{ code }}
    </p>
    <p class="wall-words break-all">
      {{ address.replace(/\/join\/.*/, '/join') }}
    </p>
    <p v-for="name in announced" :key="name" class="wall-words break-all">{{ name }}:{{ reached.port }}/join</p>
    <p v-if="!origin" class="text-(--vapour)">
      {{ $t('Phones can’t reach this machine’s own address. Open the application to the network, or count hands.') }}
    </p>
  </div>
</template>
