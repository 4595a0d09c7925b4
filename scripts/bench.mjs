/** `npm run bench`: speeds, one JSON object a line; comparisons are ratios taken in this one run. */
import { dirname, join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'
import { ensureNodePackages } from './install/node-packages.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
await ensureNodePackages(root, line => console.error(line))
const { bundle } = await import('./build/build.mjs')
const file = await bundle(root, join(root, 'scripts', 'bench', 'measure.ts'), 'bench')
const { measure } = await import(pathToFileURL(file).href)
for await (const line of measure()) console.log(JSON.stringify(line))
