/** Where a registry keeps what a lock names. */

/**
 * The lock names no host, so npm would ask the registry about every package before it fetches it. With the usual
 * addresses of the registry that is set it fetches at once; sums are checked all the same.
 *
 * @typedef {{ name?: string, version?: string, resolved?: string, integrity?: string, inBundle?: boolean }} Locked
 * @param {{ packages: Record<string, Locked> }} lock as in package-lock.json
 * @param {string} registry its address
 */
export function addressed(lock, registry) {
  const base = registry.endsWith('/') ? registry : `${registry}/`
  const packages = Object.entries(lock.packages).map(([path, locked]) => {
    if (locked.resolved || !locked.integrity || locked.inBundle) return [path, locked]
    const name = locked.name ?? path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length)
    const file = `${name.slice(name.lastIndexOf('/') + 1)}-${locked.version}.tgz`
    return [path, { ...locked, resolved: `${base}${name}/-/${file}` }]
  })
  return { ...lock, packages: Object.fromEntries(packages) }
}
