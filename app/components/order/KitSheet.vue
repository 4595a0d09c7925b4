<script setup lang="ts">
/** What to carry, summed over the acts, with spares of what may fail, and what the Shelf can't give. */
import { kitList, type Stage } from './kit-list'
import { listAct, type OrderAct } from './order-acts'

const props = defineProps<{
  acts: readonly OrderAct[]
  stage: Stage
  spares: Record<string, { bring: number | undefined; noun: readonly [string, string] }>
  failed?: Record<string, string>
  /** nothing is told to be missing from the Shelf */ withoutShelf?: boolean
}>()
const units = useUnitsStore()
const shelf = useShelfStore()
const kit = computed(() => {
  const items = props.withoutShelf ? undefined : shelf.inUse.map(i => i.document)
  const listed = props.acts.map(act => listAct(act, items))
  return kitList(listed, props.stage, items ?? [], units.readerOf)
})
</script>

<template>
  <div>
    <p v-for="line in kit.missing" :key="line" class="font-bold">
      {{ line }}
    </p>
    <SparesList :acts="acts.map(a => a.act)" :spares="spares" :failed="failed" :ice="kit.ice" />
    <ul class="sm:columns-2 mt-1">
      <li v-for="line in kit.lines" :key="line.name">
        ☐ {{ line.name }}<template v-if="line.count > 1"> × {{ line.count }} </template>
      </li>
    </ul>
  </div>
</template>
