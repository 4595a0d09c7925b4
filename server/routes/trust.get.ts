import { howReached } from '../https/reached'
import { refusal } from '../http/faults'
import { trustPage } from '../trust/page'

export default defineEventHandler(event => {
  const reached = howReached()
  if (!reached?.secure) throw refusal([{ input: '', message: 'https is not asked for; start it with HTTPS=1' }], 404)
  return trustPage(event, reached)
})
