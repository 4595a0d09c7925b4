/** Attempts that could not be kept: none is lost by a reload, none is sent for ever. */
import { registerEndpoint } from '@nuxt/test-utils/runtime'
import { readBody } from 'h3'
import { beforeEach, describe, expect, it } from 'vitest'
import { useUnkeptPractice, type PracticeWrite } from '~/composables/useUnkeptPractice'

const heard: unknown[] = []
/** What the server answers next, 0 for that it has it. */
let status = 0
registerEndpoint('/api/practice', {
  method: 'POST',
  handler: async event => {
    const body = await readBody(event)
    if (status) throw createError({ statusCode: status })
    heard.push(body)
    return { kept: true }
  },
})
const attempt = (id: string) => ({ id, learner: null, document: { exercise: 'by-eye' } }) as PracticeWrite
const left = (): PracticeWrite[] => JSON.parse(localStorage.getItem('hush-unkept-practice') ?? '[]')
/** As after a reload. */
async function opened<T>(use: (unkept: ReturnType<typeof useUnkeptPractice>) => Promise<T>): Promise<T> {
  const scope = effectScope()
  const done = await use(scope.run(useUnkeptPractice)!)
  await nextTick()
  scope.stop()
  return done
}

describe('attempts that the server does not have yet', () => {
  beforeEach(() => {
    heard.length = 0
    status = 0
    localStorage.removeItem('hush-unkept-practice')
  })

  it('stay on the device through a reload, and are kept once, under the id that they had', async () => {
    status = 503
    await opened(async unkept => {
      await expect(unkept.keep(attempt('a'))).rejects.toThrow()
      await expect(unkept.keep(attempt('a'))).rejects.toThrow()
      await expect(unkept.keep(attempt('b'))).rejects.toThrow()
    })
    expect(left()).toEqual([attempt('a'), attempt('b')])
    expect(await opened(unkept => unkept.keepLeft())).toEqual({ kept: 0, refused: [] })
    status = 0
    expect(await opened(unkept => unkept.keepLeft())).toEqual({ kept: 2, refused: [] })
    expect(heard).toEqual(['a', 'b'].map(id => ({ ...attempt(id), writeId: id })))
    expect(left()).toEqual([])
    expect(await opened(unkept => unkept.keepLeft())).toEqual({ kept: 0, refused: [] })
  })
  it('leave nothing behind where it is kept at once', async () => {
    await opened(unkept => unkept.keep(attempt('a')))
    expect([heard.length, left()]).toEqual([1, []])
  })
  it('are let go where the server will never take them, and not where one only has to sign in', async () => {
    status = 409
    await opened(unkept => expect(unkept.keep(attempt('a'))).rejects.toThrow())
    expect(left()).toEqual([])
    status = 401
    await opened(unkept => expect(unkept.keep(attempt('b'))).rejects.toThrow())
    expect(left()).toEqual([attempt('b')])
    // Signed in, but the learner's name is gone meanwhile: it is said.
    status = 409
    const told = await opened(unkept => unkept.keepLeft())
    expect([told.kept, told.refused.length, left()]).toEqual([0, 1, []])
  })
})
