import { currentSchool } from '../../database/school'
import { photoAnswer } from '../../http/photo'

export default defineEventHandler(async event => {
  const [, type, bytes] = /^data:([a-z/]+);base64,(.*)$/.exec((await currentSchool()).document.logo ?? '') ?? []
  return photoAnswer(event, type && bytes ? { type, bytes: Buffer.from(bytes, 'base64') } : undefined)
})
