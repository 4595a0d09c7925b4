import { BlockList, isIPv6 } from 'node:net'

/** Networks whose addresses belong to a building: RFC 1918, RFC 4193, RFC 6598, loopback and link-local. */
export const PRIVATE_NETWORKS = [
  '127.0.0.0/8',
  '10.0.0.0/8',
  '172.16.0.0/12',
  '192.168.0.0/16',
  '100.64.0.0/10',
  '169.254.0.0/16',
  '::1/128',
  'fc00::/7',
]

const list = new BlockList()
for (const network of PRIVATE_NETWORKS) {
  const [address = '', bits] = network.split('/')
  list.addSubnet(address, Number(bits), isIPv6(address) ? 'ipv6' : 'ipv4')
}

/** Whether an address means something in a building's own network only. */
export const isPrivateAddress = (address: string): boolean => list.check(address, isIPv6(address) ? 'ipv6' : 'ipv4')
