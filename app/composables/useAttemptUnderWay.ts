/** The attempt that is under way in this tab, or over and not kept yet: a reload does not lose it. */
import { StorageSerializers, useSessionStorage } from '@vueuse/core'
import { z } from 'zod'
import { newId } from '~/api/new-id'
import { practiceSchema } from '~~/core'

const underWaySchema = practiceSchema
  .pick({ exercise: true, seed: true, acts: true })
  .extend({
    /** of the attempt as it will be kept */ id: z.uuid(),
    /** what is practised */ of: z.string(),
    learner: z.uuid().nullable(),
    /** s since it began */ now: z.number().min(0),
    /** when it ended; null while it goes on */ endedAt: practiceSchema.shape.practisedAt.nullable(),
  })
type AttemptUnderWay = z.infer<typeof underWaySchema>

export function useAttemptUnderWay() {
  const stored = useSessionStorage<unknown>('hush-attempt', null, {
    serializer: StorageSerializers.object,
    initOnMounted: true,
    // Without it a reload begins anew, as it would without this.
    onError: () => undefined,
  })
  let id = ''
  let endedAt: string | null = null
  return {
    /** of the attempt, after a reload, too: it is kept once */ id: () => id,
    endedAt: () => endedAt,
    anew() {
      id = newId()
      endedAt = null
      stored.value = null
    },
    /**
     * Once the page is mounted: what was left of an exercise with a staging; of another, or where it can't be read,
     * nothing.
     */
    left(of: string, exercise: string): AttemptUnderWay | undefined {
      const { data } = underWaySchema.safeParse(stored.value)
      if (data?.of !== of || data.exercise !== exercise) return undefined
      ;({ id, endedAt } = data)
      return data
    },
    remember(attempt: Omit<AttemptUnderWay, 'id' | 'endedAt'> & { over: boolean }) {
      const { over, ...rest } = attempt
      if (over) endedAt ??= new Date().toISOString()
      stored.value = { ...rest, id, endedAt }
    },
    forget() {
      stored.value = null
    },
  }
}
