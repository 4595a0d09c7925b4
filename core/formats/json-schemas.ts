/** The documents' JSON Schemas, from the Zod schemas that validate them. */
import * as z from 'zod'
import { logbookSchema } from './logbook'
import { practiceSchema } from './practice'
import { predictionSchema } from './prediction'
import { runSchema } from './run'
import { runningOrderSchema } from './running-order'
import { schoolSchema } from './school'
import { shelfSchema } from './shelf'
import { showSchema } from './show'
import { stagingSchema } from './staging'

/** File name (without ending) → schema of what may be written, draft 2020-12. */
export function schemaDocuments(): Record<string, unknown> {
  const schemas = {
    'staging': stagingSchema,
    'prediction': predictionSchema,
    'run': runSchema,
    'shelf': shelfSchema,
    'running-order': runningOrderSchema,
    'show': showSchema,
    'logbook': logbookSchema,
    'school': schoolSchema,
    'practice': practiceSchema,
  }
  return Object.fromEntries(
    Object.entries(schemas).map(([name, schema]) => [name, z.toJSONSchema(schema, { io: 'input' })]),
  )
}
