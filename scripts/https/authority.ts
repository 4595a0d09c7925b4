/**
 * A small certificate authority of this copy's own, for a school that has none: a phone that trusts it can open the
 * application over https. It may vouch for nothing but this machine's names and the addresses of private networks
 * (RFC 5280, 4.2.1.10), so that whoever stole its key could not stand in for any other site.
 */
import { webcrypto, X509Certificate } from 'node:crypto'
import { existsSync, readFileSync } from 'node:fs'
import { hostname } from 'node:os'
import { join } from 'node:path'
import { AsnConvert } from '@peculiar/asn1-schema'
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509'
import { isPrivateAddress, PRIVATE_NETWORKS } from '../../server/https/private-networks'
import type { Reached } from '../../server/https/names'
import { x509 } from './x509'
import { writeWhole } from '../whole-file'

/** Every phone of the last ten years knows it. */
export const KEYS = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' }
const DAY = 24 * 3600 * 1000
/** Phones are asked to trust it once. */
const DAYS = 3650
/** Clocks differ. */
const EARLIER = DAY

export interface Pair {
  certificate: x509.X509Certificate
  key: CryptoKey
}

/** From a day ago, for so many days. */
export const valid = (days: number) => ({
  notBefore: new Date(Date.now() - EARLIER),
  notAfter: new Date(Date.now() + days * DAY),
})

export const newKeys = () => webcrypto.subtle.generateKey(KEYS, true, ['sign', 'verify']) as Promise<CryptoKeyPair>

/** @returns PEM, PKCS #8 */
export const keyText = async (key: CryptoKey): Promise<string> =>
  x509.PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', key), 'PRIVATE KEY')

/** Names and networks that an authority which is made now vouches for. */
const permittedBy = ({ names, addresses }: Reached): string[] => [
  'local',
  ...names.filter(name => !name.endsWith('.local')),
  ...PRIVATE_NETWORKS,
  ...addresses.filter(address => !isPrivateAddress(address)).map(a => `${a}/${a.includes(':') ? 128 : 32}`),
]

function constraints(permitted: readonly string[]): x509.Extension {
  const base = (one: string) =>
    new GeneralSubtree({ base: new GeneralName(one.includes('/') ? { iPAddress: one } : { dNSName: one }) })
  const permittedSubtrees = new GeneralSubtrees(permitted.map(base))
  return new x509.Extension('2.5.29.30', true, AsnConvert.serialize(new NameConstraints({ permittedSubtrees })))
}

async function make(reached: Reached): Promise<Pair> {
  const keys = await newKeys()
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    name: [{ CN: [`Zealous Hush on ${hostname()}`] }, { O: ['Zealous Hush, this machine only'] }],
    keys,
    signingAlgorithm: KEYS,
    ...valid(DAYS),
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign | x509.KeyUsageFlags.cRLSign, true),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey),
      constraints(permittedBy(reached)),
    ],
  })
  return { certificate, key: keys.privateKey }
}

/** Files of the authority in the folder of certificates. */
export const authorityFiles = (folder: string) => ({
  certificate: join(folder, 'authority.crt'),
  key: join(folder, 'authority.key'),
  /** what it may vouch for */ permitted: join(folder, 'authority.json'),
})

const vouchesFor = (permitted: readonly string[], { names, addresses }: Reached): boolean =>
  names.every(name => permitted.some(p => name === p || name.endsWith(`.${p}`))) &&
  addresses.every(a => isPrivateAddress(a) || permitted.some(p => p.split('/')[0] === a))

/** The kept authority, where it is whole, is valid for a year yet and may vouch for all names. */
async function read(folder: string, reached: Reached): Promise<Pair | undefined> {
  const files = authorityFiles(folder)
  if (!Object.values(files).every(existsSync)) return undefined
  try {
    const text = readFileSync(files.certificate, 'utf8')
    const permitted = JSON.parse(readFileSync(files.permitted, 'utf8')) as string[]
    if (new Date(new X509Certificate(text).validTo).getTime() < Date.now() + 365 * DAY) return undefined
    if (!vouchesFor(permitted, reached)) return undefined
    const der = x509.PemConverter.decodeFirst(readFileSync(files.key, 'utf8'))
    const key = await webcrypto.subtle.importKey('pkcs8', der, KEYS, true, ['sign'])
    return { certificate: new x509.X509Certificate(text), key: key as CryptoKey }
  } catch {
    return undefined // Half a file, or another program's: as if there were none.
  }
}

/**
 * The authority of a folder, made where there is none that can be used.
 * @returns with `fresh` where phones must be asked to trust it
 */
export async function ensureAuthority(folder: string, reached: Reached): Promise<Pair & { fresh: boolean }> {
  const known = await read(folder, reached)
  if (known) return { ...known, fresh: false }
  const made = await make(reached)
  const files = authorityFiles(folder)
  writeWhole(files.key, await keyText(made.key))
  writeWhole(files.permitted, JSON.stringify(permittedBy(reached)))
  writeWhole(files.certificate, made.certificate.toString('pem'))
  return { ...made, fresh: true }
}
