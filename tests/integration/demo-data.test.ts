import '../../core/catalogue/everything'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import {
  StagingSample,
  checkRun,
  checkShelfItem,
  observationOf,
  readStaging,
  roomSchema,
  runSchema,
  runningOrderSchema,
  shelfItemSchema,
  stagingOfRun,
  summarise,
  withRoom,
} from '../../core'

const read = (name: string) => JSON.parse(readFileSync(`db/demo/${name}.json`, 'utf8'))
const room = roomSchema.parse(read('room'))
const stagings = read('stagings') as { id: string; versions: unknown[] }[]
const runs = read('runs') as { stagingId: string; stagingVersion: number; document: unknown }[]

describe('demo data', () => {
  it("is valid by the application's own rules", () => {
    for (const { document } of read('shelf')) checkShelfItem(shelfItemSchema.parse(document))
    for (const { versions } of stagings) for (const version of versions) readStaging(version)
    for (const run of runs) {
      const staging = stagings.find(s => s.id === run.stagingId)!.versions[run.stagingVersion - 1]
      checkRun(readStaging(staging).document, runSchema.parse(run.document))
    }
    for (const { document } of read('running-orders')) {
      const acts = document.acts.map((act: { from: string }) => ({
        ...act,
        staging: stagings.find(s => s.id === act.from)!.versions.at(-1),
      }))
      expect(runningOrderSchema.parse({ ...document, acts }).acts).toHaveLength(document.acts.length)
    }
    expect(new Set([...stagings, ...read('shelf'), ...read('runs')].map(r => r.id)).size).toBe(
      stagings.length + read('shelf').length + runs.length,
    )
  })
  it('tells stories that the forecast does not find absurd', () => {
    for (const run of runs) {
      const staging = readStaging(stagings.find(s => s.id === run.stagingId)!.versions[run.stagingVersion - 1])
      const document = runSchema.parse(run.document)
      const really = stagingOfRun(withRoom(staging.document, room, staging.demonstration), document)
      const sample = new StagingSample(really.demonstration, really.given, 300)
      sample.advance(300)
      expect(summarise(sample).shares[document.outcome], document.note).toBeGreaterThan(0.1)
      expect(observationOf(really, document).outcome).toBe(document.outcome)
    }
  })
  it('has two failures with readings, and a staging whose odds are good but not certain', () => {
    const failures = runs.map(r => runSchema.parse(r.document)).filter(r => r.outcome !== 'crush')
    expect(failures.length).toBeGreaterThanOrEqual(2)
    expect(failures.every(r => Object.keys(r.seen).length > 0)).toBe(true)
    const { document, demonstration } = readStaging(stagings[0]!.versions.at(-1))
    const { given } = readStaging(withRoom(document, room, demonstration))
    const sample = new StagingSample(demonstration, given, 400)
    sample.advance(400)
    expect(summarise(sample).shares.crush).toBeGreaterThan(0.85)
    expect(summarise(sample).shares.crush).toBeLessThan(0.99)
  })
})
