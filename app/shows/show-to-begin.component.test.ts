/** A show that is about to begin: of one staging, or of an order, planned afresh, each act with a run of its own. */
import { registerEndpoint } from '@nuxt/test-utils/runtime'
import { readBody } from 'h3'
import { beforeEach, describe, expect, it } from 'vitest'
import {
  readStaging,
  showSchema,
  type ListedOrder,
  type Plan,
  type RoomDocument,
  type RunningOrderDocument,
  type StagingDocument,
  type StoredStaging,
} from '~~/core'
import { DEMONSTRATIONS } from '~~/core/catalogue/everything'
import { showOfOrder, showOfStaging } from './show-to-begin'

const ROOM: RoomDocument = { altitude: { value: 1240, unit: 'm' }, airTemperature: { value: 18, unit: 'degC' } }
const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
const stored = (n: number, demonstration: string, title = demonstration): StoredStaging => ({
  ...{ id: id(n), version: n, updatedAt: '2026-11-20T10:00:00Z', by: null, begun: false },
  document: readStaging({ demonstration, title, inputs: {} }).document,
})

let plan: Plan | undefined
const asked: { acts: { id: string; target?: number }[] }[] = []
registerEndpoint('/api/running-orders/plan', {
  method: 'POST',
  handler: async event => {
    asked.push(await readBody(event))
    return plan ? { plan } : {}
  },
})
const added: { id: string; document: StagingDocument }[] = []
registerEndpoint('/api/stagings', {
  method: 'POST',
  handler: async event => {
    const { id, document } = await readBody<{ id: string; document: StagingDocument }>(event)
    added.push({ id, document })
    return { ...stored(1, document.demonstration), id, document }
  },
})
const order = (acts: { from?: StoredStaging; staging?: StagingDocument; target?: number }[]): ListedOrder => ({
  ...{ id: id(77), version: 1, updatedAt: '2026-11-20T10:00:00Z', by: null, archived: false, madeBy: null },
  document: {
    ...{ format: 'zealous-hush/running-order', version: 1, title: 'Open evening', start: '2027-03-01T09:30' },
    ...{ heaters: 2, hands: 1, before: 10 },
    acts: acts.map(({ from, staging, target }, i) => ({
      ...{ id: `act-${i}`, talk: 60, staging: staging ?? from!.document },
      ...(from && { from: from.id }),
      ...(target !== undefined && { target }),
    })),
  } as unknown as RunningOrderDocument,
})

beforeEach(() => {
  asked.length = added.length = 0
  plan = undefined
})

describe('a show of one staging', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id] as const))(
    '%s: is a show, with the room as it is today',
    async demonstration => {
      const staging = stored(3, demonstration, 'Mine')
      const show = await showOfStaging(staging, ROOM, {})
      expect(showSchema.parse(show)).toEqual(show)
      expect(show).toMatchObject({ title: 'Mine', acts: [{ stagingId: staging.id, stagingVersion: 3 }] })
      expect(show.acts[0]!.staging.inputs).toMatchObject({ airTemperature: ROOM.airTemperature })
      // What the room says, the Bench would have computed with.
      expect(() => readStaging(show.acts[0]!.staging)).not.toThrow()
    },
  )
  it('without a title is called as what it shows; a rehearsal says so', async () => {
    const show = await showOfStaging(stored(1, 'sealed-tin', ''), ROOM, { rehearsal: true, speed: 10 })
    expect(show).toMatchObject({ title: 'Sealed tin', rehearsal: true, speed: 10 })
  })
  it('has runs of its own each time it is begun', async () => {
    const [a, b] = await Promise.all([1, 2].map(() => showOfStaging(stored(1, 'can-plunge'), ROOM, {})))
    expect(a!.acts[0]!.run).not.toBe(b!.acts[0]!.run)
  })
})

describe('a show of an order', () => {
  const can = stored(2, 'can-plunge')
  const jar = stored(5, 'bell-jar-balloon')
  it('has its acts in order, and its times by the plan of today, in whole seconds', async () => {
    plan = {
      acts: [
        { id: 'act-0', lift: 301.4, heatOn: 200.6, heater: 1 },
        { id: 'act-1', lift: 600.2, heatOn: 0 },
      ],
    } as unknown as Plan
    const show = await showOfOrder(order([{ from: can }, { from: jar, target: 600 }]), [jar, can], ROOM, {})
    expect(show).toMatchObject({ title: 'Open evening', order: id(77) })
    expect(show.acts).toMatchObject([
      { id: 'act-0', stagingId: can.id, stagingVersion: 2, lift: 301, heatOn: 201 },
      { id: 'act-1', stagingId: jar.id, stagingVersion: 5, lift: 600 },
    ])
    // What no heater warms has no time at which it goes on.
    expect(show.acts[1]).not.toHaveProperty('heatOn')
    expect(new Set(show.acts.map(a => a.run)).size).toBe(2)
    expect(asked[0]!.acts).toMatchObject([{ id: 'act-0' }, { id: 'act-1', target: 600 }])
    expect(added).toEqual([])
  })
  it('that no plan holds for goes without times', async () => {
    const show = await showOfOrder(order([{ from: can }]), [can], ROOM, {})
    expect(show.acts[0]).not.toHaveProperty('lift')
    expect(showSchema.parse(show)).toEqual(show)
  })
  it('gives what came from a file a record of its own, so that its run can be logged', async () => {
    const foreign = readStaging({ demonstration: 'cloud-bottle', title: 'From a file', inputs: {} }).document
    const gone = stored(9, 'sealed-tin')
    const show = await showOfOrder(order([{ staging: foreign }, { from: can }, { from: gone }]), [can], ROOM, {})
    expect(added.map(a => a.document.title)).toEqual(['From a file', 'sealed-tin'])
    expect(show.acts.map(a => a.stagingId)).toEqual([added[0]!.id, can.id, added[1]!.id])
  })
})
