import { createHmac, randomBytes, scrypt, timingSafeEqual } from 'node:crypto'
import PQueue from 'p-queue'
import { pool } from '../database/pool'

/** What is kept: `scrypt$N$r$p$salt$hash`, salt and hash in base64. Written by scripts/access/passphrase.ts. */
function parts(kept: string) {
  const [name, n, r, p, salt, hash] = kept.split('$')
  if (name !== 'scrypt') throw new Error('the kept passphrase is not readable; set it anew with "npm run passphrase"')
  return {
    N: Number(n),
    r: Number(r),
    p: Number(p),
    salt: Buffer.from(salt, 'base64'),
    hash: Buffer.from(hash, 'base64'),
  }
}

/** Each takes memory and a tenth of a second: guesses from everywhere wait for one another, and for nothing else. */
const oneByOne = new PQueue({ concurrency: 1 })

export const matchesPassphrase = (given: string, kept: string): Promise<boolean> =>
  oneByOne.add(() => matches(given, kept))

async function matches(given: string, kept: string): Promise<boolean> {
  const { salt, hash, ...cost } = parts(kept)
  const derived = await new Promise<Buffer>((resolve, reject) => {
    scrypt(given.normalize('NFKC'), salt, hash.length, { ...cost, maxmem: 256 * cost.N * cost.r }, (error, key) =>
      error ? reject(error) : resolve(key),
    )
  })
  return timingSafeEqual(derived, hash)
}

export interface Access {
  passphrase: string | null
  sealingKey: string
}

/** The kept passphrase, and the key of session cookies, which the first process that asks makes. */
export async function readAccess(): Promise<Access> {
  const { rows } = await pool().query('select passphrase, sealing_key as "sealingKey" from access')
  if (rows[0]) return rows[0]
  await pool().query('insert into access (sealing_key) values ($1) on conflict do nothing', [
    randomBytes(32).toString('base64'),
  ])
  return readAccess()
}

let key: Promise<string> | undefined

/** A mark of this application on a word that a browser keeps for it. */
export async function sealOf(word: string): Promise<string> {
  // It never changes: one question for all.
  key ??= readAccess().then(access => access.sealingKey)
  key.catch(() => (key = undefined))
  return createHmac('sha256', await key)
    .update(word)
    .digest('base64url')
    .slice(0, 32)
}
