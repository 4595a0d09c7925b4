import { setResponseHeader } from 'h3'
import * as z from 'zod'
import { countAttempt, forgetFailures } from '../access/attempts'
import { matchesPassphrase, readAccess } from '../access/passphrase'
import { signIn } from '../access/session'
import { readJson } from '../http/body'
import { refusal } from '../http/faults'

const body = z.object({ passphrase: z.string().min(1, 'the passphrase').max(500) })

export default defineEventHandler(async event => {
  const { passphrase } = await readJson(event, body)
  const { passphrase: kept } = await readAccess()
  if (kept === null)
    throw refusal(
      [
        {
          input: 'passphrase',
          message: 'none is set yet; set one with "npm run passphrase" on the machine that serves',
        },
      ],
      409,
    )
  const wait = await countAttempt(event)
  if (wait > 0) {
    setResponseHeader(event, 'retry-after', wait)
    throw refusal(
      [{ input: 'passphrase', message: `too many wrong ones; the next is taken in ${Math.ceil(wait / 60)} min` }],
      429,
    )
  }
  if (!(await matchesPassphrase(passphrase, kept)))
    throw refusal([{ input: 'passphrase', message: 'that is not it' }], 401)
  await forgetFailures(event)
  await signIn(event)
  return { signedIn: true }
})
