<script setup lang="ts">
import { newId } from '~/api/new-id'
import { clockAt } from '~/components/order/clock-at'
import { kitList } from '~/components/order/kit-list'
import { download } from '~/files/download'
import {
  QuantityError,
  byHand,
  countWords,
  parseQuantity,
  toSi,
  type RunningOrderDocument,
  type ListedStaging,
} from '~~/core'

const id = String(useRoute().params.id)
const order = useRunningOrder(id, 'lists')
const { document, listed: acts, broken, planned, planning, refused, failure, busy, change, steps } = order
const { canUndo, canRedo } = steps
useUndoKeys(steps)
const shelf = useShelfStore()
const units = useUnitsStore()
const { data: stagings } = await useFetch<ListedStaging[]>('/api/stagings', { lazy: true })
await order.load()
useHead({ title: () => `${document.value?.title ?? 'Running order'} · Zealous Hush` })
useSeoMeta({ description: 'When each act goes on the heat and is lifted, what does not fit, what to bring.' })

const clock = (s: number) => clockAt(document.value!.start, byHand(s), units.date)
const plan = computed(() => planned.value.plan)
const timeLine = useTemplateRef<HTMLElement>('time-line')
const misses = computed(() => planned.value.clashes)

const choices = useStagingChoices(() => stagings.value)
const add = (of: string | undefined) => {
  const staging = stagings.value?.find(s => s.id === of)
  if (staging)
    change(d => {
      d.acts.push({ id: newId(), from: staging.id, staging: staging.document, talk: 60 })
    })
}
const swap = (d: RunningOrderDocument, i: number, j: number) => {
  const [a, b] = [d.acts[i]!, d.acts[j]!]
  d.acts[i] = b
  d.acts[j] = a
}
/** Minutes and seconds typed as 12, 12:30 or left empty. */
function setTarget(i: number, typed: string) {
  const text = typed.trim()
  const match = /^(\d{1,3})(?::([0-5]\d))?$/.exec(text)
  if (text === '')
    change(d => {
      delete d.acts[i]!.target
    })
  else if (match)
    change(d => {
      d.acts[i]!.target = Number(match[1]) * 60 + Number(match[2] ?? 0)
    })
  else
    targetFault.value = {
      index: i,
      message: `given "${text}"; accepted: minutes from the start, such as 12 or 12:30, or nothing`,
    }
  if (text === '' || match) targetFault.value = undefined
}
const targetFault = ref<{ index: number; message: string }>()
const targetWords = (s: number | undefined) => (s === undefined ? '' : countWords(1000 * Math.round(s)))
const numberFault = ref('')
const NUMBER_NAMES = { length: 'Length', heaters: 'Heaters', hands: 'Pairs of hands', before: 'Heat from' }
function number(field: keyof typeof NUMBER_NAMES, most: number, least: number, text: string) {
  const value = text.trim() === '' ? NaN : Math.round(Number(text))
  numberFault.value =
    value >= least && value <= most ? '' : `${NUMBER_NAMES[field]}: given "${text}"; accepted: ${least} to ${most}`
  if (!numberFault.value) {
    change(d => {
      d[field] = value
      // A number of heaters that is not the number of those named: any will do again.
      if (field === 'heaters' && d.powers && d.powers.length !== value) delete d.powers
    })
  }
}

const powerWords = computed(() =>
  (document.value?.powers ?? []).map(w => units.format(w, ['kW', 'BTU/h'], 'power')).join(', '),
)
/** Powers typed as "1.2 kW, 6.5 kW"; nothing: any heater will do. */
function setPowers(text: string) {
  numberFault.value = ''
  try {
    const powers = text
      .split(/[,;]\s+|[,;]$/)
      .map(t => t.trim())
      .filter(Boolean)
      .map(part => {
        const { value, unit } = parseQuantity(part, 'power', units.shown(['kW', 'BTU/h']), units.locale)
        return Math.round(toSi(value, unit, 'power'))
      })
    if (powers.some(w => w < 50 || w > 20000) || powers.length > 12)
      throw new QuantityError('accepted: up to 12 heaters of 50 W to 20 kW, such as 1.2 kW, 6.5 kW')
    change(d => {
      if (powers.length === 0) delete d.powers
      else {
        d.powers = powers
        d.heaters = powers.length
      }
    })
  } catch (error) {
    if (!(error instanceof QuantityError)) throw error
    numberFault.value = `Which heaters: given "${text}"; ${error.message}`
  }
}

/** Minutes that the lesson may last, or none for as long as it takes. */
function setLength(text: string) {
  if (text.trim() !== '') return number('length', 480, 1, text)
  numberFault.value = ''
  change(d => {
    delete d.length
  })
}

/** What each demonstration needs from the Shelf, and whether it is there. */
const { spares, failed } = useSpares(() => acts.value, { atOnce: true })
const kit = computed(() =>
  kitList(
    acts.value,
    document.value!,
    shelf.inUse.map(i => i.document),
    units.readerOf,
  ),
)
const exportJson = () =>
  download(`${document.value!.title}.running-order.json`, JSON.stringify(document.value, null, 2), 'application/json')
