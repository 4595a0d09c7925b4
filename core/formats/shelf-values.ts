/** What a shelf item's measures come to, and the inputs it gives a staging. */
import { outerSurface } from '../vessels/cylinder'
import { windenburgTrillingPressure, vonMisesBuckling } from '../vessels/buckling'
import { hingeDifference } from '../vessels/flat-panel'
import { capacityFromWeighing, thicknessFromMass } from '../vessels/weighing'
import { SOLIDS, type SolidName } from '../substances/solids'
import {
  acceptedRange,
  inLines,
  type Demonstration,
  type Fault,
  type ThingProperty,
  type VesselShape,
} from '../demonstration'
import { QuantityError } from '../units'
import { siOf } from './document-values'
import { fieldsOf } from './shelf-fields'
import type { BathDocument, HeaterDocument, PumpDocument, ShelfItemDocument, VesselDocument } from './shelf'
import type { QuantityDocument, StagingDocument } from './staging'
import { MeasureError, asLength, asVolume, say } from '../sentence'
import { sphereDiameter } from '../vessels/sphere'

export interface VesselValues {
  shape: VesselShape
  /** m: of the body; a box's width */ diameter: number
  /** m: a box's depth, otherwise the diameter */ depth: number
  /** m */ height: number
  /** m */ mouthDiameter: number
  /** m */ neckLength: number
  /** m3 */ capacity: number
  /** m */ wallThickness: number
  capacityFrom: 'measured' | 'weighed'
  thicknessFrom: 'measured' | 'weighed'
  /** m2 */ surface: number
  /** difference at which a perfect one gives way, Pa; undefined where it breaks otherwise */ perfectStrength?: number
  /** the same by Windenburg & Trilling, cylinders only, Pa */ shortStrength?: number
}

/** Faults of a shelf item in words; the field's name is the fault's input. */
export class ShelfFaults extends Error {
  constructor(readonly faults: readonly Fault[]) {
    super(inLines(faults))
  }
}

/** SI values of an item's quantities by field, checked against each field's range; faults are added to `faults`. */
function quantitiesOf(item: ShelfItemDocument, faults: Fault[]): Record<string, number | undefined> {
  const found: Record<string, number | undefined> = {}
  const stated: Readonly<Partial<Record<string, unknown>>> = { ...item }
  for (const f of fieldsOf(item.kind, item.kind === 'vessel' ? item.shape : undefined)) {
    if (f.type !== 'quantity') continue
    const given = stated[f.field] as QuantityDocument | undefined
    if (!given) continue
    const value = guarded(f.field, faults, () => siOf(given, f.quantity))
    found[f.field] = value
    if (Number.isFinite(value) && !(value >= f.range[0] && value <= f.range[1])) {
      faults.push({
        input: f.field,
        message: say`given ${`${given.value} ${given.unit ?? ''}`}; accepted: ${acceptedRange(f)}`,
      })
    }
  }
  return found
}

/**
 * Derived values of a vessel.
 * @throws ShelfFaults naming the field that is missing or makes no sense
 */
export function vesselValues(vessel: VesselDocument): VesselValues {
  const faults: Fault[] = []
  const q = quantitiesOf(vessel, faults)
  const { shape } = vessel
  const needed = (field: string): number => {
    if (q[field] === undefined) faults.push({ input: field, message: 'is missing' })
    return q[field] ?? NaN
  }
  const solid = SOLIDS[vessel.wallMaterial as SolidName]
  if (!solid)
    faults.push({
      input: 'wallMaterial',
      message: `given "${vessel.wallMaterial}"; accepted: ${Object.keys(SOLIDS).join(', ')}`,
    })

  let capacity = NaN
  const capacityFrom = vessel.capacity ? 'measured' : 'weighed'
  if (vessel.capacity) capacity = q.capacity ?? NaN
  else if (q.fullMass !== undefined && q.emptyMass !== undefined) {
    capacity = guarded('fullMass', faults, () =>
      capacityFromWeighing(q.fullMass!, q.emptyMass!, q.waterTemperature ?? 293.15),
    )
  } else faults.push({ input: 'capacity', message: 'is missing; give it, or weigh the vessel full and empty' })

  // A flask is the sphere that holds its capacity.
  const diameter =
    shape === 'flask' ? sphereDiameter(Math.max(capacity, 1e-9)) : needed(shape === 'box' ? 'width' : 'diameter')
  const depth = shape === 'box' ? needed('depth') : diameter
  const height = shape === 'flask' ? diameter : needed('height')
  const mouthDiameter =
    shape === 'flask' ? (q.stemDiameter ?? 0.02) : shape === 'bell-jar' ? diameter : needed('mouthDiameter')
  const section = shape === 'box' ? diameter * depth : (Math.PI * diameter * diameter) / 4
  const enclosed = shape === 'flask' ? Infinity : section * height
  if (Number.isFinite(capacity) && Number.isFinite(enclosed) && !(capacity > 0 && capacity <= enclosed * 1.03)) {
    faults.push({
      input: capacityFrom === 'measured' ? 'capacity' : 'fullMass',
      message: say`comes to ${asVolume(capacity, { digits: 4 })}; accepted: above 0 and at most
        ${asVolume(enclosed, { digits: 4 })}, what its measures enclose`,
    })
  }
  const surface =
    shape === 'flask'
      ? Math.PI * diameter * diameter
      : shape === 'box'
        ? 2 * (diameter + depth) * height + 2 * section
        : outerSurface({ diameter, height, wallThickness: 0 })
  let wallThickness = NaN
  const thicknessFrom = vessel.wallThickness ? 'measured' : 'weighed'
  if (vessel.wallThickness) wallThickness = q.wallThickness ?? NaN
  else if (q.emptyMass !== undefined && solid)
    wallThickness = guarded('emptyMass', faults, () => thicknessFromMass(q.emptyMass!, surface, solid.density))
  else faults.push({ input: 'wallThickness', message: 'is missing; give it, or weigh the vessel empty' })
  const narrowest = Math.min(diameter, depth)
  const thickest = vessel.wallMaterial === 'glass' ? 0.1 : 0.05
  if (
    Number.isFinite(wallThickness) &&
    Number.isFinite(narrowest) &&
    !(wallThickness / narrowest > 2e-5 && wallThickness / narrowest <= thickest)
  ) {
    faults.push({
      input: thicknessFrom === 'measured' ? 'wallThickness' : 'emptyMass',
      message: say`comes to a wall of ${asLength(wallThickness, { digits: 4 })}; accepted: above 0 and at most
        ${asLength(narrowest * thickest, { digits: 4 })}`,
    })
  }
  if (faults.length > 0) throw new ShelfFaults(faults)
  const values: VesselValues = {
    shape,
    diameter,
    depth,
    height,
    mouthDiameter,
    neckLength: q.neckLength ?? 0,
    capacity,
    wallThickness,
    capacityFrom,
    thicknessFrom,
    surface,
  }
  if (solid.yieldStrength !== undefined && shape === 'box') {
    values.perfectStrength = hingeDifference(
      {
        width: Math.min(Math.max(diameter, depth), height),
        length: Math.max(diameter, depth, height),
        thickness: wallThickness,
      },
      solid.yieldStrength,
    )
  } else if (shape === 'cylinder' || vessel.wallMaterial === 'PET') {
    values.perfectStrength = vonMisesBuckling({ diameter, height, wallThickness }, solid).pressure
    values.shortStrength = windenburgTrillingPressure({ diameter, height, wallThickness }, solid)
  }
  return values
}

