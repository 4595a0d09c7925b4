<script setup lang="ts">
/** For the projector: how a phone joins the vote, by its code or its picture. */
import { toString as qrSvg } from 'qrcode'

const props = defineProps<{ code: string }>()
const address = computed(() => `${location.origin}/join/${props.code}`)
const local = /^(localhost|127\.|\[::1\])/.test(location.hostname)
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
    <p v-if="local" class="text-(--vapour)">
      {{ $t('Phones can’t reach this machine’s own address. Open the application to the network, or count hands.') }}
    </p>
  </div>
</template>
