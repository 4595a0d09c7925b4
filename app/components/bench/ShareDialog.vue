<script setup lang="ts">
/** The address that carries a staging, to copy, and as a picture for a phone. */
import { useClipboard } from '@vueuse/core'
import { toString as qrSvg } from 'qrcode'
import { addressOf } from '~/files/shared-staging'
import type { StagingDocument } from '~~/core'

const props = defineProps<{ document: StagingDocument }>()
const open = defineModel<boolean>('open', { required: true })
const address = ref('')
const picture = ref('')
const { copy, copied, isSupported } = useClipboard({ legacy: true })
watch(
  open,
  async now => {
    if (!now) return
    address.value = addressOf(props.document, location.origin)
    const svg = await qrSvg(address.value, { type: 'svg', margin: 2, errorCorrectionLevel: 'L' })
    picture.value = `data:image/svg+xml,${encodeURIComponent(svg)}`
  },
  { immediate: true },
)
</script>

<template>
  <UModal
    v-model:open="open"
    :title="$t('Share this staging')"
    :description="$t('The address carries all of it: whoever opens it can read it and keep it on their own Bench.')"
  >
    <template #body>
      <div class="grid gap-3">
        <UInput :model-value="address" readonly :aria-label="$t('Address')" @focus="$event.target.select()" />
        <p class="flex gap-3 items-center">
          <UButton v-if="isSupported" variant="solid" @click="copy(address)">{{ $t('Copy it') }}</UButton>
          <span role="status">{{ copied ? $t('Copied.') : '' }}</span>
        </p>
        <img v-if="picture" :src="picture" :alt="$t('QR code of the address')" class="w-64 rounded-md bg-white" />
      </div>
    </template>
  </UModal>
</template>
