<script setup lang="ts">
/** How big it is: forces, work, reach; each says which of several like it it is. */
import type { Size } from '~~/core'

defineProps<{ sizes: Size[] }>()
const units = useUnitsStore()
</script>

<template>
  <AskedPart id="sizes" :title="$t('How big is that?')">
    <dl class="figures">
      <div
        v-for="size in sizes"
        :key="size.id"
        class="grid grid-cols-[1fr_auto] gap-x-4 border-t rule first:border-t-0 py-1"
      >
        <dt class="capitalize-first">
          {{ units.told(size.name) }}
        </dt>
        <dd class="text-right font-bold">
          {{ units.format(size.value, size.units, size.quantity, 2) }}
        </dd>
        <dd class="soft text-sm col-span-2">
          {{ units.told(size.note) }}
        </dd>
      </div>
    </dl>
  </AskedPart>
</template>
