import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto'
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

export async function matchesPassphrase(given: string, kept: string): Promise<boolean> {
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
