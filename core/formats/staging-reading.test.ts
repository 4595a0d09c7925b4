/** A staging whose form is known is read without schemas: as with them, and what is no quantity is refused the same. */
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '../catalogue/everything'
import { readStaging, type StagingDocument } from './staging'
import { attemptReading, resolveStaging } from './staging-reading'

const demo = JSON.parse(readFileSync('db/demo/stagings.json', 'utf8')) as { versions: StagingDocument[] }[]
const plain = (inputs: Record<string, unknown>, demonstration = 'can-plunge') =>
  ({ format: 'zealous-hush/staging', version: 1, demonstration, title: '', inputs }) as const

describe('read without schemas', () => {
  it('each staging of the demo data and each demonstration is as with them', () => {
    const documents = [...demo.flatMap(s => s.versions), ...DEMONSTRATIONS.map(d => plain({}, d.id))]
    for (const document of documents) {
      const { read } = attemptReading(() => resolveStaging(document))
      expect(read).toBeDefined()
      expect(read).toEqual(readStaging(document))
    }
  })
  it.each([
    null,
    7,
    [],
    'cold',
    { value: '4', unit: 'degC' },
    { value: NaN, unit: 'degC' },
    { unit: 'degC' },
    { value: 4, unit: 7 },
    { value: 4, unit: 'degC', spread: {} },
    { value: 4, unit: 'degC', spread: { value: 1, unit: null } },
    { value: 4, unit: 'degC', spread: 'much' },
    { value: 4, unit: 'degC', spread: null },
    { value: 4, unit: 'degC', spread: -0.1 },
    { value: 4, unit: 'degC', spread: 1.5 },
    { value: 4, unit: 'degC', spread: NaN },
    { value: 4, unit: 'degC', spread: { value: -1, unit: 'degC' } },
    { value: 4, unit: 'degC', spread: { value: 1 } },
    { value: 4 },
    { value: 4, unit: 'kg' },
  ])('what is no temperature is refused, as with them: %j', bath => {
    const { faults } = attemptReading(() => resolveStaging(plain({ bathTemperature: bath })))
    expect(faults).toEqual(attemptReading(() => readStaging(plain({ bathTemperature: bath }))).faults)
    expect(faults!.map(f => f.input)).toEqual(['bathTemperature'])
  })
  it('what is unknown is named', () => {
    for (const document of [plain({}, 'can-launch'), plain({ colour: 'red' }), plain({ coolingMethod: 'wind' })]) {
      const { faults } = attemptReading(() => resolveStaging(document))
      expect(faults).toHaveLength(1)
      expect(faults).toEqual(attemptReading(() => readStaging(document)).faults)
    }
  })
})
