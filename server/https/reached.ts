import { X509Certificate } from 'node:crypto'

/** How other devices reach this copy. */
export interface Reached {
  port: number
  /** names and addresses, the best for a phone first */ names: string[]
  /** over https */ secure: boolean
  /** PEM of this copy's own authority; left out where the certificate is the school's, or without https */
  authority?: string
}

let reached: Reached | undefined

export const setReached = ({ port, names, authority }: Omit<Reached, 'secure'>): void => {
  reached = { port, names, authority, secure: true }
}
/** Undefined where only this machine reaches it, or nobody said how. */
export function howReached(): Reached | undefined {
  const { HUSH_REACHED } = process.env
  return (reached ??= HUSH_REACHED ? { ...(JSON.parse(HUSH_REACHED) as Reached), secure: false } : undefined)
}

/** SHA-256 of the authority's certificate, which people compare with what the start command printed. */
export const fingerprintOf = (pem: string): string => new X509Certificate(pem).fingerprint256
