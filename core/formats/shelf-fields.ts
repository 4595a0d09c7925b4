/** The fields of each kind of shelf item: one table for its form, its file of rows and its checks. */
import { HEATER_KINDS, PUMP_IDS, type VesselShape } from '../demonstration'
import type { QuantityKind } from '../units'
import { SOLID_NAMES } from '../substances/solids'
import type { ItemKind } from './shelf'

interface FieldBase {
  field: string
  label: string
  hint?: string
  /** shapes of vessel that have it; all if left out */
  shapes?: readonly VesselShape[]
}
export type ShelfField = FieldBase &
  (
    | {
        type: 'quantity'
        quantity: QuantityKind
        units: readonly [si: string, us: string]
        range: readonly [least: number, most: number]
      }
    | { type: 'choice'; choices: readonly { id: string; name: string }[] }
    | { type: 'count' }
  )

const length = (
  field: string,
  label: string,
  least: number,
  most: number,
  more: Partial<FieldBase> = {},
  units: readonly [string, string] = ['mm', 'in'],
): ShelfField => ({ type: 'quantity', quantity: 'length', field, label, units, range: [least, most], ...more })
const choice = (
  field: string,
  label: string,
  ids: readonly string[],
  names: Record<string, string> = {},
): ShelfField => ({ type: 'choice', field, label, choices: ids.map(id => ({ id, name: names[id] ?? id })) })
const COUNT: ShelfField = { type: 'count', field: 'count', label: 'How many' }
const SHAPE_NAMES = {
  'cylinder': 'round (can, tin, drum, tank)',
  'box': 'rectangular tin',
  'bottle': 'bottle with a neck',
  'flask': 'round flask',
  'bell-jar': 'bell jar',
}

