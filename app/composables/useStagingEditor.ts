import { newId } from '~/api/new-id'
import { refusalOf, sendWrite } from '~/api/sending'
import { typedInputs, withInput, type TypedInput } from '~/components/bench/typed-inputs'
import {
  StagingFaults,
  resolveStaging,
  withRoom,
  findDemonstration,
  findInput,
  type Fault,
  type ReadStaging,
  type Traced,
  type StagingDocument,
  type StoredStaging,
} from '~~/core'

const copy = <T>(x: T): T => JSON.parse(JSON.stringify(x)) as T

/** One staging being worked on: its draft, what it comes to, and saving it without losing or overwriting anything. */
export function useStagingEditor(id: string) {
  const room = useRoomStore()
  const units = useUnitsStore()
  const drafts = useDrafts<StagingDocument>(id)
  const ask = useFromServer()
  const fetchDemonstrations = useDemonstrations()
  const stored = shallowRef<StoredStaging>()
  const draft = shallowRef<StagingDocument>()
  const baseVersion = ref(0)
  const failure = ref('')
  const saving = ref(false)
  /** Nothing was changed since it was begun: it is in no list, until something is. */
  const begun = computed(() => stored.value?.begun === true)
  const faults = ref<Fault[]>([])
  /** the stored staging, where somebody else saved first */
  const conflict = shallowRef<StoredStaging>()
  const leftBehind = shallowRef<ReturnType<typeof drafts.others>>()
  /** What stands in a blank and is refused, by input, as a reader is told of it: nothing is saved behind its back. */
  const unsettled = reactive(new Map<string, string>())
  /** that a save was asked for while something was unsettled */
  const held = ref(false)

  const steps = useUndo(draft, step => {
    dropRefused()
    draft.value = copy(step)
  })
  const dirty = computed(
    () => !!draft.value && !!stored.value && JSON.stringify(draft.value) !== JSON.stringify(stored.value.document),
  )

  const reading = computed<{ read?: ReadStaging; faults: readonly Fault[] }>(() => {
    if (!draft.value || !room.loaded) return { faults: [] }
    try {
      return {
        read: resolveStaging(withRoom(draft.value, room.document, findDemonstration(draft.value.demonstration)!)),
        faults: [],
      }
    } catch (error) {
      if (error instanceof StagingFaults) return { faults: error.faults }
      throw error
    }
  })
  /**
   * The last reading that made sense; with other room conditions a staging may stop making sense, which `misfits`
   * says.
   */
  let lastGood: ReadStaging | undefined
  const read = computed(() => (lastGood = reading.value.read ?? lastGood))
  const misfits = computed(() => reading.value.faults)
  const simulate = useSimulated()
  const simulation = computed<Traced | undefined>(() => read.value && simulate(read.value))

  function adopt(staging: StoredStaging, document = staging.document) {
    stored.value = staging
    baseVersion.value = staging.version
    draft.value = copy(document)
    conflict.value = undefined
    faults.value = []
  }

  async function load() {
    try {
      const staging = await ask<StoredStaging>(`/api/stagings/${id}`)
      await fetchDemonstrations([staging.document.demonstration])
      adopt(staging)
      steps.begin()
      failure.value = ''
    } catch (error) {
      const refusal = refusalOf(error)
      failure.value = refusal.message
      if (refusal.status === 404) missing()
    }
  }
  const missing = useMissing()

  /** Work that was not saved is on the device: the server draws what it has, and this comes on top of it. */
  let lookedForDrafts = false
  onMounted(() => {
    lookedForDrafts = true
    if (!stored.value) return
    const mine = drafts.mine()
    if (mine) {
      draft.value = copy(mine.document)
      baseVersion.value = mine.baseVersion
      steps.begin()
      if (mine.baseVersion !== stored.value.version && dirty.value) conflict.value = stored.value
    } else leftBehind.value = drafts.others()
  })

  /** What was only begun is in the lists from now on. */
  let keeping: Promise<void> | undefined
  async function keep() {
    if (!begun.value) return
    // Also where one leaves at once.
    await $fetch(`/api/stagings/${id}/keep`, { method: 'PUT', body: {}, keepalive: true })
    stored.value = { ...stored.value!, begun: false }
  }
  const kept = () => (keeping ??= keep().finally(() => (keeping = undefined)))

  watch([draft, dirty], () => {
    if (!draft.value || !stored.value || !lookedForDrafts) return
    if (dirty.value) {
      drafts.keep(baseVersion.value, draft.value)
      // A server that is away is asked again at the next change, and saving says what stands in the way.
      kept().catch(() => {})
    } else drafts.drop()
  })

  /** Faults that a change would bring; none means that it can be made. */
  function faultsOf(change: (document: StagingDocument) => void): Fault[] {
    const candidate = copy(draft.value!)
    change(candidate)
    try {
      resolveStaging(withRoom(candidate, room.document, findDemonstration(candidate.demonstration)!))
      return []
    } catch (error) {
      if (error instanceof StagingFaults) return [...error.faults]
      throw error
    }
  }

  /** Makes a change unless it brings faults, which are returned. */
  function change(make: (document: StagingDocument) => void): Fault[] {
    const found = faultsOf(make)
    if (found.length === 0) {
      const next = copy(draft.value!)
      make(next)
      draft.value = next
      void steps.keepSoon()
    }
    return found
  }

  const typed = typedInputs(change)
  /**
   * Puts an input in force. Refused, it changes nothing.
   *
   * @param before for one that is being typed: what was in force before, and is again if it is refused, since half a
   *   number that was accepted is no number. It waits then for what goes with it.
   */
  function setInput(input: string, value: TypedInput, before?: { document: TypedInput }): Fault[] {
    const found = typed.put(input, value, before !== undefined)
    if (found.length > 0 && before)
      change(d => {
        withInput(d, input, before.document)
      })
    return found
  }
  /** Back to what was in force, because what is typed is no number. */
  function takeBack(input: string, before: TypedInput): void {
    typed.drop(input)
    change(d => {
      withInput(d, input, before)
    })
  }

  /** A blank that is gone leaves nothing waiting that nobody sees. */
  function forget(input: string): void {
    typed.drop(input)
    unsettled.delete(input)
  }

  function dropRefused(): void {
    typed.dropAll()
    unsettled.clear()
  }

  /** What an input is called on the screen; the id for what this demonstration does not ask. */
  const nameOf = (input: string): string => {
    const spec = draft.value && findInput(findDemonstration(draft.value.demonstration)!, input)
    return spec ? units.told(spec.name) : input
  }
  /** Faults as a reader is told them. @param own the input at which they are told, which needs no name */
  const faultLines = (found: readonly Fault[], own?: string): string[] =>
    found.map(f => `${f.input === own ? '' : `${nameOf(f.input)}: `}${units.told(f.message)}`)

  let pendingWrite: { text: string; writeId: string } | undefined
  async function save(onTop = false) {
    if (!draft.value || !stored.value || saving.value) return
    held.value = unsettled.size > 0
    if (held.value) return
    if (begun.value && !dirty.value) return saveAsBegun()
    saving.value = true
    failure.value = ''
    faults.value = []
    const document = copy(draft.value)
    const base = onTop && conflict.value ? conflict.value.version : baseVersion.value
    // The same content saved again after a failure carries the same id.
    const text = `${base} ${JSON.stringify(document)}`
    if (pendingWrite?.text !== text) pendingWrite = { text, writeId: newId() }
    try {
      const saved = await sendWrite<StoredStaging>(
        'PUT',
        `/api/stagings/${id}`,
        { baseVersion: base, document },
        pendingWrite.writeId,
      )
      const changedSince = JSON.stringify(draft.value) !== JSON.stringify(document)
      adopt(saved, changedSince ? draft.value : saved.document)
      if (!changedSince) drafts.drop()
    } catch (error) {
      const refusal = refusalOf(error)
      if (refusal.status === 409) conflict.value = refusal.current as StoredStaging
      else {
        failure.value = refusal.faults.length > 0 ? '' : refusal.message
        faults.value = refusal.faults
      }
    } finally {
      saving.value = false
    }
  }

  /** Nothing is written anew: what was begun is kept as it is. */
  async function saveAsBegun() {
    saving.value = true
    failure.value = ''
    try {
      await kept()
    } catch (error) {
      failure.value = refusalOf(error).message
    } finally {
      saving.value = false
    }
  }

  /** Saves the draft as a staging of its own and returns its id. */
  async function saveAsCopy(): Promise<string | undefined> {
    held.value = unsettled.size > 0
    if (held.value) return undefined
    const copyId = newId()
    try {
      const document = copy(draft.value!)
      document.title = `${document.title} (copy)`.slice(0, 200)
      await sendWrite('POST', '/api/stagings', { id: copyId, document }, copyId)
      drafts.drop()
      return copyId
    } catch (error) {
      failure.value = refusalOf(error).message
      return undefined
    }
  }

  function takeStored() {
    if (!conflict.value) return
    drafts.drop()
    dropRefused()
    adopt(conflict.value)
    steps.begin()
  }

  function undoAll() {
    dropRefused()
    if (stored.value) adopt(stored.value)
    void steps.keepSoon()
  }

  function takeLeftBehind() {
    const left = leftBehind.value
    if (!left || !stored.value) return
    draft.value = copy(left.draft.document)
    baseVersion.value = left.draft.baseVersion
    if (left.draft.baseVersion !== stored.value.version) conflict.value = stored.value
    drafts.dropKey(left.key)
    leftBehind.value = undefined
  }

  function leaveLeftBehind() {
    if (leftBehind.value) drafts.dropKey(leftBehind.value.key)
    leftBehind.value = undefined
  }

  return {
    stored,
    draft,
    baseVersion,
    dirty,
    begun,
    read,
    misfits,
    simulation,
    failure,
    saving,
    faults,
    conflict,
    leftBehind,
    load,
    change,
    faultsOf,
    setInput,
    takeBack,
    forget,
    faultLines,
    unsettled,
    held,
    save,
    saveAsCopy,
    takeStored,
    undoAll,
    steps,
    takeLeftBehind,
    leaveLeftBehind,
  }
}

export type StagingEditor = ReturnType<typeof useStagingEditor>
