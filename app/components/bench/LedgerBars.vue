<script setup lang="ts">
/** The difference split into its causes; the rows add up to it. */
import type { Ledger } from '~~/core'

const props = defineProps<{ ledger: Ledger }>()
const units = useUnitsStore()
const rows = computed(() =>
  props.ledger.rows.filter(r => Math.abs(r.pressure) > 0.002 * Math.abs(props.ledger.difference)),
)
const widest = computed(() => Math.max(...rows.value.map(r => Math.abs(r.pressure)), 1))
const fills: Record<string, string> = {
  wall: 'var(--vapour)',
  water: 'var(--water)',
  fog: 'var(--fog)',
  cooling: 'var(--inside-air)',
  leak: 'var(--outside-air)',
  air: 'var(--outside-air)',
  steam: 'var(--vapour)',
  inflow: 'var(--water-wash)',
  crush: 'var(--vessel)',
  pumped: 'var(--outside-air)',
  swelling: 'var(--rubber)',
  skin: 'var(--rubber)',
  oxygen: 'var(--inside-air)',
  stretched: 'var(--outside-air)',
}
const signed = (pa: number) => `${pa < 0 ? '−' : '+'} ${units.format(Math.abs(pa), ['kPa', 'psi'], 'pressure')}`
</script>

<template>
  <AskedPart id="ledger" :title="$t('Where does the difference come from?')">
    <p class="soft text-sm mb-2">
      {{ units.told(ledger.moment) }}
    </p>
    <table class="w-full figures">
      <tbody>
        <tr v-for="row in rows" :key="row.id">
          <th scope="row" class="text-left font-normal pr-3 py-1 w-[45%]">
            {{ units.told(row.cause) }}
          </th>
          <td class="w-[35%]">
            <svg viewBox="-100 0 200 12" preserveAspectRatio="none" class="w-full h-3.5 block" aria-hidden="true">
              <line
                x1="0"
                x2="0"
                y1="0"
                y2="12"
                stroke="var(--ink)"
                stroke-width="1"
                vector-effect="non-scaling-stroke"
              />
              <rect
                :x="row.pressure < 0 ? (row.pressure / widest) * 98 : 0"
                :width="(Math.abs(row.pressure) / widest) * 98"
                y="1"
                height="10"
                :fill="fills[row.id] ?? 'var(--vessel)'"
              />
            </svg>
          </td>
          <td class="text-right whitespace-nowrap pl-3">
            {{ signed(row.pressure) }}
          </td>
        </tr>
      </tbody>
      <tfoot>
        <tr class="border-t rule font-bold">
          <th scope="row" class="text-left py-1">
            {{ $t('difference') }}
          </th>
          <td />
          <td class="text-right whitespace-nowrap">
            {{ units.format(ledger.difference, ['kPa', 'psi'], 'pressure') }}
          </td>
        </tr>
      </tfoot>
    </table>
  </AskedPart>
</template>
