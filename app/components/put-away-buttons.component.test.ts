/** A record's way out of its list, and back again after its row is gone. */
import { mountSuspended, registerEndpoint } from '@nuxt/test-utils/runtime'
import { flushPromises } from '@vue/test-utils'
import { readBody } from 'h3'
import { describe, expect, it, vi } from 'vitest'
import PutAwayButtons from './PutAwayButtons.vue'

const ID = '00000000-0000-4000-8000-000000000001'
const asked: unknown[] = []
registerEndpoint(`/api/put-away/stagings/${ID}`, {
  method: 'PUT',
  handler: async event => {
    asked.push((await readBody<{ away: unknown }>(event)).away)
    return {}
  },
})

describe('archive and delete', () => {
  it.each([
    [false, 'Archive: Slim can', 'archived', null],
    [true, 'Take out of the archive: Slim can', null, 'archived'],
    [false, 'Delete: Slim can', 'deleted', null],
    [true, 'Delete: Slim can', 'deleted', 'archived'],
  ] as const)(
    'archived %s: %s, and Undo brings back what was, though the row is gone',
    async (archived, name, put, back) => {
      asked.length = 0
      useToast().clear()
      const refresh = vi.fn()
      const record = { id: ID, title: 'Slim can', archived }
      const row = await mountSuspended(PutAwayButtons, { props: { kind: 'stagings', record, refresh } })
      await row.find(`button[aria-label="${name}"]`).trigger('click')
      await expect.poll(() => refresh.mock.calls.length).toBe(1)
      expect(asked).toEqual([put])
      await flushPromises()
      row.unmount()
      const [toast] = useToast().toasts.value
      expect(toast!.duration).toBe(10_000)
      const undo = toast!.actions![0]!.onClick as (event: MouseEvent) => void
      undo(new MouseEvent('click'))
      await expect.poll(() => refresh.mock.calls.length).toBe(2)
      expect(asked).toEqual([put, back])
    },
  )
})
