import '../catalogue/everything'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { canPlunge } from '../catalogue/steam/can-plunge'
import {
  predict,
  predictionSchema,
  readRoom,
  readStaging,
  runSchema,
  stagingSchema,
  stagingOfRun,
  observationOf,
  checkRun,
  StagingFaults,
  ShelfFaults,
  vesselSchema,
  vesselValues,
  inputsFromItem,
  withRoom,
  traceCsv,
  checkShelfItem,
} from '..'
import { schemaDocuments } from './json-schemas'
import { METRIC, tell, type Sentence } from '../sentence'

const plain = (sentence: Sentence): string => tell(sentence, METRIC)

const q = (value: number, unit: string) => ({ value, unit })
const faultsOf = (json: unknown) => {
  try {
    readStaging(json)
  } catch (error) {
    if (error instanceof StagingFaults) return error.faults
    throw error
  }
  return []
}

describe('staging documents', () => {
  it('need only the demonstration, and come back as they went out', () => {
    const { document } = readStaging({ demonstration: 'can-plunge' })
    expect(document).toEqual({
      format: 'zealous-hush/staging',
      version: 1,
      demonstration: 'can-plunge',
      title: '',
      inputs: {},
    })
    const full = {
      ...document,
      title: 'A',
      inputs: {
        waterCharge: { ...q(1, 'tbsp'), spread: 0.1 },
        wallMaterial: 'steel',
        bathTemperature: { ...q(40, 'degF'), spread: q(2, 'degF') },
      },
    }
    const read = readStaging(full)
    expect(readStaging(JSON.parse(JSON.stringify(read.document))).document).toEqual(full)
    expect(read.values.numbers.bathTemperature).toBeCloseTo(277.594, 3)
    expect(read.given.spreads.bathTemperature).toMatchObject({ shape: 'normal', absolute: expect.closeTo(1.111, 3) })
  })
  it.each([
    ['an unknown input', { foo: q(1, 's') }, /^foo: is not an input of can-plunge; accepted: altitude/],
    [
      'a wrong kind of unit',
      { waterCharge: q(3, 'kg') },
      /^waterCharge: given 3 kg; "kg" is not a unit of volume; accepted: mL/,
    ],
    [
      'a value out of range',
      { bathTemperature: q(200, 'degC') },
      /^bathTemperature: given 200 °C; accepted: 0.1 °C to 99 °C/,
    ],
    ['a missing unit', { purgeTime: { value: 3 } }, /^purgeTime: given 3 without a unit; accepted: s/],
    ['a bare number', { purgeTime: 30 }, /^purgeTime: given 30; accepted: \{"value": number, "unit": "s"\}/],
    ['an unknown choice', { wallMaterial: 'wood' }, /^wallMaterial: given "wood"; accepted: aluminium, steel/],
    [
      'a relative spread of a temperature',
      { bathTemperature: { ...q(4, 'degC'), spread: 0.1 } },
      /^bathTemperature: .*relative spread of a temperature/,
    ],
  ])('refuse %s and name it', (_, inputs, line) => {
    expect(faultsOf({ demonstration: 'can-plunge', inputs }).map(f => `${f.input}: ${plain(f.message)}`)[0]).toMatch(
      line,
    )
  })
  it("of earlier versions keep what they say in today's inputs", () => {
    const { document, values } = readStaging({
      demonstration: 'candle-jar',
      inputs: { dishWater: q(500, 'mL'), dishDiameter: q(20, 'cm') },
    })
    expect(values.numbers.waterDepth).toBeCloseTo(500e-6 / ((Math.PI / 4) * 0.04), 6)
    expect(document.inputs).not.toHaveProperty('dishWater')
    for (const wrong of [q(500, 's'), { value: 500 }, 500])
      expect(faultsOf({ demonstration: 'candle-jar', inputs: { dishWater: wrong } }).map(f => f.input)).toEqual([
        'dishWater',
      ])
    expect(readStaging(document).values.numbers.waterDepth).toBeCloseTo(values.numbers.waterDepth!, 6)
  })
  it('tell every fault at once, and refuse what is no staging', () => {
    expect(
      faultsOf({ demonstration: 'can-plunge', inputs: { foo: 1, waterCharge: q(3, 'kg'), purgeTime: q(-1, 's') } }).map(
        f => f.input,
      ),
    ).toEqual(['foo', 'waterCharge', 'purgeTime'])
    expect(plain(faultsOf([])[0].message)).toMatch(/a staging document/)
    expect(plain(faultsOf({ demonstration: 'rocket' })[0].message)).toMatch(/given "rocket"; accepted: can-plunge/)
    expect(faultsOf({ demonstration: 'can-plunge', version: 2 })[0].input).toBe('version')
    expect(plain(faultsOf({ demonstration: 'can-plunge', colour: 'red' })[0].message)).toMatch(/not part of a staging/)
  })
  it("take the room's conditions unless they state their own", () => {
    const room = { altitude: q(1240, 'm'), seaLevelPressure: q(1019, 'hPa'), airTemperature: q(18, 'degC') }
    const read = (inputs: Record<string, unknown>) => {
      const { document, demonstration } = readStaging({ demonstration: 'can-plunge', inputs })
      return readStaging(withRoom(document, room, demonstration)).values.numbers
    }
    expect(read({}).stationPressure! / 100).toBeCloseTo(877.8, 0)
    expect(read({ stationPressure: q(900, 'hPa') }).stationPressure).toBeCloseTo(90000, 6)
    expect(read({ altitude: q(0, 'm') }).stationPressure).toBeCloseTo(101325, 0)
  })
})

