/** What is wrong with something measured is told in the units of whoever measured it. */
import { describe, expect, it } from 'vitest'
import { efficiencyFromWarming } from '../mechanisms/heater-efficiency'
import { CUSTOMARY, METRIC, MeasureError, requireMeasured, asPressure, tell } from '../sentence'
import { capacityFromWeighing, thicknessFromMass } from '../vessels/weighing'
import { volumeGone, waterCameIn } from '../vessels/weighing-afterwards'
import { readShelfCsv } from './shelf-csv'
import { vesselValues, type ShelfFaults } from './shelf-values'
import { shelfItemSchema, type VesselDocument } from './shelf'

const trial = { waterMass: 0.5, from: 293.15, to: 323.15, time: 90, ratedPower: 1000 }
const weighed = { emptied: 0.02, waterTemperature: 293.15 }
const can = { ...weighed, capacity: 331e-6, capacityUncertainty: 2e-6 }
const REFUSED: readonly [string, () => unknown, metric: RegExp, customary: RegExp][] = [
  ['little water', () => efficiencyFromWarming({ ...trial, waterMass: 0.004 }), /water: given 4 g/, /0\.141\d* oz/],
  ['ice', () => efficiencyFromWarming({ ...trial, from: 263.15 }), /given -10 °C; accepted: 0/, /given 14 °F/],
  ['no rise', () => efficiencyFromWarming({ ...trial, to: 294.15 }), /accepted: 25 °C to 98/, /accepted: 77 °F/],
  ['a blink', () => efficiencyFromWarming({ ...trial, time: 1 }), /time: given 1 s/, /given 1 s/],
  ['no power', () => efficiencyFromWarming({ ...trial, ratedPower: 5 }), /given 5 W/, /BTU\/h/],
  ['too good', () => efficiencyFromWarming({ ...trial, time: 20 }), /share: comes to 3\d\d(\.\d)? %/, /3\d\d(\.\d)? %/],
  ['an empty full one', () => capacityFromWeighing(0.01, 0.02, 293.15), /10 g must be more.* 20 g/, /oz must be more/],
  ['steam', () => capacityFromWeighing(0.4, 0.02, 400), /water temperature: given 126\.9 °C/, /260\.\d °F/],
  ['no mass', () => thicknessFromMass(0, 0.03, 2700), /empty mass: given 0/, /0\.00\d+ oz|lb/],
  ['less than emptied', () => waterCameIn({ ...weighed, after: 0.01, before: 0 }, 0.001), /10 g must be no less/, /oz/],
  ['a frosty room', () => volumeGone({ ...can, waterTemperature: 263.15, brimful: 0.2 }, 0), /given -10 °C/, /14 °F/],
  ['more than whole', () => volumeGone({ ...can, brimful: 0.6 }, 0.001), /hold 1\.7\d times/, /hold 1\.7\d times/],
]

describe('a measured amount that makes no sense', () => {
  it.each(REFUSED)('%s is told in metric and in US units', (_, measure, metric, customary) => {
    let found: unknown
    try {
      measure()
    } catch (error) {
      found = error
    }
    expect(found).toBeInstanceOf(MeasureError)
    const { told, message } = found as MeasureError
    expect(message).toBe(tell(told, METRIC))
    expect(message).toMatch(metric)
    expect(tell(told, CUSTOMARY)).toMatch(customary)
    expect(tell(told, CUSTOMARY)).not.toMatch(/\d\s(k?g|mg|K|°C|m?L|k?W)\b/)
  })
  it('is none at the ends of what is accepted', () => {
    for (const at of [1e3, 2e3]) expect(() => requireMeasured('x', at, [1e3, 2e3], asPressure)).not.toThrow()
    expect(() => requireMeasured('x', NaN, [1e3, 2e3], asPressure)).toThrow(MeasureError)
  })
  it('of a file of rows is told as its reader reads', () => {
    const rows = 'kind,name,diameter (mm),height (mm),mouthDiameter (mm),fullMass (g),emptyMass (g)\n'
    const file = `${rows}vessel,Bowl can,66,115,22,12,14\n`
    const about = (faults: readonly { column: string; message: string }[]) =>
      faults.filter(f => /mass/i.test(f.column)).map(f => f.message)
    expect(about(readShelfCsv(file).faults).join()).toContain('12 g must be more')
    expect(about(readShelfCsv(file, s => tell(s, CUSTOMARY)).faults).join()).toMatch(/0\.42\d* oz must be more/)
  })
  it('of a thing on the Shelf is told at its field', () => {
    const g = (value: number) => ({ value, unit: 'g' })
    const vessel = shelfItemSchema.parse({
      ...{ kind: 'vessel', name: 'Bowl can', height: { value: 115, unit: 'mm' } },
      ...{ diameter: { value: 66, unit: 'mm' }, mouthDiameter: { value: 22, unit: 'mm' } },
      ...{ fullMass: g(12), emptyMass: g(14) },
    }) as VesselDocument
    let faults: ShelfFaults['faults'] = []
    try {
      vesselValues(vessel)
    } catch (error) {
      faults = (error as ShelfFaults).faults
    }
    const fault = faults.find(f => f.input === 'fullMass')!
    expect(tell(fault.message, METRIC)).toContain('full mass: 12 g must be more than the empty mass, 14 g')
    expect(tell(fault.message, CUSTOMARY)).toMatch(/full mass: 0\.42\d* oz must be more/)
  })
})
