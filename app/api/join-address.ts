/** What the server says of how a phone reaches it. */
export interface ReachedBy {
  /** the best first */ names: readonly string[]
  port?: number
  /** by which a phone needs no certificate of ours */ scheme?: 'http' | 'https'
}

const LOOPBACK = /^(localhost|127\.|\[::1\])/
const inUrl = (name: string) => (name.includes(':') ? `[${name}]` : name)

/**
 * Where a phone finds the page to vote: as the browser has it, unless that means the phone itself, or asks it to trust
 * a certificate that no guest's phone knows.
 * @param here where the projector's page is
 * @returns without an address where no phone can reach it
 */
export function joinOrigin(
  here: { protocol: string; hostname: string; host: string },
  { names, port, scheme }: ReachedBy,
): string | undefined {
  const best = names[0]
  if (LOOPBACK.test(here.hostname))
    return best === undefined || LOOPBACK.test(best) ? undefined : `${scheme ?? 'http'}://${inUrl(best)}:${port}`
  return `${scheme ?? here.protocol.replace(':', '')}://${here.host}`
}
