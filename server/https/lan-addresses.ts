import { reached } from './names'
import { isPrivateAddress } from './private-networks'

/** Addresses of this machine in the building's network, which a phone can type, as they are now. */
export function lanAddresses(): string[] {
  const all = reached().addresses.filter(address => !address.includes(':') && !address.startsWith('127.'))
  // A building's own before a public one.
  return [...all.filter(isPrivateAddress), ...all.filter(address => !isPrivateAddress(address))]
}
