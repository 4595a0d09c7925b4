/** Writes docs/formats/*.schema.json and docs/demonstrations.md and docs/safety.md from the code. */
import { writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'
import { ensureNodePackages } from './install/node-packages.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
await ensureNodePackages(root, line => console.log(line))
const { ensureCoreBundle } = await import('./build/build.mjs')
const { schemaDocuments, demonstrationsMarkdown, safetyMarkdown } = await import(pathToFileURL(await ensureCoreBundle(root)).href)
for (const [name, schema] of Object.entries(schemaDocuments())) {
  writeFileSync(join(root, 'docs', 'formats', `${name}.schema.json`), `${JSON.stringify(schema, null, 2)}\n`)
}
writeFileSync(join(root, 'docs', 'demonstrations.md'), demonstrationsMarkdown())
writeFileSync(join(root, 'docs', 'safety.md'), safetyMarkdown())
