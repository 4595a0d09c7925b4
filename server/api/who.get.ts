import type { Who } from '../../core'
import { whoIs } from '../access/desk'
import { listPeople } from '../database/people'

export default defineEventHandler(async (event): Promise<Who> => {
  const [people, mine] = await Promise.all([listPeople(), whoIs(event)])
  return { people, mine }
})
