/** Writes docs/formats/*.schema.json and docs/demonstrations.md and docs/safety.md from the code. */
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { ensureCoreBundle } from '../build/build'
import { root } from '../root'

const core = (await import(pathToFileURL(await ensureCoreBundle(root)).href)) as typeof import('../build/whole-core')
for (const [name, schema] of Object.entries(core.schemaDocuments())) {
  writeFileSync(join(root, 'docs', 'formats', `${name}.schema.json`), `${JSON.stringify(schema, null, 2)}\n`)
}
writeFileSync(join(root, 'docs', 'demonstrations.md'), core.demonstrationsMarkdown())
writeFileSync(join(root, 'docs', 'safety.md'), core.safetyMarkdown())
