<script setup lang="ts">
/** The same staging with other shapes, sizes or pumps, side by side. */
import type { Demonstration, Values } from '~~/core'

const props = defineProps<{ demonstration: Demonstration; values: Values }>()
const units = useUnitsStore()
const table = computed(() => props.demonstration.variants?.(props.values))
const specs = computed(() => table.value?.results.map(id => props.demonstration.results.find(r => r.id === id)!) ?? [])
</script>

<template>
  <AskedPart id="variants" :title="$t('What would another one do?')">
    <table v-if="table" class="w-full figures text-sm">
      <caption class="soft text-left">
        {{ units.told(table.title) }}
      </caption>
      <thead>
        <tr class="soft text-left align-bottom">
          <td />
          <th v-for="spec in specs" :key="spec.id" scope="col" class="font-normal text-right pl-3">
            {{ units.told(spec.name) }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in table.rows" :key="i" class="border-t rule">
          <th scope="row" class="text-left font-normal py-1">
            {{ units.told(row.name) }}
          </th>
          <td v-for="spec in specs" :key="spec.id" class="text-right pl-3 whitespace-nowrap">
            {{
              row.results[spec.id] === undefined
                ? $t('never')
                : units.format(row.results[spec.id]!, spec.units, spec.quantity, 2)
            }}
          </td>
        </tr>
      </tbody>
    </table>
  </AskedPart>
</template>
