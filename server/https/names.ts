/** The names and addresses by which this machine is reached, which its certificate must name. */
import { isIP } from 'node:net'
import { hostname, networkInterfaces } from 'node:os'

/** Announced in the building's network where Debian's avahi runs. */
export const ANNOUNCED = 'zealous-hush.local'

export interface Reached {
  /** in lower case, without a dot at the end */ names: string[]
  /** IPv4 and IPv6, loopback first */ addresses: string[]
}

/** Part of a host's name as RFC 1123 has it. */
const LABEL = /^[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?$/
const isName = (text: string): boolean => text.length <= 253 && text.split('.').every(label => LABEL.test(label))

/** @throws Error that names `HUSH_NAMES`, what was given and what is accepted */
function namesAskedFor(given = process.env.HUSH_NAMES ?? ''): string[] {
  const names = given
    .split(',')
    .map(name => name.trim().toLowerCase())
    .filter(Boolean)
  for (const name of names)
    if (!isName(name) || isIP(name) !== 0)
      throw new Error(`HUSH_NAMES: given "${name}"; accepted: names such as prep.school.example, with commas between`)
  return names
}

/** Addresses of the network cards but those that mean nothing on another machine. */
function cardAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flatMap(card => card ?? [])
    .filter(({ internal, address, scopeid }) => !internal && !scopeid && !address.startsWith('fe80:'))
    .map(({ address }) => address)
}

/** Names and addresses as they are now; `HUSH_NAMES` adds names that the school's network gives this machine. */
export function reached(): Reached {
  const own = hostname().toLowerCase()
  const names = ['localhost', ANNOUNCED, ...(isName(own) ? [own, ...(own.includes('.') ? [] : [`${own}.local`])] : [])]
  return {
    names: [...new Set([...names, ...namesAskedFor()])],
    addresses: [...new Set(['127.0.0.1', '::1', ...cardAddresses()])],
  }
}