describe('room documents', () => {
  it('are read on their own, with the station pressure that follows', () => {
    expect(readRoom({}).stationPressure).toBeCloseTo(101325, 3)
    expect(readRoom({ altitude: q(1240, 'm'), seaLevelPressure: undefined }).stationPressure! / 100).toBeCloseTo(
      872.5,
      0,
    )
    expect(readRoom({ altitude: q(1240, 'm'), stationPressure: q(12.7, 'psi') }).stationPressure! / 87563).toBeCloseTo(
      1,
      4,
    )
    expect(() => readRoom({ airTemperature: q(90, 'degC'), relativeHumidity: q(3, 'kg') })).toThrow(
      /relativeHumidity: given 3 kg.*\nairTemperature: given 90 °C/s,
    )
  })
})

describe('prediction documents', () => {
  it('fit their schema and hold what was asked for', () => {
    const prediction = predict({ demonstration: 'can-plunge', title: 'x' }, { samples: 60, seed: 3 })
    expect(predictionSchema.parse(prediction)).toEqual(prediction)
    expect(prediction.results.hush).toMatchObject({ unit: 's' })
    expect(prediction.results.stationPressure).toBeUndefined()
    expect(prediction.forecast!.samples).toBe(60)
    expect(Object.values(prediction.forecast!.outcomes).reduce((a, b) => a + b)).toBeCloseTo(1, 12)
    expect(prediction.ledger.reduce((sum, r) => sum + r.pressure, 0)).toBeCloseTo(prediction.ledgerMoment.difference, 6)
    expect(predict({ demonstration: 'can-plunge', title: 'x' }, { samples: 60, seed: 3 })).toEqual(prediction)
    expect(predict({ demonstration: 'can-plunge' }, { samples: 0 }).forecast).toBeUndefined()
  })
  it('come with a trace as CSV, units in the header', () => {
    const { demonstration, values } = readStaging({ demonstration: 'can-plunge' })
    const { trace } = demonstration.simulate(values, 'trace')
    const [header, first, ...rest] = traceCsv(demonstration, trace!).trim().split('\n')
    expect(header).toMatch(/^time_s,pressure_Pa,wallTemperature_K/)
    expect(first.split(',').map(Number).every(Number.isFinite)).toBe(true)
    expect(rest.length + 1).toBe(trace!.time.length)
  })
})

describe('run documents', () => {
  const staging = readStaging({ demonstration: 'can-plunge' }).document
  const run = runSchema.parse({
    performedAt: '2026-11-20T14:10:00+01:00',
    outcome: 'fill',
    used: { purgeTime: q(0, 's') },
    seen: { waterDrawnIn: q(250, 'mL') },
  })
  it('are read as what was really done and seen', () => {
    const read = stagingOfRun(staging, run)
    expect(read.values.numbers.purgeTime).toBe(0)
    expect(observationOf(read, run)).toEqual({
      outcome: 'fill',
      readings: { waterDrawnIn: { value: 250e-6, uncertainty: expect.closeTo(20e-6, 9) } },
      atLeast: {},
    })
  })
  it("are refused with the field's name where they do not fit", () => {
    expect(() => checkRun(staging, { ...run, outcome: 'explodes' })).toThrow(
      /outcome: given "explodes"; accepted: crush/,
    )
    expect(() => checkRun(staging, { ...run, seen: { hush: q(3, 'kg') } })).toThrow(/hush: given 3 kg/)
    expect(() => checkRun(staging, { ...run, used: { purgeTime: q(-3, 's') } })).toThrow(/purgeTime/)
    expect(() => runSchema.parse({ ...run, performedAt: 'yesterday' })).toThrow()
  })
})

describe('shelf documents', () => {
  const can = vesselSchema.parse({
    kind: 'vessel',
    name: 'c',
    diameter: q(57.5, 'mm'),
    height: q(145, 'mm'),
    mouthDiameter: q(22, 'mm'),
    fullMass: q(343.1, 'g'),
    emptyMass: q(12.4, 'g'),
  })
  it('work out capacity and thickness from weighing, and give a staging its inputs', () => {
    const values = vesselValues(can)
    expect(values.capacity * 1e6).toBeCloseTo(331.3, 0)
    expect(values.thicknessFrom).toBe('weighed')
    expect(
      readStaging({ demonstration: 'can-plunge', inputs: inputsFromItem(can, canPlunge) }).values.numbers
        .vesselVolume! * 1e6,
    ).toBeCloseTo(331.3, 0)
    expect(
      inputsFromItem({ kind: 'bath', name: 'b', place: '', note: '', water: q(6, 'L') }, canPlunge).iceMass,
    ).toEqual(q(0, 'g'))
  })
  it('name the field that is missing or makes no sense', () => {
    expect(() => vesselValues({ ...can, emptyMass: undefined })).toThrow(
      /capacity: is missing.*\nwallThickness: is missing/s,
    )
    expect(() => vesselValues({ ...can, fullMass: q(2, 'kg') })).toThrow(/fullMass: comes to 1\.99\d L/)
    expect(() => vesselValues({ ...can, diameter: q(3, 's') })).toThrow(ShelfFaults)
    expect(() =>
      checkShelfItem({ kind: 'heater', name: 'h', place: '', note: '', heaterKind: 'gas', ratedPower: q(600, 'kW') }),
    ).toThrow(/ratedPower: given 600 kW; accepted: 0.02 kW to 100 kW/)
  })
})

describe('JSON schemas', () => {
  it('under docs/formats are those of the code (npm run formats writes them)', () => {
    for (const [name, schema] of Object.entries(schemaDocuments())) {
      expect(JSON.parse(readFileSync(`docs/formats/${name}.schema.json`, 'utf8')), name).toEqual(
        JSON.parse(JSON.stringify(schema)),
      )
    }
    expect(stagingSchema.parse({ demonstration: 'can-plunge' }).version).toBe(1)
  })
})
