/** What the presenter does in Live: each act of theirs is a mark, or is refused with why. */
import {
  countingMarks,
  refusalOfMark,
  type ActStory,
  type AnyMarkKind,
  type Mark,
  type MarkKind,
  type Wanted,
} from '~~/core'
import { useI18n } from 'petite-vue-i18n'
import type { LiveAct } from './useLiveActs'

interface Of {
  acts: Readonly<Ref<readonly LiveAct[]>>
  act: Readonly<Ref<LiveAct | undefined>>
  story: Readonly<Ref<ActStory>>
  marks: Readonly<Ref<readonly Mark[]>>
  wanted: Readonly<Ref<Wanted | undefined>>
  hushing: Readonly<Ref<boolean>>
  started: Readonly<Ref<number | undefined>>
  speed: Readonly<Ref<number>>
  /** turned to by hand */ chosen: Ref<string | undefined>
}
type Make = (act: string, kind: AnyMarkKind, value?: string, at?: number) => unknown

/** @param make keeps and sends a mark @param now ms, of the shared clock */
export function useMarking(of: Of, make: Make, now: () => number) {
  const { acts, act, story, marks, wanted, hushing, started, speed, chosen } = of
  const { t } = useI18n()
  const units = useUnitsStore()
  const refusal = ref('')
  const refusalTo = (kind: MarkKind) => (act.value ? refusalOfMark(act.value.cues, story.value, kind) : t('No act.'))

  /** The first thing done begins the show's clock: at nought, or as long before it as the first heater has to be on. */
  function beginClock() {
    if (started.value !== undefined) return
    const first = Math.min(0, ...acts.value.map(a => a.heatOn ?? 0))
    make('', 'start', undefined, now() - (first * 1000) / speed.value)
  }
  function markKind(kind: MarkKind) {
    if (!act.value) return
    refusal.value = units.told(refusalTo(kind) ?? '')
    if (refusal.value) return
    beginClock()
    make(act.value.id, kind)
    const { outcomes, wanted: wish } = act.value.read.demonstration
    if (kind === 'gone') make(act.value.id, 'outcome', wish)
    if (kind === 'nothing')
      make(act.value.id, 'outcome', (outcomes.find(o => o.look === 'nothing') ?? outcomes.at(-1)!).id)
  }
  function doWanted() {
    if (hushing.value) return markKind('gone')
    if (!act.value || !wanted.value || story.value.outcome !== undefined) return
    refusal.value = ''
    beginClock()
    if (wanted.value.kind === 'mark') markKind(wanted.value.value as MarkKind)
    else make(act.value.id, wanted.value.kind, wanted.value.value)
  }
  function undo() {
    const last = countingMarks(marks.value)
      .filter(m => m.act === act.value?.id)
      .at(-1)
    if (last) make(last.act, 'undo', last.id)
  }
  const chooseOutcome = (outcome: string) => act.value && make(act.value.id, 'outcome', outcome)
  const skip = () => act.value && make(act.value.id, 'closed', 'skipped')
  function turnTo(to: string) {
    chosen.value = to
    refusal.value = ''
  }
  const marked = (kind: MarkKind) => story.value.times[kind] !== undefined
  const shown = (kind: MarkKind) =>
    kind === 'gone' || kind === 'nothing'
      ? hushing.value
      : !hushing.value && !!act.value?.cues.some(c => c.marks.includes(kind))
  return { refusal, refusalTo, markKind, doWanted, undo, chooseOutcome, skip, turnTo, marked, shown }
}