async function exportCalendar() {
  const { runningOrderCalendar } = await import('~/components/order/calendar')
  download(
    `${document.value!.title}.ics`,
    runningOrderCalendar(
      document.value!,
      acts.value.map(a => a.act),
      plan.value!,
    ),
    'text/calendar',
  )
}
</script>

<template>
  <div class="max-w-[1400px] mx-auto px-4 sm:px-6 py-4">
    <p v-if="failure" class="fault border border-(--danger) rounded-md p-2 mb-2" role="alert">
      {{ failure }}
    </p>
    <template v-if="document">
      <h1 class="text-3xl">
        <label class="sr-only" for="order-title">Title of the running order</label>
        <InTurn
          ><KeptInput
            id="order-title"
            variant="none"
            :ui="{ base: 'heading-field' }"
            maxlength="200"
            :value="document.title"
            @commit="
              text =>
                change(d => {
                  d.title = text.trim() || d.title
                })
            "
        /></InTurn>
      </h1>
      <div class="flex flex-wrap gap-x-5 gap-y-2 items-end my-3 text-sm">
        <span class="grid"
          >Begins<MomentField
            :value="document.start"
            label="Begins"
            @commit="
              text =>
                change(d => {
                  d.start = text
                })
            "
        /></span>
        <InTurn
          ><OrderNumber
            label="Length, min"
            class="w-24"
            :least="1"
            :most="480"
            placeholder="open"
            :value="document.length"
            @commit="setLength"
        /></InTurn>
        <InTurn
          ><OrderNumber
            label="Heaters"
            class="w-20"
            :most="12"
            :value="document.heaters"
            @commit="number('heaters', 12, 0, $event)"
        /></InTurn>
        <InTurn
          ><label class="grid"
            >Which heaters<KeptInput
              class="w-40"
              :value="powerWords"
              placeholder="any will do"
              @commit="setPowers" /></label
        ></InTurn>
        <InTurn
          ><OrderNumber
            label="Pairs of hands"
            class="w-20"
            :least="1"
            :most="8"
            :value="document.hands"
            @commit="number('hands', 8, 1, $event)"
        /></InTurn>
        <InTurn
          ><OrderNumber
            label="Heat from, min before"
            class="w-24"
            :most="240"
            :value="document.before"
            @commit="number('before', 240, 0, $event)"
        /></InTurn>
        <InTurn
          ><div class="flex gap-2">
            <UndoButtons
              :can-undo="canUndo && !busy"
              :can-redo="canRedo && !busy"
              @undo="steps.undo()"
              @redo="steps.redo()"
            /></div
        ></InTurn>
        <InTurn
          ><ChoiceField
            label="Add a staging"
            :items="choices"
            :model-value="undefined"
            placeholder="from the Bench…"
            @update:model-value="add"
        /></InTurn>
        <span class="soft" role="status" data-testid="plan-state">{{
          busy || planning
            ? 'Planning…'
            : broken.length
              ? 'No plan yet'
              : acts.length === 0
                ? 'Nothing in it yet'
                : plan && misses.length === 0
                  ? 'It fits'
                  : 'It does not fit'
        }}</span>
      </div>

      <p v-if="numberFault" class="fault" role="alert">
        {{ numberFault }}
      </p>
      <section v-if="broken.length" class="border-l-4 border-(--danger) pl-3 my-2" role="alert" data-testid="broken">
        <p class="font-bold">There is no plan while these can't be staged here:</p>
        <ul>
          <li v-for="b in broken" :key="b.id" class="py-1">
            <NuxtLink v-if="b.from" class="plain-link" :to="`/bench/${b.from}`">{{ b.title }}</NuxtLink>
            <b v-else>{{ b.title }}</b>
            <UButton
              class="ml-2"
              :aria-label="`Take ${b.title} out`"
              @click="
                change(d => {
                  d.acts = d.acts.filter(a => a.id !== b.id)
                })
              "
              >Take out</UButton
            >
            <p v-for="f in b.faults" :key="f.input" class="text-sm">{{ f.input }}: {{ units.told(f.message) }}</p>
          </li>
        </ul>
      </section>
      <section
        v-if="acts.length && (plan || planning)"
        ref="time-line"
        aria-label="Time line"
        class="border-y rule py-2"
      >
        <!-- As wide as there is room, which only the browser knows. -->
        <ClientOnly>
          <TimeLine
            v-if="plan"
            :acts="acts.map(a => a.act)"
            :plan="plan"
            :clock="clock"
            :room="timeLine?.clientWidth"
            @move="
              (i, lift) =>
                change(d => {
                  d.acts[i]!.target = lift
                }, true)
            "
          />
          <TimeLineToCome v-else :acts="acts.length" />
          <template #fallback><TimeLineToCome :acts="acts.length" /></template>
        </ClientOnly>
      </section>
      <div v-if="refused" class="border-l-4 border-(--danger) pl-3 my-2" role="alert">
        <p class="font-bold">Not moved: it would break the order.</p>
        <p v-for="c in refused.clashes" :key="c">
          {{ units.told(c) }}
        </p>
      </div>
      <div v-if="misses.length" class="border-l-4 border-(--danger) pl-3 my-2" role="status" data-testid="clashes">
        <p v-for="c in misses" :key="units.told(c)">
          {{ units.told(c) }}
        </p>
        <p v-if="plan && plan.unproven >= 60" class="soft">
          Best found in the time there is; another plan might be up to {{ Math.ceil(plan.unproven / 60) }} min nearer.
        </p>
        <template v-if="planned.mends.length">
          <p class="soft">Ways to fix it:</p>
          <ul class="list-disc pl-5">
            <li v-for="m in planned.mends" :key="units.told(m.text)">
              {{ units.told(m.text)
              }}<span class="soft"
                >: {{ m.missed < 1 ? 'then it fits' : `still ${Math.ceil(m.missed / 60)} min off in all` }}</span
              >
            </li>
          </ul>
        </template>
      </div>

      <div class="grid lg:grid-cols-[3fr_2fr] gap-8 mt-4">
        <section aria-labelledby="acts-title">
          <h2 id="acts-title">In this order</h2>
          <ol>
            <li
              v-for="(a, i) in acts"
              :key="a.act.id"
              class="border-t rule py-2 grid grid-cols-[1.4rem_1fr_auto] gap-2 items-baseline"
            >
              <InTurn>
                <span class="display soft figures">{{ i + 1 }}</span>
                <div>
                  <NuxtLink
                    class="font-bold underline decoration-(--gap) underline-offset-3"
                    :to="document.acts[i]!.from ? `/bench/${document.acts[i]!.from}` : '/bench'"
                  >
                    {{ a.act.title }}
                  </NuxtLink>
                  <p class="text-sm soft figures">
                    <template v-if="plan">
                      <template v-if="a.act.heating > 0">
                        heat on {{ clock(plan.acts[i]!.heatOn) }}, ready {{ clock(plan.acts[i]!.ready) }},
                      </template>
                      lift {{ clock(plan.acts[i]!.lift) }}
                    </template>
                  </p>
                  <div class="flex flex-wrap gap-x-4 gap-y-1 items-end text-sm mt-1">
                    <OrderNumber
                      label="talk before, s"
                      class="w-24"
                      step="10"
                      :most="3600"
                      :value="document.acts[i]!.talk"
                      @commit="
                        text =>
                          change(d => {
                            d.acts[i]!.talk = Math.min(3600, Math.max(0, Number(text) || 0))
                          })
                      "
                    />
                    <label class="grid"
                      >at minute<KeptInput
                        class="w-24"
                        :value="targetWords(document.acts[i]!.target)"
                        placeholder="as it fits"
                        :aria-invalid="targetFault?.index === i"
                        @commit="setTarget(i, $event)"
                    /></label>
                  </div>
                  <p v-if="targetFault?.index === i" class="fault" role="alert">
                    {{ targetFault.message }}
                  </p>
                </div>
                <span class="flex gap-1">
                  <UButton
                    class="px-2"
                    :disabled="i === 0"
                    :aria-label="`${a.act.title} one earlier`"
                    @click="change(d => swap(d, i, i - 1))"
                  >
                    ↑
                  </UButton>
                  <UButton
                    class="px-2"
                    :disabled="i === acts.length - 1"
                    :aria-label="`${a.act.title} one later`"
                    @click="change(d => swap(d, i, i + 1))"
                  >
                    ↓
                  </UButton>
                  <UButton
                    class="px-2"
                    :aria-label="`Take ${a.act.title} out`"
                    @click="
                      change(d => {
                        d.acts.splice(i, 1)
                      })
                    "
                  >
                    ×
                  </UButton>
                </span>
              </InTurn>
            </li>
          </ol>
        </section>
        <div class="grid gap-6 content-start">
          <InTurn>
            <section aria-labelledby="kit-title">
              <h2 id="kit-title">Kit</h2>
              <p v-for="line in kit.missing" :key="line" class="font-bold">
                {{ line }}
              </p>
              <SparesList :acts="acts.map(a => a.act)" :spares="spares" :failed="failed" :ice="kit.ice" />
              <ul class="columns-2 text-sm">
                <li v-for="line in kit.lines" :key="line.name">
                  {{ line.name }}<span v-if="line.count > 1" class="soft figures"> × {{ line.count }}</span>
                </li>
              </ul>
            </section>
          </InTurn>
          <InTurn>
            <section aria-labelledby="files-title">
              <h2 id="files-title">Take it along</h2>
              <p class="flex flex-wrap gap-3">
                <NuxtLink class="plain-link" :to="`/order/${id}/sheets`">
                  Run sheet, kit list and safety sheet, to print
                </NuxtLink>
                <NuxtLink class="plain-link" :to="`/live?order=${id}`"> Go live </NuxtLink>
                <UButton variant="link" :disabled="!plan" @click="exportCalendar">Calendar (iCal)</UButton>
                <UButton variant="link" @click="exportJson">Running order (JSON)</UButton>
              </p>
            </section>
          </InTurn>
        </div>
      </div>
    </template>
    <p v-else-if="!failure" class="soft p-8">Laying it out…</p>
  </div>
</template>
