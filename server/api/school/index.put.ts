import { changedSchoolSchema, checkSchool } from '../../../core'
import { saveSchool } from '../../database/school'
import { readJson } from '../../http/body'
import { accepted, refusal } from '../../http/faults'
import { photoType } from '../../http/photo'
import { savedOrRefused } from '../../http/saved'

/** A logo, and all that may be written. */
const MOST_BYTES = 512 * 1024

export default defineEventHandler(async event => {
  const { document, ...write } = await readJson(event, changedSchoolSchema, MOST_BYTES)
  accepted(() => checkSchool(document))
  const [, type, bytes = ''] = /^data:([a-z/]+);base64,(.*)$/.exec(document.logo ?? '') ?? []
  if (type !== photoType(Buffer.from(bytes, 'base64')))
    throw refusal([{ input: 'logo', message: 'given a file of another kind; accepted: a PNG or JPEG picture' }])
  return savedOrRefused(await saveSchool(write, document), 'school')
})
