<script setup lang="ts">
const room = useRoomStore()
const units = useUnitsStore()
const open = ref(false)

const told = computed(
  () =>
    room.glance && {
      pressure: units.format(room.glance.stationPressure, ['hPa', 'inHg'], 'pressure', 4),
      air: units.format(room.glance.airTemperature, ['degC', 'degF'], 'temperature'),
      boils: units.format(room.glance.boilingPoint, ['degC', 'degF'], 'temperature', 4),
    },
)
</script>

<template>
  <div>
    <UButton
      variant="ghost"
      class="figures px-2 max-sm:px-1 max-sm:text-sm whitespace-normal text-left inline hover:bg-(--gap-wash)"
      :title="$t('Room conditions: change them')"
      @click="open = true"
    >
      <span class="sr-only">{{ `${$t('Room conditions:')} ` }}</span>
      <template v-if="told">
        <b class="text-(--outside-air)">{{ told.pressure }}</b
        ><span class="soft max-sm:sr-only">{{ ` ${$t('outside ·')} ` }}</span
        ><span class="soft sm:hidden" aria-hidden="true"> · </span>{{ told.air
        }}<span class="soft max-sm:sr-only">{{ ` ${$t('· water boils at')} ` }}</span
        ><span class="soft sm:hidden" aria-hidden="true"> · </span><b class="text-(--water)">{{ told.boils }}</b>
      </template>
      <span v-else class="soft">{{ room.failure || $t('room conditions…') }}</span>
    </UButton>
    <LazyRoomDialog v-if="open" v-model:open="open" />
  </div>
</template>
