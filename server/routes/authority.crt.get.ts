import { setResponseHeaders } from 'h3'
import { howReached } from '../https/reached'
import { refusal } from '../http/faults'

/** The certificate of this copy's own authority, as phones take it. */
export default defineEventHandler(event => {
  const authority = howReached()?.authority
  if (!authority) throw refusal([{ input: '', message: 'this copy has no authority of its own' }], 404)
  setResponseHeaders(event, { 'content-type': 'application/x-x509-ca-cert', 'cache-control': 'no-store' })
  return authority
})
