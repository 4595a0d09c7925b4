/** A run that came with the page is taken up; any other is simulated. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { readStaging, type Traced } from '~~/core'
import { findDemonstration } from '~~/core/catalogue/everything'

const read = readStaging({ demonstration: 'plates', title: '', inputs: {} })
const plates = findDemonstration('plates')!
const simulated = async (came: Record<string, string>): Promise<Traced> => {
  useState('simulated').value = came
  let run!: Traced
  await mountSuspended(
    defineComponent({
      setup() {
        run = useSimulated()(read)
        return () => h('p')
      },
    }),
  )
  return run
}
const keyOf = (values: unknown) => JSON.stringify(['plates', values])

afterEach(() => vi.restoreAllMocks())

describe('a run', () => {
  it('of just these values that came with the page is not simulated again', async () => {
    const simulate = vi.spyOn(plates, 'simulate')
    const came = { outcome: 'as it came' }
    expect(await simulated({ [keyOf(read.values)]: JSON.stringify(came) })).toEqual(came)
    expect(simulate).not.toHaveBeenCalled()
  })
  it('of other values is none of it', async () => {
    const other = { ...read.values, numbers: { ...read.values.numbers, loadForce: 1 } }
    const run = await simulated({ [keyOf(other)]: JSON.stringify({ outcome: 'as it came' }) })
    expect(run).toEqual(plates.simulate(read.values, 'trace'))
  })
})
