const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]', '::1'])

export const isLoopback = (name: string): boolean => LOOPBACK.has(name)

/** Whether the application listens beyond this machine: then every page but the join page asks for the passphrase. */
export function isOpenToNetwork(): boolean {
  const own = process.env.NITRO_HOST ?? process.env.HOST
  return own !== undefined && !LOOPBACK.has(own)
}
