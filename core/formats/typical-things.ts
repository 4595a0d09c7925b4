/**
 * Everyday vessels and heaters, for whoever has nothing to measure with yet: sizes as they are usual in shops and prep
 * rooms (common practice, from memory), each as uncertain as one that was not measured.
 */
import type { Demonstration, ThingProperty } from '../demonstration'
import type { HeaterDocument, ShelfItemDocument, VesselDocument } from './shelf'
import { inputsFromItem } from './shelf-values'
import type { QuantityDocument, StagingDocument } from './staging'

export interface TypicalThing {
  id: string
  document: VesselDocument | HeaterDocument
}

const mm = (value: number): QuantityDocument => ({ value, unit: 'mm' })
const none = { place: '', note: '', count: 1 }
type Sizes = Pick<VesselDocument, 'name' | 'shape' | 'wallMaterial'> & Partial<VesselDocument>
const vessel = (id: string, sizes: Sizes): TypicalThing => ({
  id,
  document: { kind: 'vessel', condition: 'sound', ...none, ...sizes },
})
const can = (name: string, millilitres: number, diameter: number, height: number): TypicalThing =>
  vessel(`can-${millilitres}-${diameter}`, {
    name,
    shape: 'cylinder',
    wallMaterial: 'aluminium',
    capacity: { value: millilitres, unit: 'mL' },
    diameter: mm(diameter),
    height: mm(height),
    wallThickness: mm(0.1),
    mouthDiameter: mm(22),
  })
const drum = (name: string, litres: number, diameter: number, height: number, wall: number): TypicalThing =>
  vessel(`drum-${litres}`, {
    name,
    shape: 'cylinder',
    wallMaterial: 'steel',
    capacity: { value: litres, unit: 'L' },
    diameter: mm(diameter),
    height: mm(height),
    wallThickness: mm(wall),
    mouthDiameter: mm(50),
    hoopSpacing: mm(Math.round(height / 3)),
  })
const bottle = (name: string, litres: number, diameter: number, height: number, wall: number, plastic = true) =>
  vessel(`bottle-${plastic ? 'plastic' : 'glass'}-${litres}`, {
    name,
    shape: 'bottle',
    wallMaterial: plastic ? 'PET' : 'glass',
    capacity: { value: litres, unit: 'L' },
    diameter: mm(diameter),
    height: mm(height),
    wallThickness: mm(wall),
    mouthDiameter: mm(plastic ? 22 : 18),
    neckLength: mm(plastic ? 40 : 70),
  })
const heater = (name: string, heaterKind: HeaterDocument['heaterKind'], kilowatts: number): TypicalThing => ({
  id: `${heaterKind}-${kilowatts}`,
  document: { kind: 'heater', place: '', note: '', name, heaterKind, ratedPower: { value: kilowatts, unit: 'kW' } },
})

export const TYPICAL_THINGS: readonly TypicalThing[] = [
  can('drinks can, 250 mL, slim', 250, 53, 134),
  can('drinks can, 330 mL', 330, 66, 115),
  can('drinks can, 330 mL, sleek', 330, 58, 146),
  can('drinks can, 355 mL (12 fl oz)', 355, 66, 122),
  can('drinks can, 440 mL', 440, 66, 150),
  can('drinks can, 500 mL', 500, 66, 168),
  vessel('tin-1', {
    name: 'tin with a screw cap, 1 L',
    shape: 'box',
    wallMaterial: 'steel',
    capacity: { value: 1, unit: 'L' },
    width: mm(100),
    depth: mm(60),
    height: mm(180),
    wallThickness: mm(0.25),
    mouthDiameter: mm(32),
  }),
  vessel('tin-5', {
    name: 'tin with a screw cap, 5 L',
    shape: 'box',
    wallMaterial: 'steel',
    capacity: { value: 5, unit: 'L' },
    width: mm(165),
    depth: mm(115),
    height: mm(285),
    wallThickness: mm(0.27),
    mouthDiameter: mm(42),
  }),
  drum('steel drum, 60 L', 60, 380, 560, 0.8),
  drum('steel drum, 208 L (55 gal)', 208, 572, 851, 1),
  bottle('fizzy-drink bottle, 500 mL', 0.5, 65, 225, 0.3),
  bottle('fizzy-drink bottle, 1 L', 1, 83, 280, 0.3),
  bottle('fizzy-drink bottle, 1.5 L', 1.5, 92, 330, 0.3),
  bottle('glass bottle, 700 mL', 0.7, 76, 300, 3, false),
  vessel('flask-0.5', {
    name: 'round-bottomed flask, 500 mL',
    shape: 'flask',
    wallMaterial: 'glass',
    capacity: { value: 0.5, unit: 'L' },
    wallThickness: mm(1.8),
    stemLength: mm(400),
  }),
  vessel('flask-1', {
    name: 'round-bottomed flask, 1 L',
    shape: 'flask',
    wallMaterial: 'glass',
    capacity: { value: 1, unit: 'L' },
    wallThickness: mm(2),
    stemLength: mm(450),
  }),
  heater('hot plate, 1 kW', 'plate', 1),
  heater('hot plate, 1.5 kW', 'plate', 1.5),
  heater('hot plate, 2 kW', 'plate', 2),
  heater('laboratory burner, 1 kW', 'gas', 1),
  heater('camping stove, 2 kW', 'gas', 2),
  heater('ring burner, 7 kW', 'gas', 7),
]

/** Standard uncertainty of what nobody measured, as a share of the value: our own judgement of how shops differ. */
const UNMEASURED: Readonly<Partial<Record<ThingProperty, number>>> = {
  capacity: 0.05,
  diameter: 0.03,
  width: 0.04,
  depth: 0.04,
  height: 0.04,
  wallThickness: 0.15,
  mouthDiameter: 0.08,
  neckLength: 0.2,
  hoopSpacing: 0.1,
  stemLength: 0.1,
  stemDiameter: 0.1,
  ratedPower: 0.12,
}

/**
 * Inputs of a staging that a typical thing sets, each with the spread of what was not measured. Its condition is not
 * among them: nobody has looked at it, and what is stated of a dent or a scratch stays.
 */
export function inputsFromTypical(
  thing: TypicalThing,
  demonstration: Pick<Demonstration, 'inputs'>,
): StagingDocument['inputs'] {
  const document: ShelfItemDocument = thing.document
  return Object.fromEntries(
    Object.entries(inputsFromItem(document, demonstration)).flatMap(([id, value]) => {
      const property = demonstration.inputs.find(input => input.id === id)?.onShelf
      if (property === 'condition') return []
      const spread = property && UNMEASURED[property]
      return [[id, typeof value === 'string' || spread === undefined ? value : { ...value, spread }]]
    }),
  )
}
