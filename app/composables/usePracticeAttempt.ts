/** An attempt as it runs on this device: its clock, what was done, what can be seen and heard of it. */
import { useIntervalFn } from '@vueuse/core'
import {
  answersOf,
  clockOf,
  drawOf,
  endedAt,
  faultsOfAmounts,
  hurtBy,
  isAnswered,
  openActs,
  phaseOf,
  questionAfter,
  questionInTrouble,
  refusalOf,
  timeOf,
  troubleAt,
  truthOf,
  valueAt,
  visibleScene,
  type BenchAct,
  type Fault,
  type PracticeAct,
  type Sentence,
  type Setting,
  type WhatNow,
} from '~~/core'

/** ms between two pictures. */
const TICK = 80
/** s of the attempt's clock after which what still goes on is worked out further. */
const AHEAD = 60

export function usePracticeAttempt(setting: Readonly<Ref<Setting | undefined>>) {
  const done = shallowRef<readonly PracticeAct[]>([])
  /** s since it began */ const now = ref(0)
  const speed = ref(1)
  const state = ref<'ready' | 'left' | 'running' | 'asked' | 'over'>('ready')
  const refusal = shallowRef<Sentence>()
  const asked = shallowRef<WhatNow>()
  /** what was seen as it came */ const seen = shallowRef<Sentence>()

  watch(setting, () => {
    done.value = []
    now.value = 0
    speed.value = 1
    state.value = 'ready'
    refusal.value = asked.value = seen.value = undefined
  })
  const draw = computed(() => setting.value && drawOf(setting.value))
  const horizon = computed(() => AHEAD * (1 + Math.floor(now.value / AHEAD)))
  const values = computed(() => setting.value && truthOf(setting.value, done.value, draw.value!, horizon.value))
  const run = computed(() => setting.value && setting.value.demonstration.simulate(values.value!, 'trace'))
  const time = computed(() =>
    setting.value && run.value ? clockOf(setting.value, done.value, run.value, now.value) : 0,
  )
  const scene = computed(() => {
    if (!setting.value || !run.value) return undefined
    const { demonstration } = setting.value
    return visibleScene(demonstration.drawing(values.value!, run.value, time.value), demonstration.practice)
  })
  const senses = computed(() =>
    setting.value && run.value && phase.value !== 'before'
      ? (setting.value.demonstration.practice?.senses?.(values.value!, run.value, time.value) ?? [])
      : [],
  )
  /** what stands at the bench to be read */
  const instruments = computed(() =>
    (setting.value?.demonstration.practice?.instruments ?? []).map(instrument => ({
      ...instrument,
      /** SI */ reads: run.value ? valueAt(run.value.trace, instrument.column, time.value) : 0,
    })),
  )
  const phase = computed(() => (setting.value ? phaseOf(setting.value, done.value) : 'before'))
  const open = computed(() => (setting.value ? openActs(setting.value, done.value) : []))
  /** A hand is between two acts: nobody hurries that. */
  const inHand = computed(() => phase.value === 'off-heat')
  watch(inHand, is => {
    if (is) speed.value = 1
  })

  let last = 0
  const clock = useIntervalFn(
    () => {
      const at = performance.now()
      // A page that was away does not run on without whoever practises.
      now.value += (Math.min(at - last, 4 * TICK) / 1000) * speed.value
      last = at
      look()
    },
    TICK,
    { immediate: false },
  )
  function begin() {
    last = performance.now()
    state.value = 'running'
    clock.resume()
  }
  /** As it was when the page was left: it goes on when whoever practises says so. */
  function restore(left: { acts: readonly PracticeAct[]; now: number; endedAt: string | null }) {
    done.value = left.acts
    now.value = left.now
    state.value = left.endedAt === null ? 'left' : 'over'
  }
  function goOn() {
    begin()
    if (endedAt(done.value)) askHowItEnded()
  }
  function finish() {
    clock.pause()
    asked.value = undefined
    state.value = 'over'
  }
  /** What is wrong on purpose shows itself. */
  function look() {
    if (!setting.value || !run.value || state.value !== 'running' || seen.value) return
    const at = troubleAt(setting.value, done.value, run.value, draw.value!)
    if (at === undefined || at > now.value) return
    seen.value = setting.value.trouble!.comes!.seen
    ask(questionInTrouble(setting.value, done.value))
  }
  function ask(question: WhatNow | undefined) {
    if (!question) return
    clock.pause()
    asked.value = question
    state.value = 'asked'
  }
  const add = (act: Omit<PracticeAct, 'at'>) => {
    done.value = [...done.value, { ...act, at: now.value }]
  }

  /**
   * @param amounts what was measured out, SI; left out where nothing was asked
   * @returns faults of the amounts; nothing is done with any
   */
  function act(what: BenchAct, amounts?: Readonly<Record<string, number>>): Fault[] {
    if (!setting.value || state.value !== 'running') return []
    refusal.value = undefined
    const refused = refusalOf(setting.value, done.value, what)
    if (refused && 'danger' in refused) {
      hurt(refused.danger)
      return []
    }
    const measured = what.amounts.length > 0
    if (refused || (measured && !amounts)) {
      refusal.value = refused?.why ?? 'Something else comes first.'
      if (refused?.unconfirmed) add({ kind: 'refused', id: what.id })
      return []
    }
    const faults = measured && amounts ? faultsOfAmounts(setting.value, done.value, amounts) : []
    if (faults.length === 0) add({ kind: what.kind, id: what.id, ...(measured && { amounts }) })
    return faults
  }
  function hurt(danger: string) {
    add({ kind: 'danger', id: danger })
    finish()
  }
  /** The learner's word that it is over. */
  function call(how: 'gone' | 'nothing') {
    if (!setting.value || state.value !== 'running' || phase.value !== 'under-way' || endedAt(done.value)) return
    add({ kind: 'mark', id: how })
    askHowItEnded()
  }
  function askHowItEnded() {
    const question = questionAfter(setting.value!, done.value, values.value!, run.value!)
    if (question) ask(question)
    else finish()
  }
  function choose(option: string) {
    if (!asked.value) return
    const [kind, id] = option.split(':') as [string, string]
    if (kind === 'danger') return hurt(id)
    const given = answersOf(done.value)
    if (hurtBy(asked.value, given, Number(id))) return hurt('near')
    add({ kind: 'answer', id })
    if (isAnswered(asked.value, answersOf(done.value))) finish()
  }
  return {
    done,
    now,
    speed,
    state,
    refusal,
    asked,
    seen,
    values,
    run,
    time,
    scene,
    senses,
    instruments,
    phase,
    open,
    inHand,
    begin,
    restore,
    goOn,
    act,
    hurt,
    call,
    choose,
    answered: computed(() => answersOf(done.value)),
    sealed: computed(() => timeOf(done.value, 'sealed') !== undefined),
  }
}
export type PracticeAttempt = ReturnType<typeof usePracticeAttempt>
