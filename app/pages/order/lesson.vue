<script setup lang="ts">
/** A lesson from a topic, an age, minutes and what is there: its plan with all that is printed for it. */
import { useLocalStorage } from '@vueuse/core'
import { newId } from '~/api/new-id'
import { refusalOf, sendWrite } from '~/api/sending'
import { toldSheet } from '~/components/class/told-sheet'
import { FIRST_WISHES, SHELVED, type LessonWishes } from '~/components/order/wishes'
import { listAct } from '~/components/order/order-acts'
import { whyLeftOut } from '~/components/order/lesson-words'
import { LESSON_TIMES, aimOf, countWords, isLessonTopic, keyOf, pupilsSheet, type GalleryCard } from '~~/core'

useHead({ title: 'Lesson plan · Zealous Hush' })
useSeoMeta({ description: 'A sequence of demonstrations for a topic, an age and the minutes there are.' })
const units = useUnitsStore()
const room = useRoomStore()
const [{ data: cards, error, refresh }] = await Promise.all([
  useFetch<(Omit<GalleryCard, 'with'> & { with: string[] })[]>('/api/gallery'),
  useSchoolStore().load(),
])
watch(
  () => room.version,
  () => refresh(),
)
const wishes = useLocalStorage<LessonWishes>('hush-lesson', FIRST_WISHES, { initOnMounted: true, mergeDefaults: true })
const { chosen, document, acts, plan, failure } = useLesson(
  computed(() => cards.value ?? []),
  wishes,
)
const { spares, failed, settled } = useSpares(() => acts.value.map(act => listAct(act)), { atOnce: false })
const nameOf = (id: string) => cards.value?.find(c => c.id === id)?.name ?? id

const onShelf = computed(() => {
  const there = (cards.value ?? []).filter(c => c.with.length > 0 && c.missing.length === 0)
  return SHELVED.filter(thing => there.some(c => c.gallery.needs.includes(thing)))
})
const aim = computed(() => (isLessonTopic(wishes.value.topic) ? aimOf(wishes.value.topic) : ''))
const wrongIdeas = computed(() => {
  const all = new Map(acts.value.flatMap(a => a.read.demonstration.teaching.wrongIdeas).map(w => [keyOf(w.idea), w]))
  return [...all.values()]
})
/** Minutes since the lesson began, before it with a minus; to ten seconds, which a hand can keep. */
const clock = (s: number) => {
  const whole = Math.round(Math.abs(s) / 10) * 10
  return (s < -0.5 ? '−' : '') + countWords(1000 * whole)
}
const timeline = computed(() => {
  if (!plan.value) return []
  return [
    { at: 0, what: 'Welcome, the question of the lesson' },
    ...plan.value.acts.flatMap((p, i) => {
      const { title, talk } = acts.value[i]!.act
      const before = talk - LESSON_TIMES.predict
      return [
        ...(i > 0 && before > 0 ? [{ at: p.lift - talk, what: `Explain: ${acts.value[i - 1]!.act.title}` }] : []),
        { at: p.lift - LESSON_TIMES.predict, what: `Predict: ${title}. Pupils tick and say why` },
        { at: p.lift, what: `Observe: ${title}` },
        ...(i === plan.value!.acts.length - 1
          ? [
              { at: p.done, what: `Explain: ${title}` },
              { at: p.done + LESSON_TIMES.explain, what: 'What have we found? Where else does it happen?' },
              { at: p.done + LESSON_TIMES.explain + LESSON_TIMES.closing, what: 'End' },
            ]
          : []),
      ]
    }),
  ].sort((a, b) => a.at - b.at)
})
const sheets = computed(() =>
  acts.value.map(({ act, read, simulation }) => ({
    id: act.id,
    sheet: toldSheet(
      pupilsSheet(read.demonstration, read.values, simulation),
      act.title,
      units.readerOf(read.demonstration.id),
    ),
  })),
)
const take = (id: string) => {
  const { leaveOut, take } = wishes.value
  wishes.value = { ...wishes.value, take: [...take, id], leaveOut: leaveOut.filter(x => x !== id) }
}
const leave = (id: string) => {
  const { leaveOut, take } = wishes.value
  wishes.value = { ...wishes.value, leaveOut: [...leaveOut, id], take: take.filter(x => x !== id) }
}
/** What stands in its way because of things or time; other ages and topics were asked for. */
const nearMisses = computed(() => chosen.value.leftOut.filter(l => l.why !== 'age' && l.why !== 'topic'))

const keeping = ref('')
async function keep() {
  keeping.value = ''
  try {
    const id = newId()
    await sendWrite('POST', '/api/running-orders', { id, document: document.value }, id)
    await navigateTo(`/order/${id}`)
  } catch (problem) {
    keeping.value = refusalOf(problem).message
  }
}
const print = () => window.print()
</script>

