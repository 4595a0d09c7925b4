import '../catalogue/everything'
import { describe, expect, it } from 'vitest'
import { resolve, valueAt } from '../demonstration'
import { canPlunge } from '../catalogue/steam/can-plunge'
import { LoggerReader } from './protocol'
import { guessMatches, readColumns, readReadings, readingsCsv } from './readings-csv'
import { SimulatedLogger } from './simulated-logger'
import { METRIC, tell } from '../sentence'
import { sayWord, wordOf } from './thermometer-word'
import { saidByReadings } from './what-they-say'

const values = resolve(canPlunge, { numbers: {}, choices: {} }).values
const simulation = canPlunge.simulate(values, 'trace')

describe('the logger’s protocol', () => {
  it('is read in pieces of any size, with drop-outs, lost and strange lines counted', () => {
    const text =
      'hush-logger 1\nchannel pressure kPa\r\nchannel temperature degC\nr 0 0.000 pressure 87.3\nr 1 ' +
      '0.000 temperature -\nhello\nr 4 0.100 temperature 20.5\nr 5 0.2 pressure nonsense\nend\n'
    for (const size of [1, 7, 1000]) {
      const reader = new LoggerReader()
      const got = []
      for (let i = 0; i < text.length; i += size) got.push(...reader.read(text.slice(i, i + size)))
      expect(got).toEqual([
        { channel: 'pressure', time: 0, value: 87300 },
        { channel: 'temperature', time: 0.1, value: expect.closeTo(293.65, 9) },
      ])
      expect([reader.dropped, reader.lost, reader.strange, reader.ended]).toEqual([2, 2, 1, true])
    }
  })
})

describe('the simulated logger', () => {
  const run = (seed: number, every: number, from: number, to: number) => {
    const logger = new SimulatedLogger(seed)
    const reader = new LoggerReader()
    const readings = reader.read(logger.greeting())
    for (let t = from; t < to; t += every) readings.push(...reader.read(logger.sample(simulation.trace!, t, every)))
    return { readings, reader }
  }
  it('gives the trace with noise, a lag on the thermometer, and drop-outs; the same for the same seed', () => {
    const { readings, reader } = run(5, 0.1, 0, 50)
    expect(readings).toEqual(run(5, 0.1, 0, 50).readings)
    expect(readings).not.toEqual(run(6, 0.1, 0, 50).readings)
    const pressures = readings.filter(r => r.channel === 'pressure')
    const misses = pressures.map(r => r.value - valueAt(simulation.trace!, 'pressure', r.time))
    const deviation = Math.sqrt(misses.reduce((a, b) => a + b * b, 0) / misses.length)
    // The stated noise: 150 Pa.
    expect(deviation).toBeGreaterThan(120)
    expect(deviation).toBeLessThan(200)
    expect(reader.dropped).toBeGreaterThan(3)
    expect(reader.lost).toBeGreaterThan(0)
    // Warming, a lagging thermometer reads low.
    const warm = readings.filter(r => r.channel === 'temperature' && r.time > 5 && r.time < 20)
    const lag =
      warm.reduce((sum, r) => sum + r.value - valueAt(simulation.trace!, 'gasTemperature', r.time), 0) / warm.length
    expect(lag).toBeLessThan(-0.5)
  })
  it('misses the peak of a bang, which counts as a least value; what stands for a while counts as read', () => {
    const sealing = simulation.details.sealing!
    const { readings } = run(9, 0.002, sealing, simulation.trace!.time.at(-1)!)
    const said = saidByReadings(canPlunge, readings, values.numbers.stationPressure!)
    expect(said.readings).toEqual({})
    expect(said.atLeast.peakPressureDifference).toBeLessThan(simulation.results.peakPressureDifference!)
    expect(said.atLeast.peakPressureDifference).toBeGreaterThan(0.1 * simulation.results.peakPressureDifference!)
    const stood = Array.from({ length: 40 }, (_, i) => ({
      channel: 'pressure' as const,
      time: i * 0.1,
      value: 87300 - 12000 * Math.min(1, i / 10) + 100 * Math.sin(i),
    }))
    const { value, uncertainty } = saidByReadings(canPlunge, stood, 87300).readings.peakPressureDifference
    expect(Math.abs(value - 12000)).toBeLessThan(2 * uncertainty)
    expect(saidByReadings(canPlunge, [], 1e5)).toEqual({ readings: {}, atLeast: {} })
  })
})

