/** The shelf document: what a prep room has, with measured values. */
import { z } from 'zod'
import { quantitySchema } from './staging'

export const SHELF_FORMAT = 'zealous-hush/shelf'

const measured = quantitySchema.optional()

const common = { name: z.string().trim().min(1, 'a name of 1 to 120 characters').max(120), place: z.string().max(120).default(''), note: z.string().max(2000).default('') }

export const vesselSchema = z.strictObject({
  kind: z.literal('vessel'), ...common,
  wallMaterial: z.string().max(40).default('aluminium'),
  condition: z.enum(['sound', 'dented']).default('sound'),
  diameter: quantitySchema, height: quantitySchema, mouthDiameter: quantitySchema,
  wallThickness: measured.describe('measured; otherwise worked out from the empty mass'),
  capacity: measured.describe('measured; otherwise from weighing full and empty'),
  fullMass: measured, emptyMass: measured, waterTemperature: measured,
}).meta({ title: 'Vessel' })

export const heaterSchema = z.strictObject({
  kind: z.literal('heater'), ...common,
  ratedPower: quantitySchema,
  efficiency: measured.describe('share that gets into a small vessel, where it was measured'),
}).meta({ title: 'Heater' })

export const bathSchema = z.strictObject({
  kind: z.literal('bath'), ...common,
  water: quantitySchema, ice: measured, temperature: measured,
}).meta({ title: 'Bath' })

export const shelfItemSchema = z.discriminatedUnion('kind', [vesselSchema, heaterSchema, bathSchema])
export type ShelfItemDocument = z.infer<typeof shelfItemSchema>
export type VesselDocument = z.infer<typeof vesselSchema>
export type HeaterDocument = z.infer<typeof heaterSchema>
export type BathDocument = z.infer<typeof bathSchema>

export const shelfSchema = z.strictObject({
  format: z.literal(SHELF_FORMAT).default(SHELF_FORMAT),
  version: z.literal(1).default(1),
  items: z.array(shelfItemSchema),
}).meta({ title: 'Shelf', description: 'Vessels, heaters and baths with measured values.' })
export type ShelfDocument = z.infer<typeof shelfSchema>

export const roomSchema = z.strictObject({
  altitude: measured, seaLevelPressure: measured, stationPressure: measured, airTemperature: measured, relativeHumidity: measured,
}).meta({ title: 'Room', description: 'Conditions that hold for every staging that does not state its own.' })
export type RoomDocument = z.infer<typeof roomSchema>
