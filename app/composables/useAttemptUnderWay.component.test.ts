/** A reload in the middle of an attempt. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { beforeEach, describe, expect, it } from 'vitest'
import { useAttemptUnderWay } from '~/composables/useAttemptUnderWay'

/** As after a reload: what is stored is read once the page is mounted. */
async function opened<T>(use: (attempt: ReturnType<typeof useAttemptUnderWay>) => T): Promise<T> {
  let attempt!: ReturnType<typeof useAttemptUnderWay>
  const page = await mountSuspended({
    setup() {
      attempt = useAttemptUnderWay()
      return () => ''
    },
  })
  const said = use(attempt)
  await nextTick()
  page.unmount()
  return said
}
const acts = [{ kind: 'mark' as const, id: 'plume', at: 12.25 }]
const attempt = { of: 'a can', exercise: 'by-eye', seed: 7, learner: null, acts, now: 20.5, over: false }

describe('an attempt under way', () => {
  beforeEach(() => sessionStorage.removeItem('hush-attempt'))

  it('is there after a reload, of the same exercise with the same staging only, under the id that it had', async () => {
    const id = await opened(page => {
      page.anew()
      page.remember(attempt)
      return page.id()
    })
    await opened(page => {
      expect(page.left('a tin', 'by-eye')).toBeUndefined()
      expect(page.left('a can', 'as-planned')).toBeUndefined()
      expect(page.left('a can', 'by-eye')).toMatchObject({ seed: 7, acts, now: 20.5, endedAt: null })
      expect(page.id()).toBe(id)
    })
  })
  it('that is over stays so, with its moment, until it is with those to be kept', async () => {
    const ended = await opened(page => {
      page.anew()
      page.remember({ ...attempt, over: true })
      return page.endedAt()
    })
    expect(ended).not.toBeNull()
    await opened(page => {
      expect(page.left('a can', 'by-eye')?.endedAt).toBe(ended)
      page.remember({ ...attempt, over: true })
      expect(page.endedAt()).toBe(ended)
      page.forget()
    })
    await opened(page => expect(page.left('a can', 'by-eye')).toBeUndefined())
  })
  it.each(['no JSON', '{"of":"a can"}', '{"of":"a can","exercise":"by-eye","seed":-1}'])(
    'is none where it can’t be read: %s',
    async text => {
      sessionStorage.setItem('hush-attempt', text)
      await opened(page => expect(page.left('a can', 'by-eye')).toBeUndefined())
    },
  )
})
