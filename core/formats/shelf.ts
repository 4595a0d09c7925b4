/** The shelf document: what a prep room has, with measured values. */
import * as z from 'zod'
import { HEATER_KINDS, PUMP_IDS, VESSEL_SHAPES } from '../demonstration'
import { quantitySchema } from './staging'

export const SHELF_FORMAT = 'zealous-hush/shelf'

const measured = quantitySchema.optional()

const common = {
  name: z.string().trim().min(1, 'a name of 1 to 120 characters').max(120),
  place: z.string().max(120).default(''),
  note: z.string().max(2000).default(''),
}
const count = z.int().min(0).max(100000).default(1).describe('how many there are')

export const vesselSchema = z
  .strictObject({
    kind: z.literal('vessel'),
    ...common,
    shape: z.enum(VESSEL_SHAPES).default('cylinder'),
    wallMaterial: z.string().max(40).default('aluminium'),
    condition: z
      .enum(['sound', 'dented', 'scratched', 'unfit'])
      .default('sound')
      .describe('unfit: not under a pressure difference'),
    count,
    diameter: measured.describe('cylinder, bottle, bell jar'),
    width: measured.describe('box'),
    depth: measured.describe('box'),
    height: measured.describe('all but a flask'),
    mouthDiameter: measured,
    neckLength: measured.describe('bottle'),
    hoopSpacing: measured.describe('cylinder with rolling hoops'),
    stemLength: measured.describe('flask'),
    stemDiameter: measured.describe('flask'),
    wallThickness: measured.describe('measured; otherwise worked out from the empty mass'),
    capacity: measured.describe('measured; otherwise from weighing full and empty'),
    fullMass: measured,
    emptyMass: measured,
    waterTemperature: measured,
  })
  .meta({ title: 'Vessel' })

export const heaterSchema = z
  .strictObject({
    kind: z.literal('heater'),
    ...common,
    heaterKind: z.enum(HEATER_KINDS).default('plate'),
    ratedPower: quantitySchema,
    efficiency: measured.describe('share that gets into a vessel, where it was measured, with its spread'),
    measuredWith: measured.describe('capacity of the vessel it was measured with: a small one takes a smaller share'),
  })
  .meta({ title: 'Heater' })

export const bathSchema = z
  .strictObject({ kind: z.literal('bath'), ...common, water: quantitySchema, ice: measured, temperature: measured })
  .meta({ title: 'Bath' })

export const pumpSchema = z
  .strictObject({
    kind: z.literal('pump'),
    ...common,
    count,
    pumpKind: z.enum(PUMP_IDS).default('hand'),
    strokeVolume: measured.describe('hand pumps'),
    pumpSpeed: measured.describe('driven pumps'),
    ultimatePressure: measured.describe('lowest absolute pressure that was seen on a closed gauge'),
  })
  .meta({ title: 'Pump' })

export const closureSchema = z
  .strictObject({
    kind: z.literal('closure'),
    ...common,
    count,
    closureKind: z.enum(['cap', 'bung', 'stopper', 'relief']).default('cap'),
    fits: measured.describe('opening that it closes'),
    opensAt: measured.describe('relief: overpressure at which it opens'),
  })
  .meta({ title: 'Bung or cap' })

export const thermometerSchema = z
  .strictObject({
    kind: z.literal('thermometer'),
    ...common,
    count,
    least: measured,
    most: measured,
    error: measured.describe('how far it may be off'),
  })
  .meta({ title: 'Thermometer' })

export const protectionSchema = z
  .strictObject({
    kind: z.literal('protection'),
    ...common,
    count,
    protectionKind: z.enum(['gloves', 'tongs', 'goggles', 'screen', 'ear protection', 'other']).default('gloves'),
  })
  .meta({ title: 'Gloves, goggles and screens' })

export const consumableSchema = z
  .strictObject({
    kind: z.literal('consumable'),
    ...common,
    count,
    restockAt: z.int().min(0).max(100000).default(0).describe('count at which more is needed'),
  })
  .meta({ title: 'Consumable' })

export const shelfItemSchema = z.discriminatedUnion('kind', [
  vesselSchema,
  heaterSchema,
  bathSchema,
  pumpSchema,
  closureSchema,
  thermometerSchema,
  protectionSchema,
  consumableSchema,
])
export type ShelfItemDocument = z.infer<typeof shelfItemSchema>
export type ItemKind = ShelfItemDocument['kind']
export type VesselDocument = z.infer<typeof vesselSchema>
export type HeaterDocument = z.infer<typeof heaterSchema>
export type PumpDocument = z.infer<typeof pumpSchema>
export type BathDocument = z.infer<typeof bathSchema>

export const shelfSchema = z
  .strictObject({
    format: z.literal(SHELF_FORMAT).default(SHELF_FORMAT),
    version: z.literal(1).default(1),
    items: z.array(shelfItemSchema),
  })
  .meta({ title: 'Shelf', description: 'What a prep room has, with measured values.' })
export type ShelfDocument = z.infer<typeof shelfSchema>

export const roomSchema = z
  .strictObject({
    altitude: measured,
    seaLevelPressure: measured,
    stationPressure: measured,
    airTemperature: measured,
    relativeHumidity: measured,
  })
  .meta({ title: 'Room', description: 'Conditions that hold for every staging that does not state its own.' })
export type RoomDocument = z.infer<typeof roomSchema>