export const SHELF_FIELDS: Readonly<Record<ItemKind, readonly ShelfField[]>> = {
  vessel: [
    choice('shape', 'Shape', ['cylinder', 'box', 'bottle', 'flask', 'bell-jar'], SHAPE_NAMES),
    choice('wallMaterial', 'Wall', SOLID_NAMES),
    choice('condition', 'Condition', ['sound', 'dented', 'scratched', 'unfit'], {
      unfit: 'unfit for a pressure difference',
    }),
    COUNT,
    length('diameter', 'Diameter', 0.02, 8, { shapes: ['cylinder', 'bottle', 'bell-jar'] }),
    length('width', 'Width', 0.02, 1, { shapes: ['box'] }),
    length('depth', 'Depth', 0.02, 1, { shapes: ['box'] }),
    length('height', 'Height', 0.03, 20, { shapes: ['cylinder', 'box', 'bottle', 'bell-jar'] }),
    length('mouthDiameter', 'Mouth', 0.002, 0.6, { shapes: ['cylinder', 'box', 'bottle'] }),
    length('neckLength', 'Neck length', 0.001, 0.4, { shapes: ['bottle'], hint: 'mouth to shoulder' }),
    length('hoopSpacing', 'Between hoops', 0.02, 20, { shapes: ['cylinder'], hint: 'if it has any' }),
    length('stemLength', 'Stem length', 0.02, 3, { shapes: ['flask'], hint: 'tube through its stopper' }),
    length('stemDiameter', 'Bore of the stem', 0.001, 0.05, { shapes: ['flask'] }),
    length('wallThickness', 'Wall thickness', 2e-5, 0.03, { hint: 'or from the empty mass' }, ['mm', 'mil']),
    {
      type: 'quantity',
      quantity: 'mass',
      field: 'fullMass',
      label: 'Brim-full of water',
      units: ['g', 'oz'],
      range: [1e-3, 1e3],
      hint: 'weigh it full',
    },
    {
      type: 'quantity',
      quantity: 'mass',
      field: 'emptyMass',
      label: 'Empty and dry',
      units: ['g', 'oz'],
      range: [1e-4, 1e3],
      hint: 'weigh it empty',
    },
    {
      type: 'quantity',
      quantity: 'temperature',
      field: 'waterTemperature',
      label: 'Water while weighing',
      units: ['degC', 'degF'],
      range: [273.16, 372],
      hint: '20 °C',
    },
    {
      type: 'quantity',
      quantity: 'volume',
      field: 'capacity',
      label: 'Capacity, if measured otherwise',
      units: ['mL', 'floz'],
      range: [1e-6, 100],
      hint: 'from weighing',
    },
  ],
  heater: [
    choice('heaterKind', 'Kind', HEATER_KINDS),
    {
      type: 'quantity',
      quantity: 'power',
      field: 'ratedPower',
      label: 'Rated power',
      units: ['kW', 'BTU/h'],
      range: [20, 100e3],
    },
    {
      type: 'quantity',
      quantity: 'fraction',
      field: 'efficiency',
      label: 'Share that gets into a vessel',
      units: ['%', '%'],
      range: [0.02, 0.95],
      hint: 'if measured',
    },
    {
      type: 'quantity',
      quantity: 'volume',
      field: 'measuredWith',
      label: 'Measured with a vessel of',
      units: ['mL', 'floz'],
      range: [10e-6, 0.5],
      hint: 'its capacity',
    },
  ],
  bath: [
    { type: 'quantity', quantity: 'volume', field: 'water', label: 'Water', units: ['L', 'qt'], range: [0.2e-3, 0.5] },
    {
      type: 'quantity',
      quantity: 'mass',
      field: 'ice',
      label: 'Ice',
      units: ['kg', 'lb'],
      range: [0, 200],
      hint: 'none',
    },
    {
      type: 'quantity',
      quantity: 'temperature',
      field: 'temperature',
      label: 'Temperature',
      units: ['degC', 'degF'],
      range: [273.15, 372.15],
      hint: 'as measured',
    },
  ],
  pump: [
    choice('pumpKind', 'Kind', PUMP_IDS, {
      'hand': 'hand piston pump',
      'mouth': 'lungs on a hose',
      'cheeks': 'cheeks on a hose',
      'kitchen': 'kitchen hand pump',
      'jet': 'water-jet pump',
      'membrane': 'membrane pump',
      'two-stage': 'two-stage pump',
    }),
    COUNT,
    {
      type: 'quantity',
      quantity: 'volume',
      field: 'strokeVolume',
      label: 'Volume of a stroke',
      units: ['mL', 'floz'],
      range: [2e-6, 3e-3],
      hint: 'hand pumps',
    },
    {
      type: 'quantity',
      quantity: 'flow',
      field: 'pumpSpeed',
      label: 'Pumping speed',
      units: ['L/min', 'gal/min'],
      range: [1e-6, 0.05],
      hint: 'driven pumps',
    },
    {
      type: 'quantity',
      quantity: 'pressure',
      field: 'ultimatePressure',
      label: 'Lowest pressure it reaches',
      units: ['kPa', 'psi'],
      range: [1, 90e3],
      hint: 'absolute, on a closed gauge',
    },
  ],
  closure: [
    choice('closureKind', 'Kind', ['cap', 'bung', 'stopper', 'relief'], { relief: 'relief valve' }),
    COUNT,
    length('fits', 'Opening that it closes', 0.002, 0.3),
    {
      type: 'quantity',
      quantity: 'pressure',
      field: 'opensAt',
      label: 'Opens at, over the room',
      units: ['kPa', 'psi'],
      range: [100, 500e3],
      hint: 'relief valves only',
    },
  ],
  thermometer: [
    COUNT,
    {
      type: 'quantity',
      quantity: 'temperature',
      field: 'least',
      label: 'Reads from',
      units: ['degC', 'degF'],
      range: [173, 1000],
    },
    {
      type: 'quantity',
      quantity: 'temperature',
      field: 'most',
      label: 'up to',
      units: ['degC', 'degF'],
      range: [173, 2000],
    },
    {
      type: 'quantity',
      quantity: 'temperatureDifference',
      field: 'error',
      label: 'May be off by',
      units: ['K', 'degF'],
      range: [0, 20],
    },
  ],
  protection: [
    choice('protectionKind', 'Kind', ['gloves', 'tongs', 'goggles', 'screen', 'ear protection', 'other']),
    COUNT,
  ],
  consumable: [COUNT, { type: 'count', field: 'restockAt', label: 'Get more when down to' }],
}

export const ITEM_KINDS = Object.keys(SHELF_FIELDS) as ItemKind[]

/** The fields that an item of this kind, and a vessel of this shape, has. */
export const fieldsOf = (kind: ItemKind, shape?: string): readonly ShelfField[] =>
  SHELF_FIELDS[kind].filter(f => !f.shapes || shape === undefined || f.shapes.includes(shape as VesselShape))
