/** `npm run bench`: speeds, one JSON object a line; comparisons are ratios taken in this one run. */
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { bundle } from '../build/build'
import { root } from '../root'

const file = await bundle(root, join(root, 'scripts', 'bench', 'measure.ts'), 'bench')
const { measure } = (await import(pathToFileURL(file).href)) as typeof import('../bench/measure')
for await (const line of measure()) console.log(JSON.stringify(line))
