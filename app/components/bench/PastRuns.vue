<script setup lang="ts">
/** What past runs taught, and the switch that leaves it out. */
import type { Lesson } from '~~/core'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
defineProps<{ runs: number; unlike: number; lessons: readonly Lesson[] }>()
const on = defineModel<boolean>('on', { required: true })
const units = useUnitsStore()
const span = (l: Lesson, of: readonly [number, number, number]) =>
  t('{least} to {most}', {
    least: units.format(of[0], l.input.units, l.input.quantity, 2),
    most: units.format(of[2], l.input.units, l.input.quantity, 2),
  })
</script>

<template>
  <section v-if="runs > 0 || unlike > 0" aria-labelledby="past-title" data-testid="past-runs">
    <h2 id="past-title">
      {{ $t('What past runs taught') }}
    </h2>
    <UCheckbox
      v-model="on"
      :label="$t('The forecast uses {n} past run of this | The forecast uses {n} past runs of this', runs)"
    />
    <p v-if="unlike" class="soft text-sm">
      {{
        $t(
          '{n} other was unlike any forecast and is not used. | {n} others were unlike any forecast and are not used.',
          unlike,
        )
      }}
    </p>
    <table v-if="lessons.length" class="w-full figures text-sm" :class="on ? '' : 'soft'">
      <thead class="text-left soft">
        <tr>
          <th scope="col">{{ $t('not well known') }}</th>
          <th scope="col">{{ $t('before') }}</th>
          <th scope="col">{{ $t('after') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in lessons.slice(0, 6)" :key="l.input.id" class="border-t rule align-top">
          <th scope="row" class="font-normal text-left py-1 pr-2">
            {{ units.told(l.input.name) }}
          </th>
          <td class="pr-2">
            {{ span(l, l.before) }}
          </td>
          <td>
            <b>{{ span(l, l.after) }}</b>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-else class="soft text-sm">
      {{ $t('They fit what was assumed; nothing moved.') }}
    </p>
  </section>
</template>
