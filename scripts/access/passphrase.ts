/** The passphrase that opens the application to people on the network: kept as a memory-hard hash. */
import { randomBytes, randomInt, scryptSync } from 'node:crypto'
import { createInterface } from 'node:readline/promises'
import pg from 'pg'
import { asTyped, type Say } from '../root'

const LEAST_LENGTH = 8
/** 64 MiB and some tenths of a second each. */
const COST = { N: 65536, r: 8, p: 1 }
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789'

/** @returns `scrypt$N$r$p$salt$hash` */
export function hashPassphrase(passphrase: string) {
  const salt = randomBytes(16)
  const hash = scryptSync(passphrase.normalize('NFKC'), salt, 32, { ...COST, maxmem: 256 * COST.N * COST.r })
  return ['scrypt', COST.N, COST.r, COST.p, salt.toString('base64'), hash.toString('base64')].join('$')
}

/** @param url of the database @throws Error where it is too short */
export async function setPassphrase(url: string, passphrase: string) {
  if (passphrase.length < LEAST_LENGTH)
    throw new Error(`passphrase: given ${passphrase.length} characters; accepted: ${LEAST_LENGTH} or more`)
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    await client.query(
      `insert into access (passphrase, sealing_key) values ($1, $2)
        on conflict (single) do update set passphrase = excluded.passphrase`,
      [hashPassphrase(passphrase), randomBytes(32).toString('base64')],
    )
    // Whoever signed in with the one before signs in again.
    await client.query('update device set session_id = null')
  } finally {
    await client.end()
  }
}

async function hasPassphrase(url: string) {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    const { rows } = await client.query('select passphrase from access')
    return Boolean(rows[0]?.passphrase)
  } finally {
    await client.end()
  }
}

/** From HUSH_PASSPHRASE, or asked for in a terminal; undefined where there is neither. */
export async function askPassphrase(): Promise<string | undefined> {
  if (process.env.HUSH_PASSPHRASE) return process.env.HUSH_PASSPHRASE
  if (!process.stdin.isTTY) return undefined
  const terminal = createInterface({ input: process.stdin, output: process.stdout })
  try {
    return await terminal.question(
      `Passphrase for everybody who may use this from the network (${LEAST_LENGTH} characters or more): `,
    )
  } finally {
    terminal.close()
  }
}

/** Sees to it that there is a passphrase before anybody outside can reach the application. */
export async function ensurePassphrase(url: string, say: Say) {
  if (await hasPassphrase(url)) return
  const given = await askPassphrase()
  const made = Array.from({ length: 4 }, () =>
    Array.from({ length: 4 }, () => LETTERS[randomInt(LETTERS.length)]).join(''),
  ).join('-')
  await setPassphrase(url, given ?? made)
  if (given === undefined) say(`Passphrase, shown only this once: ${made}  ("${asTyped('passphrase')}" sets another)`)
}
