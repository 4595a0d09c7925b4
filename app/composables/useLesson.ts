/** A lesson made of what is wished: chosen at once from what is known of each demonstration, then planned. */
import { newId } from '~/api/new-id'
import { refusalOf } from '~/api/sending'
import { orderActs, type OrderAct } from '~/components/order/order-acts'
import { tomorrowAt } from '~/components/order/tomorrow'
import type { LessonWishes } from '~/components/order/wishes'
import {
  chooseLesson,
  lessonTalk,
  loadDemonstrations,
  runningOrderSchema,
  usualStaging,
  findDemonstration,
  type GalleryCard,
  type LessonWish,
  type Plan,
  type RunningOrderDocument,
} from '~~/core'

/** Minutes before the lesson in which the first heater may go on. */
const BEFORE = 10

export function useLesson(
  cards: Readonly<Ref<readonly Pick<GalleryCard, 'lesson'>[]>>,
  wishes: Readonly<Ref<LessonWishes>>,
) {
  const room = useRoomStore()
  const stage = computed(() => ({ heaters: wishes.value.heaters, hands: wishes.value.hands, before: BEFORE * 60 }))
  const chosen = computed(() => {
    const { topic, age, minutes, things, take, leaveOut } = wishes.value
    const wish: LessonWish = { age, minutes, things, take, leaveOut, stage: stage.value, ...(topic && { topic }) }
    return chooseLesson(
      cards.value.flatMap(c => c.lesson ?? []),
      wish,
    )
  })
  const document = shallowRef<RunningOrderDocument>()
  const acts = shallowRef<OrderAct[]>([])
  const plan = shallowRef<Plan>()
  const failure = ref('')
  /** one plan at a time counts: the newest */
  const order = newId()
  let newest = 0

  async function work() {
    const job = ++newest
    const ids = chosen.value.acts.map(a => a.id)
    try {
      await loadDemonstrations(ids)
      if (job !== newest) return
      const { topic, age, heaters, hands } = wishes.value
      const made = runningOrderSchema.parse({
        title: `Lesson: ${topic || 'demonstrations'}, age ${age}`,
        // A lesson is planned before its day is known.
        start: tomorrowAt(8),
        heaters,
        hands,
        before: BEFORE,
        length: wishes.value.minutes,
        acts: ids.map((id, place) => ({
          id,
          staging: {
            ...usualStaging(findDemonstration(id)!, room.document).document,
            title: findDemonstration(id)!.name,
          },
          talk: lessonTalk(place),
        })),
      })
      const read = orderActs(made.acts, room.document)
      const answer = await $fetch<{ plan?: Plan }>('/api/running-orders/plan', {
        method: 'POST',
        body: { order, acts: read.map(a => a.act), stage: stage.value },
      })
      if (job !== newest) return
      document.value = made
      acts.value = read
      plan.value = answer.plan
      failure.value = ''
    } catch (error) {
      if (job === newest) failure.value = refusalOf(error).message
    }
  }
  const sequence = computed(() => JSON.stringify([chosen.value.acts.map(a => a.id), stage.value]))
  onMounted(() => {
    watch([sequence, () => wishes.value.topic, () => wishes.value.age, () => room.version], () => void work(), {
      immediate: true,
    })
  })
  return { chosen, document, acts, plan, failure }
}
