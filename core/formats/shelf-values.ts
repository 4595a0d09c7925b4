/** What a shelf item's measures come to, and the inputs it gives a staging. */
import { outerSurface } from '../vessels/cylinder'
import { windenburgTrillingPressure, vonMisesBuckling } from '../vessels/buckling'
import { capacityFromWeighing, thicknessFromMass } from '../vessels/weighing'
import { SOLIDS, type SolidName } from '../substances/solids'
import type { Fault } from '../demonstrations'
import { QuantityError } from '../units'
import { siOf } from './document-values'
import type { BathDocument, HeaterDocument, ShelfItemDocument, VesselDocument } from './shelf'
import type { QuantityDocument, StagingDocument } from './staging'

export interface VesselValues {
  /** m */ diameter: number
  /** m */ height: number
  /** m */ mouthDiameter: number
  /** m3 */ capacity: number
  /** m */ wallThickness: number
  capacityFrom: 'measured' | 'weighed'
  thicknessFrom: 'measured' | 'weighed'
  /** m2 */ surface: number
  /** Pa, perfect cylinder, von Mises */ perfectStrength: number
  /** Pa, Windenburg & Trilling */ shortStrength: number
}

/** Faults of a shelf item in words; the field's name is the fault's input. */
export class ShelfFaults extends Error {
  constructor(readonly faults: readonly Fault[]) {
    super(faults.map(f => `${f.input}: ${f.message}`).join('\n'))
  }
}

/**
 * Derived values of a vessel.
 * @throws ShelfFaults naming the field that is missing or makes no sense
 */
export function vesselValues(vessel: VesselDocument): VesselValues {
  const faults: Fault[] = []
  const length = (field: 'diameter' | 'height' | 'mouthDiameter', least: number, most: number): number => {
    const value = guarded(field, faults, () => siOf(vessel[field], 'length'))
    if (Number.isFinite(value) && !(value >= least && value <= most)) {
      faults.push({ input: field, message: `given ${vessel[field].value} ${vessel[field].unit ?? ''}; accepted: ${least * 1000} to ${most * 1000} mm` })
    }
    return value
  }
  const diameter = length('diameter', 0.02, 1)
  const height = length('height', 0.03, 2)
  const mouthDiameter = length('mouthDiameter', 0.002, 0.6)
  const solid = SOLIDS[vessel.wallMaterial as SolidName]
  if (!solid) faults.push({ input: 'wallMaterial', message: `given "${vessel.wallMaterial}"; accepted: ${Object.keys(SOLIDS).join(', ')}` })
  const mass = (field: 'fullMass' | 'emptyMass') => vessel[field] && guarded(field, faults, () => siOf(vessel[field]!, 'mass'))
  const emptyMass = mass('emptyMass')
  const fullMass = mass('fullMass')

  let capacity = NaN
  const capacityFrom = vessel.capacity ? 'measured' : 'weighed'
  if (vessel.capacity) capacity = guarded('capacity', faults, () => siOf(vessel.capacity!, 'volume'))
  else if (fullMass !== undefined && emptyMass !== undefined) {
    const temperature = vessel.waterTemperature ? guarded('waterTemperature', faults, () => siOf(vessel.waterTemperature!, 'temperature')) : 293.15
    capacity = guarded('fullMass', faults, () => capacityFromWeighing(fullMass, emptyMass, temperature))
  } else faults.push({ input: 'capacity', message: 'is missing; give it, or weigh the vessel full and empty' })
  if (Number.isFinite(capacity) && Number.isFinite(diameter * height)) {
    const enclosed = Math.PI * diameter * diameter * height / 4
    if (!(capacity > 0 && capacity <= enclosed * 1.03)) {
      faults.push({ input: capacityFrom === 'measured' ? 'capacity' : 'fullMass', message: `comes to ${(capacity * 1e6).toFixed(0)} mL; accepted: above 0 and at most ${(enclosed * 1e6).toFixed(0)} mL, what diameter and height enclose` })
    }
  }

  const surface = outerSurface({ diameter, height, wallThickness: 0 })
  let wallThickness = NaN
  const thicknessFrom = vessel.wallThickness ? 'measured' : 'weighed'
  if (vessel.wallThickness) wallThickness = guarded('wallThickness', faults, () => siOf(vessel.wallThickness!, 'length'))
  else if (emptyMass !== undefined && solid) wallThickness = guarded('emptyMass', faults, () => thicknessFromMass(emptyMass, surface, solid.density))
  else faults.push({ input: 'wallThickness', message: 'is missing; give it, or weigh the vessel empty' })
  if (Number.isFinite(wallThickness) && Number.isFinite(diameter) && !(wallThickness / diameter > 2e-5 && wallThickness / diameter <= 0.05)) {
    faults.push({ input: thicknessFrom === 'measured' ? 'wallThickness' : 'emptyMass', message: `comes to a wall of ${(wallThickness * 1000).toFixed(3)} mm; accepted: above 0 and at most a twentieth of the diameter` })
  }
  if (faults.length > 0) throw new ShelfFaults(faults)
  const cylinder = { diameter, height, wallThickness }
  return {
    diameter, height, mouthDiameter, capacity, wallThickness, capacityFrom, thicknessFrom, surface,
    perfectStrength: vonMisesBuckling(cylinder, solid).pressure, shortStrength: windenburgTrillingPressure(cylinder, solid),
  }
}

