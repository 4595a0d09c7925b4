/** The room's conditions: told as one changes them, kept as they are saved, and never lost. */
import { mountSuspended, registerEndpoint } from '@nuxt/test-utils/runtime'
import { flushPromises } from '@vue/test-utils'
import { readBody } from 'h3'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { NO_SCHOOL, roomAtAGlance, type RoomDocument, type StoredRoom } from '~~/core'
import RoomConditions from './RoomConditions.vue'
import RoomDialog from './RoomDialog.vue'
import { until } from '~~/tests/until'

const HIGH: RoomDocument = {
  altitude: { value: 1240, unit: 'm' },
  seaLevelPressure: { value: 1019, unit: 'hPa' },
  airTemperature: { value: 18, unit: 'degC' },
  relativeHumidity: { value: 38, unit: '%' },
}
const stored = (version: number, document: RoomDocument): StoredRoom => ({
  ...{ version, document },
  glance: roomAtAGlance(document),
})
let kept = stored(4, HIGH)
const sent: { baseVersion: number; document: RoomDocument }[] = []
registerEndpoint('/api/room', {
  method: 'PUT',
  handler: async event => {
    const write = await readBody<{ baseVersion: number; document: RoomDocument }>(event)
    sent.push(write)
    if (write.baseVersion !== kept.version)
      throw createError({ statusCode: 409, data: { faults: [], current: kept }, message: 'saved elsewhere' })
    kept = stored(kept.version + 1, write.document)
    return kept
  },
})
registerEndpoint('/api/school', () => ({ version: 0, hasLogo: false, document: { ...NO_SCHOOL, room: HIGH } }))

/** What stands in the dialog, which is drawn at the end of the page. */
const dialog = () => document.querySelector<HTMLElement>('[role=dialog]')!
const field = (label: string) => {
  const named = [...dialog().querySelectorAll('label')].find(l => l.textContent?.trim().startsWith(label))!
  return document.getElementById(named.htmlFor) as HTMLInputElement
}
async function type(label: string, text: string) {
  const input = field(label)
  input.value = text
  input.dispatchEvent(new Event('input', { bubbles: true }))
  await flushPromises()
}
async function press(name: string) {
  const button = [...dialog().querySelectorAll('button')].find(b => b.textContent?.trim() === name)!
  button.click()
  await flushPromises()
  await new Promise(resolve => setTimeout(resolve))
  await flushPromises()
}
let page: Awaited<ReturnType<typeof mountSuspended>> | undefined
async function opened() {
  useRoomStore().take(kept)
  page = await mountSuspended(RoomDialog, { props: { open: true } })
  await flushPromises()
}

beforeEach(() => {
  sent.length = 0
  kept = stored(4, HIGH)
  useUnitsStore().system = 'si'
})

// What stays mounted would be drawn anew in another test, for the sake of a store that it shares.
afterEach(() => {
  page?.unmount()
  page = undefined
})

describe('the room at the head of every page', () => {
  it('is told in both unit systems, by what the server has worked out', async () => {
    useRoomStore().take(kept)
    const head = await mountSuspended(RoomConditions)
    page = head as never
    expect(head.text()).toMatch(/877\.\d\shPa.*18\s°C.*96\.\d\d?\s°C|877\.\d\shPa.*18\s°C.*96\s°C/)
    useUnitsStore().system = 'us'
    await nextTick()
    expect(head.text()).toMatch(/25\.9\d?\sinHg.*64\.4\s°F/)
    expect(head.text()).not.toMatch(/hPa|°C/)
  })
})

describe('the room, changed', () => {
  it('stands there as it is, and says at once what another height does', async () => {
    await opened()
    expect(field('Height above sea level').value).toMatch(/1,?240\sm/)
    await type('Height above sea level', '0 m')
    await type('Reported pressure', '1013.25 hPa')
    // Water boils at 99.97 °C under the standard atmosphere: IAPWS-95.
    expect(dialog().textContent).toContain('boils at 99.97')
    await press('Save')
    expect(sent).toEqual([
      expect.objectContaining({
        baseVersion: 4,
        document: expect.objectContaining({ altitude: { value: 0, unit: 'm' } }) as unknown,
      }),
    ])
    expect(useRoomStore().version).toBe(5)
    expect(useRoomStore().glance!.stationPressure).toBeCloseTo(101325, 0)
  })
  it.each([
    ['Height above sea level', 'twelve', /twelve/],
    ['Height above sea level', '90 km', /accepted/],
    ['Reported pressure', '3 kg', /not a unit of pressure/],
  ])('%s “%s” is refused at its field, and nothing is sent', async (label, text, words) => {
    await opened()
    await type(label, text)
    expect(dialog().textContent).toMatch(words)
    await press('Save')
    expect(sent.filter(s => JSON.stringify(s).includes(text))).toEqual([])
    expect(field(label).value).toBe(text)
  })
  it('somebody else changed meanwhile is not overwritten unseen; one’s own goes on top when one says so', async () => {
    await opened()
    kept = stored(9, { ...HIGH, airTemperature: { value: 25, unit: 'degC' } })
    await type('Height above sea level', '300 m')
    await press('Save')
    expect(dialog().textContent).toContain('changed in another window')
    expect(field('Height above sea level').value).toBe('300 m')
    await press('Save')
    expect(sent.map(s => s.baseVersion)).toEqual([4, 9])
    expect(useRoomStore().document.altitude).toEqual({ value: 300, unit: 'm' })
  })
  it('nor is what somebody else changed, where this page heard of it while one was typing', async () => {
    await opened()
    kept = stored(9, { ...HIGH, airTemperature: { value: 25, unit: 'degC' } })
    registerEndpoint('/api/room', { method: 'GET', handler: () => kept })
    await useRoomStore().ready()
    await until(() => expect(useRoomStore().version).toBe(9))
    await type('Height above sea level', '300 m')
    await press('Save')
    expect(dialog().textContent).toContain('changed in another window')
    expect(useRoomStore().document.airTemperature).toEqual({ value: 25, unit: 'degC' })
  })
})
