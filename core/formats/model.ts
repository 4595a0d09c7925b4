import * as z from 'zod'

/** Which computation a forecast is of: an old one can be told from a new one. */
export const modelSchema = z
  .string()
  .min(1)
  .max(60)
  .describe('version and build of the computation, such as 0.1.0+1a2b3c4d')
