/** A scene on the screen: mounted where it moves, written where there are many, and both the same picture. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { beforeEach, describe, expect, it } from 'vitest'
import { resolve, type Scene } from '~~/core'
import { DEMONSTRATIONS } from '~~/core/catalogue/everything'
import SceneDrawing from './SceneDrawing.vue'

const drawn = (scene: Scene, more: { card?: boolean; tall?: boolean; column?: boolean } = {}) =>
  mountSuspended(SceneDrawing, { props: { scene, ...more } })
const shapesOf = (page: Awaited<ReturnType<typeof drawn>>) => page.findAll('svg *').map(e => e.element.tagName)
const scenes = DEMONSTRATIONS.map(d => {
  const { values } = resolve(d, { numbers: {}, choices: {} })
  const simulation = d.simulate(values, 'trace')
  return [d.id, d.drawing(values, simulation, simulation.trace.stages.at(-1)!.end)] as const
})
const plain: Scene = {
  frame: { left: -1, right: 1, bottom: 0, top: 1 },
  caption: ['as it is'],
  shapes: [{ kind: 'note', at: [0, 0.5], said: ['<b>bold</b> & "quoted"'] }],
}

beforeEach(() => {
  useUnitsStore().system = 'si'
})

describe('a scene', () => {
  it.each(scenes)(
    'of %s is the same picture on a card as it is large, but for the bar of its scale',
    async (_, scene) => {
      const [large, card] = [await drawn(scene), await drawn(scene, { card: true })]
      const shapes = shapesOf(card)
      expect(shapes.length).toBeGreaterThan(5)
      // Its bar and what the bar is called.
      expect(shapesOf(large)).toHaveLength(shapes.length + 2)
      expect(large.get('svg').attributes('aria-label')).toBe(card.get('svg').attributes('aria-label'))
      expect(large.find('.scale').exists()).toBe(true)
      expect(card.find('.scale').exists()).toBe(false)
    },
  )
  it('shows marks in words as words, written or mounted', async () => {
    for (const card of [false, true]) {
      const page = await drawn(plain, { card })
      expect(page.find('b').exists()).toBe(false)
      expect(page.findAll('text').at(-1)!.text()).toBe('<b>bold</b> & "quoted"')
    }
  })
  it('follows the units of whoever reads, its bar too', async () => {
    const page = await drawn(scenes[0]![1])
    expect(page.get('text').text()).toMatch(/\d\scm/)
    useUnitsStore().system = 'us'
    await nextTick()
    expect(page.get('text').text()).toMatch(/\d\sin/)
    expect(page.text()).not.toMatch(/kPa|°C/)
  })
})
