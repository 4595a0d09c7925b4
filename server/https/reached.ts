import { X509Certificate } from 'node:crypto'
import { lanAddresses } from './lan-addresses'

/** How other devices reach this copy. */
export interface Reached {
  port: number
  /** names and addresses, the best for a phone first */ names: string[]
  /** over https */ secure: boolean
  /** PEM of this copy's own authority; left out where the certificate is the school's, or without https */
  authority?: string
}

let reached: Reached | undefined
/** In plain http: what the start command said once, beside the addresses that this machine has at the time. */
interface InPlain {
  port: number
  /** names that it announced */ others: string[]
}

export const setReached = ({ port, names, authority }: Omit<Reached, 'secure'>): void => {
  reached = { port, names, authority, secure: true }
}
/** Undefined where only this machine reaches it, or nobody said how. */
export function howReached(): Reached | undefined {
  const { HUSH_REACHED } = process.env
  if (reached || !HUSH_REACHED) return reached
  const { port, others } = JSON.parse(HUSH_REACHED) as InPlain
  return { port, names: [...lanAddresses(), ...others], secure: false }
}

/** SHA-256 of the authority's certificate, which people compare with what the start command printed. */
export const fingerprintOf = (pem: string): string => new X509Certificate(pem).fingerprint256
