<script setup lang="ts">
/** A vessel on the Shelf: its silhouette to scale, what it is and what it holds. */
import type { StoredItem, VesselValues } from '~~/core'

const props = defineProps<{
  item: StoredItem
  /** undefined where its measures do not go together */ values: VesselValues | undefined
  /** pixels to a metre */ scale: number
}>()
const units = useUnitsStore()
const vessel = computed(() => (props.item.document.kind === 'vessel' ? props.item.document : undefined))
const capacity = computed(() => {
  const si = props.values?.capacity ?? 0
  return units.format(si, si < 2e-3 ? ['mL', 'floz'] : ['L', 'gal'], 'volume')
})
</script>

<template>
  <div class="w-[136px] grid justify-items-center items-end">
    <VesselSilhouette
      v-if="values && vessel"
      :vessel="values"
      :scale="scale"
      :dented="vessel.condition === 'dented'"
      :label="`${vessel.name}, to scale`"
    />
  </div>
  <div class="figures min-w-0 self-start pb-2">
    <img
      v-if="item.photo"
      :src="`/api/shelf/${item.id}/photo?${item.photo}`"
      :alt="`Photo of ${item.document.name}`"
      class="h-14 w-auto rounded mb-1"
      loading="lazy"
    />
    <h3 class="text-lg">
      {{ item.document.name }}
    </h3>
    <template v-if="values && vessel">
      <p>
        <b>{{ capacity }}</b>
        <span class="soft">{{ values.capacityFrom }}</span>, {{ vessel.wallMaterial }}
        <b>{{ units.format(values.wallThickness, ['mm', 'mil'], 'length', 2) }}</b>
        <span class="soft">{{ values.thicknessFrom }}</span
        ><template v-if="vessel.condition !== 'sound'"
          >,
          <b class="text-(--danger)">{{
            vessel.condition === 'unfit' ? 'unfit for a pressure difference' : vessel.condition
          }}</b></template
        ><template v-if="vessel.count !== 1">; {{ vessel.count }} of them</template>
      </p>
      <p class="soft text-sm">
        <template v-if="values.perfectStrength !== undefined"
          >a perfect one holds {{ units.format(values.perfectStrength, ['kPa', 'psi'], 'pressure') }}; </template
        ><template v-if="values.shape !== 'bell-jar'"
          >{{ values.shape === 'flask' ? 'bore' : 'mouth' }}
          {{ units.format(values.mouthDiameter, ['mm', 'in'], 'length') }}{{ vessel.place ? '; ' : '' }}</template
        >{{ vessel.place }}
      </p>
    </template>
    <p v-else class="fault">Its measures do not go together: change it.</p>
    <slot />
  </div>
</template>
