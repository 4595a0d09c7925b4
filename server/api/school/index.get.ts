import type { ShownSchool } from '../../../core'
import { currentSchool } from '../../database/school'

/** Without its logo, which is a picture of its own: pages that show a caution do not carry it. */
export default defineEventHandler(async (): Promise<ShownSchool> => {
  const {
    version,
    document: { logo, ...document },
  } = await currentSchool()
  return { version, document, hasLogo: logo !== undefined }
})
