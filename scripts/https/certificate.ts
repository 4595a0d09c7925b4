/** The certificate that the server shows: the school's own, or one by this copy's authority, renewed by itself. */
import { createPrivateKey, X509Certificate } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync } from 'node:fs'
import { isIP } from 'node:net'
import { join } from 'node:path'
import { authorityFiles, ensureAuthority, KEYS, keyText, newKeys, valid, type Pair } from './authority'
import { reached, type Reached } from '../../server/https/names'
import { isPrivateAddress } from '../../server/https/private-networks'
import { x509 } from './x509'
import { withLock } from '../install/lock.mjs'
import { messageOf, type Say } from '../root'
import { writeWhole } from '../whole-file'

/** No phone takes more than 825 days; it is renewed when a third is left. */
const DAYS = 90
const LEFT = 30
const DAY = 24 * 3600 * 1000

export interface Shown {
  /** PEM, with what leads to the authority */ certificate: string
  /** PEM */ key: string
  /** PEM; left out where the certificate is the school's own */ authority?: string
}

/** Certificate and key that the school gives: `HUSH_CERT` and `HUSH_KEY`. @throws Error that names what is wrong */
export function ownCertificate({ HUSH_CERT, HUSH_KEY } = process.env): Shown | undefined {
  if (!HUSH_CERT && !HUSH_KEY) return undefined
  if (!HUSH_CERT || !HUSH_KEY)
    throw new Error(`HUSH_CERT and HUSH_KEY: only one of them is given; accepted: both, files in PEM format`)
  const read = <T>(name: string, file: string, parse: (text: string) => T) => {
    try {
      const text = readFileSync(file, 'utf8')
      return { text, parsed: parse(text) }
    } catch (error) {
      throw new Error(
        `${name}: given "${file}", which can't be used (${messageOf(error)}); accepted: a file in PEM format`,
        { cause: error },
      )
    }
  }
  const certificate = read('HUSH_CERT', HUSH_CERT, text => new X509Certificate(text))
  const key = read('HUSH_KEY', HUSH_KEY, text => createPrivateKey(text))
  if (!certificate.parsed.checkPrivateKey(key.parsed))
    throw new Error(`HUSH_KEY: "${HUSH_KEY}" is not the key of the certificate in "${HUSH_CERT}"`)
  const end = new Date(certificate.parsed.validTo)
  if (end.getTime() < Date.now())
    throw new Error(
      `HUSH_CERT: "${HUSH_CERT}" was valid until ${end.toISOString().slice(0, 10)}; accepted: one that is valid`,
    )
  return { certificate: certificate.text, key: key.text }
}

/** What the authority is asked to vouch for: an address that changes by the day, of IPv6, is no use to a phone. */
const wanted = ({ names, addresses }: Reached): Reached => ({
  names,
  addresses: addresses.filter(address => isPrivateAddress(address) || isIP(address) === 4),
})

async function issue(authority: Pair, { names, addresses }: Reached): Promise<{ certificate: string; key: string }> {
  const keys = await newKeys()
  const certificate = await x509.X509CertificateGenerator.create({
    subject: [{ CN: [names.find(name => name !== 'localhost')!] }],
    issuer: authority.certificate.subject,
    publicKey: keys.publicKey,
    signingKey: authority.key,
    signingAlgorithm: KEYS,
    ...valid(DAYS),
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension([
        ...names.map(value => ({ type: 'dns' as const, value })),
        ...addresses.map(value => ({ type: 'ip' as const, value })),
      ]),
      await x509.AuthorityKeyIdentifierExtension.create(authority.certificate),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
    ],
  })
  return { certificate: certificate.toString('pem'), key: await keyText(keys.privateKey) }
}

/** Whether a kept certificate is whole, valid for a while yet, and still says all that it should. */
export function isCurrent(
  { certificate: pem, key, authority }: Required<Shown>,
  { names, addresses }: Reached,
): boolean {
  try {
    const certificate = new X509Certificate(pem)
    return (
      certificate.checkPrivateKey(createPrivateKey(key)) &&
      new Date(certificate.validTo).getTime() > Date.now() + LEFT * DAY &&
      new Date(certificate.validFrom).getTime() < Date.now() &&
      certificate.verify(new X509Certificate(authority).publicKey) &&
      names.every(name => certificate.checkHost(name) !== undefined) &&
      addresses.every(address => certificate.checkIP(address) !== undefined)
    )
  } catch {
    return false
  }
}

/**
 * The certificate of a folder, made or renewed where need be. Several copies may ask at once.
 * @param folder made if need be; nobody else may read it
 */
export async function ensureCertificate(folder: string, say: Say, now: Reached = reached()): Promise<Shown> {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const [file, keyFile] = ['server.crt', 'server.key'].map(name => join(folder, name))
  return withLock(join(folder, 'lock'), say, async () => {
    const asked = wanted(now)
    const pair = await ensureAuthority(folder, asked)
    const authority = readFileSync(authorityFiles(folder).certificate, 'utf8')
    if (pair.fresh) say(`Made a certificate authority of this copy's own.`)
    const kept = [file, keyFile].every(existsSync) && {
      certificate: readFileSync(file, 'utf8'),
      key: readFileSync(keyFile, 'utf8'),
      authority,
    }
    if (kept && !pair.fresh && isCurrent(kept, asked)) return kept
    const made = await issue(pair, asked)
    writeWhole(keyFile, made.key)
    writeWhole(file, made.certificate)
    if (kept && !pair.fresh) say('Renewed the certificate for the names and addresses of this machine.')
    return { ...made, authority }
  })
}

/** SHA-256 of a certificate as people compare it. */
export const fingerprint = (pem: string): string => new X509Certificate(pem).fingerprint256
