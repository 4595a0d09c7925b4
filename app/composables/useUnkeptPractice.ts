/** Attempts that are over: they stay on the device until the server has them, through a failed request and a reload. */
import { useLocalStorage } from '@vueuse/core'
import { refusalOf, sendWrite } from '~/api/sending'
import type { PracticeDocument } from '~~/core'

export interface PracticeWrite {
  /** also of the write: for every try the same, so that it is kept once */ id: string
  learner: string | null
  document: PracticeDocument
}

/** What the server says of the attempt itself: asked again it says the same. */
const OF_THE_ATTEMPT = new Set([400, 404, 409, 422])

export function useUnkeptPractice() {
  const unkept = useLocalStorage<PracticeWrite[]>('hush-unkept-practice', [])
  const without = ({ id }: PracticeWrite) => unkept.value.filter(w => w.id !== id)

  /** @throws the failure; it is tried again when the course is opened next, unless it never can be kept */
  async function keep(write: PracticeWrite): Promise<void> {
    if (!unkept.value.some(w => w.id === write.id)) unkept.value = [...unkept.value, write]
    try {
      await sendWrite('POST', '/api/practice', { ...write }, write.id)
      unkept.value = without(write)
    } catch (problem) {
      if (OF_THE_ATTEMPT.has(refusalOf(problem).status)) unkept.value = without(write)
      throw problem
    }
  }
  /** @returns how many of those that were left are kept now, and why others never will be */
  async function keepLeft(): Promise<{ kept: number; refused: string[] }> {
    let kept = 0
    const refused: string[] = []
    // One after the other: the first that gets no answer says that there is none now.
    for (const write of [...unkept.value]) {
      try {
        await keep(write)
        kept++
      } catch (problem) {
        const { status, message } = refusalOf(problem)
        if (!OF_THE_ATTEMPT.has(status)) break
        refused.push(message)
      }
    }
    return { kept, refused }
  }
  return { keep, keepLeft }
}
