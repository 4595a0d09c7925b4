import { useI18n } from 'petite-vue-i18n'
import { refusalOf } from '~/api/sending'
import type { Away, Kept } from '~~/core'

export interface Shown {
  id: string
  title: string
  archived: boolean
}
/** ms in which it can be taken back where one is told of it */
const TO_THINK = 10_000

/**
 * Archives and deletes records, each with its way back.
 *
 * @param changed reads the list anew
 */
export function usePutAway(kind: Kept, changed: () => unknown) {
  const toast = useToast()
  const { t } = useI18n()
  async function set({ id }: Shown, away: Away): Promise<boolean> {
    try {
      await $fetch(`/api/put-away/${kind}/${id}`, { method: 'PUT', body: { away } })
    } catch (problem) {
      toast.add({ title: refusalOf(problem).message, color: 'error' })
      return false
    }
    await changed()
    return true
  }
  async function put(record: Shown, away: Away) {
    if (!(await set(record, away))) return
    // One way back for each record: an older one would lead to a state that it left twice.
    const of = `${kind}:${record.id}:`
    for (const { id } of toast.toasts.value) if (String(id).startsWith(of)) toast.remove(id)
    const { title } = record
    const told = {
      deleted: t('“{title}” is deleted', { title }),
      archived: t('“{title}” is archived', { title }),
      back: t('“{title}” is back in the list', { title }),
    }
    toast.add({
      // A name of its own: what is being closed keeps the old one for a moment.
      id: `${of}${Date.now()}`,
      title: told[away ?? 'back'],
      duration: TO_THINK,
      actions: [
        { label: t('Undo'), variant: 'outline', onClick: () => void set(record, record.archived ? 'archived' : null) },
      ],
    })
  }
  return { put }
}