<template>
  <div class="max-w-6xl mx-auto px-4 sm:px-6 py-6 print:p-0">
    <h1 class="text-3xl no-print">Lesson plan</h1>
    <p class="soft mb-4 no-print">What shall the class find out, and with what? One to four demonstrations that fit.</p>
    <p v-if="error || failure || keeping" class="fault" role="alert">
      {{ failure || keeping || 'The demonstrations can’t be read just now.' }}
    </p>
    <div class="grid grid-cols-1 lg:grid-cols-[20rem_minmax(0,1fr)] gap-8 print:block">
      <LessonWishes v-model="wishes" class="no-print" :on-shelf="onShelf" />
      <div class="sheets min-w-0">
        <div class="no-print flex flex-wrap gap-3 mb-3">
          <UButton variant="solid" :disabled="!acts.length || !settled" @click="print">Print all of it</UButton>
          <UButton :disabled="!acts.length" @click="keep">Make it a running order</UButton>
          <span v-if="acts.length && !settled" class="soft self-center">Print: once the odds are computed</span>
        </div>
        <p v-if="!chosen.acts.length" class="border-y rule py-6 text-center" role="status">
          Nothing fits: tick more of what is there, give it more minutes, or take another topic.
        </p>
        <section v-else aria-labelledby="lesson-title" data-testid="lesson">
          <SheetHead />
          <h2 id="lesson-title" class="!text-2xl">{{ document?.title ?? 'Lesson' }}</h2>
          <p class="figures soft" role="status">
            {{ chosen.acts.length }} demonstration{{ chosen.acts.length === 1 ? '' : 's' }},
            {{ Math.ceil(chosen.length / 60) }} of {{ wishes.minutes }} minutes
          </p>
          <p v-if="aim" class="my-2"><b>Aim.</b> {{ aim }}</p>
          <ul class="my-2">
            <li v-for="act in chosen.acts" :key="act.id" class="flex items-baseline gap-3 border-t rule py-1">
              <b class="flex-1">{{ act.title }}</b>
              <span class="no-print"
                ><UButton variant="link" :aria-label="`Leave out ${act.title}`" @click="leave(act.id)"
                  >Leave out</UButton
                ></span
              >
            </li>
          </ul>
          <h3 class="text-lg mt-3">In the lesson</h3>
          <table class="w-full figures" aria-label="In the lesson">
            <tbody>
              <tr v-for="line in timeline" :key="`${line.at} ${line.what}`" class="border-t rule">
                <td class="pr-3 whitespace-nowrap font-bold w-20">{{ clock(line.at) }}</td>
                <td class="py-0.5">{{ line.what }}</td>
              </tr>
            </tbody>
          </table>
          <h3 class="text-lg mt-3">Wrong ideas it brings out</h3>
          <dl>
            <template v-for="wrong in wrongIdeas" :key="keyOf(wrong.idea)">
              <dt class="mt-1">
                <q>{{ units.told(wrong.idea) }}</q>
              </dt>
              <dd class="soft">
                <b>Ask:</b> {{ units.told(wrong.ask) }} <br /><b>Answer:</b> {{ units.told(wrong.answer) }}
              </dd>
            </template>
          </dl>
        </section>
        <section v-if="chosen.also.length || nearMisses.length" aria-labelledby="also-title" class="no-print mt-4">
          <h2 id="also-title">Would do as well</h2>
          <ul>
            <li v-for="id in chosen.also" :key="id">
              {{ nameOf(id) }}
              <UButton variant="link" :aria-label="`Take ${nameOf(id)}`" @click="take(id)">Take</UButton>
            </li>
          </ul>
          <Folded v-if="nearMisses.length" class="border-t rule py-1 mt-2">
            <template #title>Not in it, and why</template>
            <ul>
              <li v-for="left in nearMisses" :key="left.id">
                {{ nameOf(left.id) }}: {{ whyLeftOut(left) }}
                <UButton v-if="left.why === 'left-out'" variant="link" @click="take(left.id)">Take it back</UButton>
              </li>
            </ul>
          </Folded>
        </section>
        <template v-if="acts.length && plan && document">
          <section aria-labelledby="run-title" class="new-page mt-6">
            <h2 id="run-title" class="!text-xl">Run sheet</h2>
            <p class="soft">Minutes and seconds since the lesson began.</p>
            <RunSheet :acts="acts" :plan="plan" :hands="document.hands" :clock="clock" />
          </section>
          <section aria-labelledby="kit-title" class="mt-6">
            <h2 id="kit-title" class="!text-xl">Kit list</h2>
            <KitSheet :acts="acts" :stage="document" :spares="spares" :failed="failed" without-shelf />
          </section>
          <section aria-labelledby="safety-title" class="new-page mt-6">
            <h2 id="safety-title" class="!text-xl">Safety sheet</h2>
            <SafetySheet :acts="acts" :forecasts="spares" :failed="failed" />
          </section>
          <PupilsSheet
            v-for="s in sheets"
            :key="s.id"
            class="new-page mt-8 border-t rule pt-4"
            :sheet="s.sheet"
            within
          />
        </template>
      </div>
    </div>
  </div>
</template>
