/** A staging that is begun from a card, with things of the Shelf, or out of a file. */
import { registerEndpoint } from '@nuxt/test-utils/runtime'
import { readBody } from 'h3'
import { beforeEach, describe, expect, it } from 'vitest'
import { readStaging, type ShelfItemDocument, type StagingDocument, type StoredItem } from '~~/core'
import { DEMONSTRATIONS } from '~~/core/catalogue/everything'
import { beginStaging } from './begin'
import { takeStaging } from './take-file'

interface Sent {
  id: string
  writeId: string
  document: StagingDocument
  begun?: boolean
}
const sent: Sent[] = []
let listed: string[] = []
registerEndpoint('/api/stagings', {
  method: 'POST',
  handler: async event => {
    sent.push(await readBody<Sent>(event))
    return {}
  },
})
registerEndpoint('/api/stagings', { method: 'GET', handler: () => listed.map(title => ({ document: { title } })) })

const thing = (document: unknown, n = 1): StoredItem => ({
  ...{ id: `00000000-0000-4000-8000-00000000000${n}`, version: 3, retired: false, photo: null },
  document: document as ShelfItemDocument,
})
const slim = thing({
  ...{ kind: 'vessel', name: 'Slim can', shape: 'cylinder', wallMaterial: 'aluminium', condition: 'sound' },
  ...{ diameter: { value: 57.5, unit: 'mm' }, height: { value: 145, unit: 'mm' } },
  ...{ mouthDiameter: { value: 22, unit: 'mm' }, wallThickness: { value: 0.1, unit: 'mm' } },
  ...{ capacity: { value: 331, unit: 'mL' } },
})
const file = (text: string, name = 'can.json') => new File([text], name)
const told = (s: unknown) => (typeof s === 'string' ? s : JSON.stringify(s))

beforeEach(() => {
  sent.length = 0
  listed = []
})

describe('a staging that is begun', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id, d.name] as const))('%s: as usual, in no list yet', async (id, name) => {
    const address = await beginStaging(id, name)
    expect(sent).toHaveLength(1)
    const [{ id: own, writeId, document, begun }] = sent as [Sent]
    expect([address, writeId, begun]).toEqual([`/bench/${own}`, own, true])
    expect(document).toMatchObject({ demonstration: id, title: name })
    // What the server does with it: it can be read, and says the same again.
    expect(readStaging(document).document).toEqual(document)
  })
  it('is called so that it is told from those that are there', async () => {
    listed = ['Can plunge', 'Can plunge 2', 'Can plunge 4']
    await beginStaging('can-plunge', 'Can plunge')
    listed = ['Sealed tin']
    await beginStaging('can-plunge', 'Can plunge')
    expect(sent.map(s => s.document.title)).toEqual(['Can plunge 3', 'Can plunge'])
  })
  it('knows the version of the thing it was begun with', async () => {
    await beginStaging('can-plunge', 'Can plunge: Slim can', [slim])
    expect(sent[0]!.document.things).toEqual({ vessel: { id: slim.id, version: 3 } })
    expect(sent[0]!.document.inputs.vesselDiameter).toMatchObject({ value: 57.5, unit: 'mm' })
  })
  it('begins as usual where things do not go together', async () => {
    // A can with a mouth wider than itself is none.
    const wide = thing({ ...slim.document, mouthDiameter: { value: 400, unit: 'mm' } })
    await beginStaging('can-plunge', 'Can plunge', [wide])
    expect(sent[0]!.document.things ?? {}).toEqual({})
    expect(readStaging(sent[0]!.document).document).toEqual(sent[0]!.document)
  })
  it('of a demonstration that there is not sends nothing', async () => {
    await expect(beginStaging('levitation', 'Levitation')).rejects.toThrow()
    expect(sent).toEqual([])
  })
})

describe('a staging out of a file', () => {
  const document = readStaging({ demonstration: 'sealed-tin', title: 'From elsewhere', inputs: {} }).document
  it('is taken as it stands, and is somebody’s at once', async () => {
    const taken = await takeStaging(file(JSON.stringify(document)), told)
    expect(taken).toEqual({ address: `/bench/${sent[0]!.id}` })
    expect(sent[0]!.document).toEqual(document)
    expect(sent[0]!.begun).toBeUndefined()
  })
  it.each([
    ['no JSON', '{"format":', /can.json is not a staging document: it is not JSON/],
    ['another document', '{"format":"zealous-hush/logbook","version":1,"runs":[]}', /demonstration/],
    ['nothing', 'null', /./],
    ['an input that it does not have', JSON.stringify({ ...document, inputs: { colour: 'red' } }), /colour/],
    [
      'a number that no tin has',
      JSON.stringify({ ...document, inputs: { waterCharge: { value: 5, unit: 'm3' } } }),
      /waterCharge/,
    ],
  ])('%s is refused with words, and nothing is sent', async (_, text, words) => {
    const taken = await takeStaging(file(text), told)
    expect(JSON.stringify(taken)).toMatch(words)
    expect(taken).not.toHaveProperty('address')
    expect(sent).toEqual([])
  })
})