function guarded(input: string, faults: Fault[], compute: () => number): number {
  try {
    return compute()
  } catch (error) {
    if (!(error instanceof QuantityError) && !(error instanceof RangeError)) throw error
    faults.push({ input, message: error instanceof MeasureError ? error.told : error.message })
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
  quantitiesOf(item, faults)
  if (faults.length > 0) throw new ShelfFaults(faults)
}

const measured = (value: number, unit: string): QuantityDocument => ({ value: Number(value.toPrecision(4)), unit })

/** Inputs of a staging that an item sets: those that the demonstration has. */
export function inputsFromItem(
  item: ShelfItemDocument,
  demonstration: Pick<Demonstration, 'inputs'>,
): StagingDocument['inputs'] {
  const said =
    item.kind === 'vessel'
      ? ofVessel(item)
      : item.kind === 'heater'
        ? ofHeater(item, demonstration)
        : item.kind === 'bath'
          ? ofBath(item)
          : item.kind === 'pump'
            ? ofPump(item)
            : {}
  return Object.fromEntries(
    demonstration.inputs.flatMap(input => {
      const value = input.onShelf && said[input.onShelf]
      const fitting = input.kind === 'quantity' ? typeof value === 'object' : input.choices.some(c => c.id === value)
      return value !== undefined && fitting ? [[input.id, value]] : []
    }),
  )
}

/** What is known of a thing, as inputs hold it. */
type Said = Partial<Record<ThingProperty, QuantityDocument | string>>

function ofVessel(item: VesselDocument): Said {
  const v = vesselValues(item)
  const said: Said = {
    capacity: measured(v.capacity * 1e6, 'mL'),
    height: measured(v.height * 1e3, 'mm'),
    diameter: measured(v.diameter * 1e3, 'mm'),
    width: measured(v.diameter * 1e3, 'mm'),
    depth: measured(v.depth * 1e3, 'mm'),
    shape: v.shape,
    condition: item.condition === 'sound' ? 'sound' : 'dented',
    wallMaterial: item.wallMaterial,
    wallThickness: measured(v.wallThickness * 1e3, 'mm'),
    mouthDiameter: measured(v.mouthDiameter * 1e3, 'mm'),
  }
  for (const field of ['neckLength', 'hoopSpacing', 'stemLength', 'stemDiameter'] as const)
    if (item[field]) said[field] = item[field]
  return said
}

/** A share measured with a vessel so many times smaller or larger says little. */
const COMPARABLE = 5

function applies(item: HeaterDocument, { inputs }: Pick<Demonstration, 'inputs'>): boolean {
  const volume = inputs.find(i => i.onShelf === 'capacity')?.default
  if (!item.measuredWith || typeof volume !== 'number') return true
  const ratio = siOf(item.measuredWith, 'volume') / volume
  return ratio < COMPARABLE && ratio > 1 / COMPARABLE
}

const ofHeater = (item: HeaterDocument, demonstration: Pick<Demonstration, 'inputs'>): Said => ({
  heaterKind: item.heaterKind,
  ratedPower: item.ratedPower,
  ...(item.efficiency && applies(item, demonstration) && { efficiency: item.efficiency }),
})

const ofPump = (item: PumpDocument): Said => ({
  pumpKind: item.pumpKind,
  ...(item.strokeVolume && { strokeVolume: item.strokeVolume }),
  ...(item.pumpSpeed && { pumpSpeed: item.pumpSpeed }),
  ...(item.ultimatePressure && { ultimatePressure: item.ultimatePressure }),
})

const ofBath = (item: BathDocument): Said => ({
  water: item.water,
  ice: item.ice ?? { value: 0, unit: 'g' },
  ...(item.temperature && { temperature: item.temperature }),
})
