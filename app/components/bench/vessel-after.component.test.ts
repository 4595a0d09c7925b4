/** The crushed vessel in three dimensions: asked for, told in words, and flat where a device can do no more. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { crushedMesh, readStaging, type CrushedShell } from '~~/core'
import { DEMONSTRATIONS } from '~~/core/catalogue/everything'
import VesselAfter from './VesselAfter.vue'

function staged(id: string) {
  const { demonstration, values } = readStaging({ demonstration: id, inputs: {} })
  const simulation = demonstration.simulate(values, 'trace')
  return { demonstration, values, simulation }
}
function shellOf(id: string): CrushedShell {
  const { demonstration, values, simulation } = staged(id)
  return demonstration.shell!(values, simulation, simulation.trace.stages.at(-1)!.end)
}
const shown = (id: string, other?: Partial<CrushedShell>) => {
  const { demonstration, ...run } = staged(id)
  const shell = other && (() => ({ ...shellOf(id), ...other }))
  return mountSuspended(VesselAfter, {
    props: { demonstration: shell ? { ...demonstration, shell } : demonstration, ...run },
  })
}

describe('what is left of a vessel', () => {
  it.each(DEMONSTRATIONS.filter(d => d.shell).map(d => [d.id] as const))(
    '%s: is as lost as it was computed, once it is asked for',
    async id => {
      useUnitsStore().system = 'si'
      const shell = shellOf(id)
      const page = await shown(id)
      expect(page.text()).not.toMatch(/of its volume gone/)
      await page.find('button').trigger('click')
      await flushPromises()
      const [, per] = /([\d.]+)\s%\sof its volume gone/.exec(page.text())!
      expect(Math.abs(Number(per) - 100 * shell.lost)).toBeLessThan(1)
      expect(page.text()).toMatch(/L left, and .*m high/)
      // What it holds before is what the staging says that it holds.
      const { volume, lost } = crushedMesh(shell)
      const { numbers } = readStaging({ demonstration: id, inputs: {} }).values
      expect(volume / (1 - lost) / numbers.vesselVolume!).toBeCloseTo(1, 2)
      expect(page.text()).toMatch(shell.lobes > 1 ? new RegExp(`${shell.lobes} lobes by`) : /four sides/)
    },
  )
  it('is said in words where the device has no WebGL, as here', async () => {
    const page = await shown('can-plunge')
    await page.find('button').trigger('click')
    await expect.poll(() => page.text()).toContain('cannot draw in three dimensions')
    expect(page.find('canvas').exists()).toBe(false)
    // Flat instead, to scale.
    expect(page.find('.bench-drawing').exists()).toBe(true)
  })
  it('is nothing of a vessel that cannot be crushed', async () => {
    expect((await shown('flask-fountain')).text()).toBe('')
  })
  it('is nothing where nothing was crushed', async () => {
    const page = await shown('can-plunge', { lost: 0 })
    expect(page.text()).toBe('')
  })
  it('tells where even lobes fold no further', async () => {
    const page = await shown('can-plunge', { lobes: 2, lost: 0.95 })
    await page.find('button').trigger('click')
    await flushPromises()
    expect(page.text()).toContain('further than even lobes can show')
  })
})
