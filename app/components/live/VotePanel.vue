<script setup lang="ts">
/** The class's vote on the act in hand: open, count hands, close, reveal. */
import { useLocalStorage } from '@vueuse/core'
import { refusalOf } from '~/api/sending'
import { changeRound } from '~/api/vote-round'
import type { Demonstration, VoteRound } from '~~/core'
import type { FormError } from '@nuxt/ui'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const props = defineProps<{
  showId: string
  act: string
  demonstration: Demonstration
  round?: VoteRound
  sealed: boolean
}>()
const emit = defineEmits<{ changed: [] }>()
const failure = ref('')
const units = useUnitsStore()
const hands = reactive<Record<string, string>>({})
watch(
  () => props.act,
  () => {
    for (const key of Object.keys(hands)) delete hands[key]
  },
)

/** What the room is told afterwards is at this level; kept for the next vote. */
const age = useLocalStorage('hush-class-age', '11')
const ageFault = computed(() =>
  /^\d{1,2}$/.test(age.value.trim()) && Number(age.value) >= 5 && Number(age.value) <= 18
    ? ''
    : t('Age of the class: given "{typed}"; accepted: a whole number from 5 to 18', { typed: age.value }),
)

const total = computed(
  () =>
    Object.values(props.round?.votes ?? {}).reduce((a, b) => a + Number(b), 0) +
    Object.values(props.round?.hands ?? {}).reduce((a, b) => a + b, 0),
)
async function send(what: 'open' | 'close' | 'reveal' | 'hands', counts?: Record<string, number>) {
  failure.value = ''
  if (what === 'open' && ageFault.value) {
    failure.value = ageFault.value
    return
  }
  try {
    await changeRound(props.showId, props.act, {
      do: what,
      ...(counts && { hands: counts }),
      ...(what === 'open' && { age: Number(age.value) }),
    })
    emit('changed')
  } catch (error) {
    failure.value = refusalOf(error).message
  }
}
const handsFor = (outcome: string) => (hands[outcome] ?? '').trim()
const faultsInHands = (): FormError[] =>
  props.demonstration.outcomes
    .filter(o => !/^\d{0,4}$/.test(handsFor(o.id)))
    .map(o => ({
      name: o.id,
      message: t('given "{typed}"; accepted: a whole number of hands', { typed: handsFor(o.id) }),
    }))
const sendHands = () =>
  send(
    'hands',
    Object.fromEntries(
      props.demonstration.outcomes.filter(o => handsFor(o.id) !== '').map(o => [o.id, Number(handsFor(o.id))]),
    ),
  )
const countOf = (id: string) => Number(props.round?.votes[id] ?? 0) + Number(props.round?.hands[id] ?? 0)
</script>

<template>
  <section aria-labelledby="vote-title" class="border rule rounded-xl p-4 bg-(--sheet)" data-testid="vote">
    <h2 id="vote-title" class="!text-2xl">
      {{ $t('What does the room expect?') }}
    </h2>
    <p class="flex flex-wrap gap-3 items-center my-3">
      <label v-if="!round" class="flex items-center gap-2">
        {{ $t('Age of the class') }}
        <UInput v-model="age" inputmode="numeric" class="w-16" :aria-invalid="ageFault !== ''" />
      </label>
      <button v-if="!round || (round.closedAt && !round.revealedAt && !sealed)" class="mark-key" @click="send('open')">
        {{ $t('Open the vote') }}
      </button>
      <button v-if="round && !round.closedAt" class="mark-key" @click="send('close')">
        {{ $t('Close the vote') }}
      </button>
      <button v-if="round && round.closedAt && !round.revealedAt" class="mark-key" @click="send('reveal')">
        {{ $t('Reveal') }}
      </button>
      <NuxtLink class="plain-link" :to="`/live/${showId}/wall`" target="_blank">
        {{ $t('Projector page') }}
      </NuxtLink>
    </p>
    <p v-if="round" class="text-xl figures">
      {{ $t('Code') }} <b class="tracking-widest" data-testid="vote-code">{{ round.code }}</b>:
      {{ $t('{n} so far', { n: total }) }}, {{ $t(round.revealedAt ? 'revealed' : round.closedAt ? 'closed' : 'open') }}
    </p>
    <table v-if="round?.revealedAt" class="w-full figures mt-2 text-lg">
      <tbody>
        <tr v-for="o in demonstration.outcomes" :key="o.id" class="border-t rule">
          <th scope="row" class="text-left font-normal py-1">
            {{ units.told(o.name) }}
          </th>
          <td class="text-right font-bold">
            {{ countOf(o.id) }}
          </td>
        </tr>
      </tbody>
    </table>
    <CheckedForm v-else :state="hands" :check="faultsInHands" class="mt-2" @submit="sendHands">
      <p class="soft">
        {{ $t('Or hands, counted in the room:') }}
      </p>
      <div class="flex flex-wrap gap-3 items-start">
        <UFormField
          v-for="o in demonstration.outcomes"
          :key="o.id"
          :name="o.id"
          :label="units.told(o.name)"
          class="max-w-48"
        >
          <UInput v-model="hands[o.id]" inputmode="numeric" class="w-20" :ui="{ base: 'figures text-lg md:text-lg' }" />
          <template #error="{ error }"><span v-if="error" role="alert">{{ error }}</span></template>
        </UFormField>
      </div>
      <button class="mark-key mt-2">
        {{ $t('Take these') }}
      </button>
    </CheckedForm>
    <p v-if="failure" class="fault" role="alert">
      {{ failure }}
    </p>
  </section>
</template>