describe('readings of any logger as CSV', () => {
  it('are read with columns matched and units asked, and written so that they can be read again', () => {
    const columns = readColumns('Run 1: Time (ms),Pressure (hPa),Gas temp °F,Button\n0,873,68,0\n100,"872,5",,1\n')
    const columns2 = { ...columns, header: ['Time (ms)', ...columns.header.slice(1)] }
    const matches = guessMatches(columns2)
    expect(matches).toEqual([
      { column: 0, holds: 'time', unit: 'ms' },
      { column: 1, holds: 'pressure', unit: 'hPa' },
      { column: 2, holds: 'temperature', unit: 'degF' },
    ])
    const { readings, faults } = readReadings(columns2, matches)
    expect(faults).toEqual([])
    expect(readings).toEqual([
      { channel: 'pressure', time: 0, value: 87300 },
      { channel: 'temperature', time: 0, value: expect.closeTo(293.15, 6) },
      { channel: 'pressure', time: 0.1, value: 87250 },
    ])
    const again = readColumns(readingsCsv(readings))
    expect(readReadings(again, guessMatches(again)).readings.map(r => [r.channel, r.time])).toEqual(
      readings.map(r => [r.channel, r.time]),
    )
  })
  it('name the row, the column, what was given and what is accepted', () => {
    const columns = readColumns('time_s,pressure_kPa\n0,87\nsoon,86\n1,low\n')
    expect(readReadings(columns, guessMatches(columns)).faults).toEqual([
      'Row 3: time, given "soon"; accepted: a number in s',
      'Row 4: pressure_kPa, given "low"; accepted: a number in kPa',
    ])
    // "1,013" is 1.013 or 1013: asked about, unless the column's other cells show decimal commas.
    const twofold = readColumns('time (s),pressure (hPa)\n0,"1,013"\n1,900\n')
    const { readings, faults } = readReadings(twofold, guessMatches(twofold))
    expect(faults).toEqual([expect.stringMatching(/^Row 2: pressure \(hPa\).*"1,013".*two ways/)])
    expect(readings.map(r => r.value)).toEqual([90000])
    const commas = readColumns('time (s);pressure (bar)\n0;1,013\n1;0,9\n')
    expect(readReadings(commas, guessMatches(commas)).readings.map(r => r.value)).toEqual([
      expect.closeTo(101300, 3),
      expect.closeTo(90000, 3),
    ])
    expect(() => readColumns('only\n1\n')).toThrow(/at least two columns/)
    expect(readReadings(columns, []).faults[0]).toMatch(/No column is the time/)
  })
})

describe('one number off a thermometer', () => {
  const sea = 101325
  const high = 78500
  it('is boiling or not by where the room is: water boils near 93 °C at 785 hPa (steam tables)', () => {
    expect(wordOf('water', 273.15 + 93, high)).toMatchObject({ verdict: 'boiling' })
    expect(wordOf('water', 273.15 + 93, high).boilingPoint - 273.15).toBeCloseTo(93.0, 0)
    expect(wordOf('water', 273.15 + 93, sea).verdict).toBe('warming')
    expect(wordOf('water', 273.15 + 104, sea).verdict).toBe('superheated')
    expect(wordOf('water', 273.15 + 60, sea).verdict).toBe('cold')
  })
  it('tells how much steam there can be at the rim: saturated at 90 °C it is 70.1 of 101.3 kPa (IAPWS tables)', () => {
    expect(wordOf('rim', 273.15 + 90, sea)).toMatchObject({ verdict: 'mixed', mostSteam: expect.closeTo(0.692, 2) })
    expect(wordOf('rim', 273.15 + 99.5, sea).verdict).toBe('full')
    expect(wordOf('rim', 273.15 + 180, sea).verdict).toBe('wrong')
  })
  it('tells a wall over boiling water from a dry one', () => {
    expect(wordOf('wall', 273.15 + 99, sea).verdict).toBe('wet-behind')
    expect(wordOf('wall', 273.15 + 104, sea).verdict).toBe('over-the-heat')
    expect(wordOf('wall', 273.15 + 104, high).verdict).toBe('over-the-heat')
    expect(wordOf('wall', 273.15 + 150, sea).verdict).toBe('dry')
    expect(wordOf('wall', 273.15 + 40, sea).verdict).toBe('warming')
  })
  it('is said with what to do: heat off wherever it may be dry or superheated', () => {
    for (const [place, celsius] of [
      ['wall', 150],
      ['water', 106],
      ['rim', 190],
    ] as const) {
      const kelvin = 273.15 + celsius
      expect(tell(sayWord(wordOf(place, kelvin, sea), kelvin), METRIC)).toMatch(/[Hh]eat off/)
    }
    expect(tell(sayWord(wordOf('water', 373.2, sea), 373.2), METRIC)).toContain('says nothing of the air')
  })
})
