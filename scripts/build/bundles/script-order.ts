/** In which order a browser may read the scripts of a page one by one. */

/** Of a script in the bundler's list: where it lies, and the keys of those that it can't be read without. */
interface Script {
  file: string
  imports?: readonly string[]
}

/**
 * @param manifest scripts and other files by key; what is not a script has no imports
 * @returns names of files, each after all that it imports
 */
export function orderOf(manifest: Readonly<Record<string, Script>>): string[] {
  const order = new Set<string>()
  const met = new Set<string>()
  const add = (key: string) => {
    const script = manifest[key]
    if (!script || met.has(key)) return
    met.add(key)
    script.imports?.forEach(add)
    if (script.file.endsWith('.js')) order.add(script.file)
  }
  Object.keys(manifest).forEach(add)
  return [...order]
}
