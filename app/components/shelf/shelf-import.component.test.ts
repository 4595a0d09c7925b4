/** A shelf from a file: what is good can be added, what is not is told, what is here is not added again. */
import { mountSuspended, registerEndpoint } from '@nuxt/test-utils/runtime'
import { readBody, setResponseStatus } from 'h3'
import { beforeEach, describe, expect, it } from 'vitest'
import FileButton from '../FileButton.vue'
import ShelfImport from './ShelfImport.vue'
import { until } from '~~/tests/until'

const sent: { items: { document: { name: string } }[]; writeId: string }[] = []
let away = false
registerEndpoint('/api/shelf/import', {
  method: 'POST',
  handler: async event => {
    sent.push(await readBody(event))
    if (away) {
      setResponseStatus(event, 507)
      return { message: 'the disk is full', data: { faults: [] } }
    }
    return []
  },
})
registerEndpoint('/api/shelf', () => [])
const bowl = (name: string) => ({ kind: 'bath', name, water: { value: 6, unit: 'L' } })
const json = (items: unknown[]) => JSON.stringify({ format: 'zealous-hush/shelf', version: 1, items })

async function chosen(text: string, name: string) {
  const shown = await mountSuspended(ShelfImport)
  shown.getComponent(FileButton).vm.$emit('file', new File([text], name))
  await until(() => expect(shown.find('[data-testid=import-result], [role=alert]').exists()).toBe(true))
  return shown
}
const press = (of: Awaited<ReturnType<typeof chosen>>, name: RegExp) =>
  of
    .findAll('button')
    .find(b => name.test(b.text()))!
    .trigger('click')

beforeEach(() => {
  sent.length = 0
  away = false
})

describe('a shelf from a file', () => {
  it('adds the good ones of a table, and names the bad cell by line and column', async () => {
    const shown = await chosen('kind,name,water (L)\nbath,Washing-up bowl,8\nbath,Leaky bowl,a lot\n', 'shelf.csv')
    expect(shown.get('[data-testid=import-result]').text()).toContain('1 good, 1 fault')
    expect(shown.get('[role=alert]').text()).toContain('line 3, water')
    await press(shown, /Add the 1 good one/)
    await until(() => expect(shown.get('[role=status]').text()).toBe('1 added from shelf.csv.'))
    expect(sent[0]!.items.map(i => i.document.name)).toEqual(['Washing-up bowl'])
  })
  it('of JSON names the item and the field', async () => {
    const shown = await chosen(json([bowl('Bowl'), { kind: 'bath' }, { kind: 'boat', name: 'x' }]), 'shelf.json')
    expect(shown.get('[data-testid=import-result]').text()).toContain('1 good')
    expect(shown.get('[role=alert]').text()).toContain('item 2, name')
    expect(shown.get('[role=alert]').text()).toContain('item 3')
  })
  it('of another kind is refused with what is accepted', async () => {
    const shown = await chosen('{"format":"zealous-hush/logbook"}', 'logbook.json')
    expect(shown.get('[role=alert]').text()).toContain('accepted: "format": "zealous-hush/shelf", with its items')
    expect((await chosen('{half', 'torn.json')).get('[role=alert]').text()).toBe(
      "torn.json can't be read: it is not JSON.",
    )
  })
  it('says why it could not be added, and is the same write when it is tried again', async () => {
    away = true
    const shown = await chosen(json([bowl('Bowl')]), 'shelf.json')
    await press(shown, /Add the 1/)
    await until(() => expect(shown.get('[role=alert]').text()).toContain('the disk is full'))
    away = false
    await press(shown, /Add the 1/)
    await until(() => expect(shown.find('[role=status]').exists()).toBe(true))
    expect(sent).toHaveLength(2)
    expect(sent[0]!.writeId).toBe(sent[1]!.writeId)
  })
})