function guarded(input: string, faults: Fault[], compute: () => number): number {
  try {
    return compute()
  } catch (error) {
    if (!(error instanceof QuantityError) && !(error instanceof RangeError)) throw error
    faults.push({ input, message: error.message })
    return NaN
  }
}

/** Checks an item's quantities. @throws ShelfFaults */
export function checkShelfItem(item: ShelfItemDocument): void {
  if (item.kind === 'vessel') {
    vesselValues(item)
    return
  }
  const faults: Fault[] = []
  const check = (field: string, document: QuantityDocument | undefined, kind: Parameters<typeof siOf>[1], least: number, most: number, words: string) => {
    if (!document) return
    const value = guarded(field, faults, () => siOf(document, kind))
    if (Number.isFinite(value) && !(value >= least && value <= most)) faults.push({ input: field, message: `given ${document.value} ${document.unit ?? ''}; accepted: ${words}` })
  }
  if (item.kind === 'heater') {
    check('ratedPower', item.ratedPower, 'power', 50, 20e3, '50 W to 20 kW')
    check('efficiency', item.efficiency, 'fraction', 0.02, 0.95, '2 % to 95 %')
  } else {
    check('water', item.water, 'volume', 0.2e-3, 0.5, '0.2 L to 500 L')
    check('ice', item.ice, 'mass', 0, 50, '0 to 50 kg')
    check('temperature', item.temperature, 'temperature', 273.15, 372.15, '0 to 99 °C')
  }
  if (faults.length > 0) throw new ShelfFaults(faults)
}

const measured = (value: number, unit: string): QuantityDocument => ({ value: Number(value.toPrecision(4)), unit })

/** Inputs of a staging that an item sets. */
export function inputsFromItem(item: ShelfItemDocument): StagingDocument['inputs'] {
  if (item.kind === 'vessel') return inputsFromVessel(item)
  return item.kind === 'heater' ? inputsFromHeater(item) : inputsFromBath(item)
}

function inputsFromVessel(item: VesselDocument): StagingDocument['inputs'] {
  const v = vesselValues(item)
  return {
    vesselVolume: measured(v.capacity * 1e6, 'mL'), vesselDiameter: measured(v.diameter * 1e3, 'mm'),
    vesselHeight: measured(v.height * 1e3, 'mm'), mouthDiameter: measured(v.mouthDiameter * 1e3, 'mm'),
    wallThickness: measured(v.wallThickness * 1e3, 'mm'), wallMaterial: item.wallMaterial, vesselCondition: item.condition,
  }
}

const inputsFromHeater = (item: HeaterDocument): StagingDocument['inputs'] =>
  ({ heaterPower: item.ratedPower, ...(item.efficiency && { heatingEfficiency: item.efficiency }) })

const inputsFromBath = (item: BathDocument): StagingDocument['inputs'] =>
  ({ bathVolume: item.water, iceMass: item.ice ?? { value: 0, unit: 'g' }, ...(item.temperature && { bathTemperature: item.temperature }) })
