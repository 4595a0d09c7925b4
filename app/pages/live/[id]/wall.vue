<script setup lang="ts">
/** For the projector: how to join, how many have voted, and after the reveal what the room expected. */
import { toString as qrSvg } from 'qrcode'
import { findDemonstration, focusOf, storyOf, countWords } from '~~/core'

const id = String(useRoute().params.id)
const units = useUnitsStore()
const clock = useLiveClock()
const live = useLiveShow(id, clock.now)
const { show, marks, rounds } = live
await live.refresh()
useHead({
  title: () => `${show.value?.title ?? 'Show'} · Projector · Zealous Hush`,
  htmlAttrs: { style: 'background:#0e1217' },
})

const open = computed(() => rounds.value.find(r => !r.closedAt))
const focus = computed(() =>
  focusOf(
    (show.value?.acts ?? []).map(a => ({
      id: a.id,
      story: storyOf(marks.value, a.id),
      heatOn: a.heatOn,
      lift: a.lift,
    })),
    undefined,
  ),
)
const round = computed(() => open.value ?? rounds.value.find(r => r.act === focus.value) ?? rounds.value.at(-1))
const act = computed(() => show.value?.acts.find(a => a.id === round.value?.act))
useSubject(() => act.value?.staging.demonstration)
const story = computed(() => storyOf(marks.value, round.value?.act ?? ''))
const outcomes = computed(() => (act.value ? findDemonstration(act.value.staging.demonstration)!.outcomes : []))
const countOf = (outcome: string) => Number(round.value?.votes[outcome] ?? 0) + Number(round.value?.hands[outcome] ?? 0)
const total = computed(() => outcomes.value.reduce((sum, o) => sum + countOf(o.id), 0))
const address = computed(() => `${location.origin}/join/${round.value?.code ?? ''}`)
const local = /^(localhost|127\.|\[::1\])/.test(location.hostname)
const picture = ref('')
watch(
  address,
  async to => {
    picture.value = `data:image/svg+xml,${encodeURIComponent(await qrSvg(to, { type: 'svg', margin: 2 }))}`
  },
  { immediate: true },
)
const hushing = computed(
  () =>
    story.value.times.sealed !== undefined && story.value.times.gone === undefined && story.value.outcome === undefined,
)
</script>

<template>
  <div class="live px-8 py-8 grid content-center">
    <p v-if="!round" class="cue-words text-center soft">
      {{ $t('No vote yet.') }}
    </p>
    <div v-else-if="hushing" class="grid place-items-center">
      <p class="huge" role="timer" :aria-label="$t('Since sealing')">
        {{ countWords((clock.time.value - story.times.sealed!) * (show?.speed ?? 1), true, units.locale) }}
      </p>
    </div>
    <section v-else-if="round.revealedAt" aria-labelledby="wall-title">
      <h1 id="wall-title" class="cue-words mb-6">
        {{ $t('{title}: what the room expected', { title: round.document.title }) }}
      </h1>
      <ul class="grid gap-4">
        <li v-for="o in outcomes" :key="o.id" class="text-2xl">
          <div class="flex justify-between gap-6">
            <span
              ><b v-if="story.outcome === o.id">{{ `${$t('It happened:')} ` }}</b
              >{{ units.told(o.sentence) }}</span
            ><b class="figures text-4xl">{{ countOf(o.id) }}</b>
          </div>
          <div class="h-5 rounded bg-(--sheet)" aria-hidden="true">
            <div
              class="h-5 rounded"
              :class="story.outcome === o.id ? 'bg-(--water)' : 'bg-(--gap)'"
              :style="{ width: `${total ? (countOf(o.id) / total) * 100 : 0}%` }"
            />
          </div>
        </li>
      </ul>
    </section>
    <section
      v-else
      class="grid md:grid-cols-[minmax(0,1fr)_minmax(0,22rem)] gap-10 items-center"
      aria-labelledby="wall-title"
    >
      <div>
        <h1 id="wall-title" class="cue-words">
          {{ $t(round.closedAt ? 'The vote is closed. Watch!' : 'What will happen?') }}
        </h1>
        <ul v-if="!round.closedAt" class="text-2xl mt-6 grid gap-2">
          <li v-for="o in outcomes" :key="o.id">
            {{ units.told(o.sentence) }}
          </li>
        </ul>
        <p class="text-3xl figures mt-6" role="status">
          {{ $t('no votes | {n} vote | {n} votes', total) }}
        </p>
      </div>
      <div v-if="!round.closedAt" class="grid gap-3 justify-items-center text-center">
        <img :src="picture" :alt="$t('QR code that opens the page to vote')" class="w-full rounded-xl bg-white" />
        <p class="display text-6xl tracking-widest">
          {{ round.code }}
        </p>
        <p class="text-xl break-all">
          {{ address.replace(/\/join\/.*/, '/join') }}
        </p>
        <p v-if="local" class="text-(--vapour)">
          {{
            $t('Phones can’t reach this machine’s own address. Open the application to the network, or count hands.')
          }}
        </p>
      </div>
    </section>
  </div>
</template>
