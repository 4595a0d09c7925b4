/** `npm run restore -- FILE`: takes a backup into this copy, empty or used. */
import { createReadStream, existsSync } from 'node:fs'
import pg from 'pg'
import { linesOf } from '../../server/backup/lines'
import { restore } from '../../server/backup/restore'
import { clusterFolder, openCluster } from '../database/cluster'
import { migrate } from '../database/migrate'
import { readMigrations } from '../database/migrations'
import { messageOf, root } from '../root'

const say = (line: string) => console.error(line)
const [file, ...rest] = process.argv.slice(2)
try {
  if (!file || rest.length > 0) throw new Error('file: give the name of one backup')
  if (!existsSync(file)) throw new Error(`file: there is no "${file}"`)
  const cluster = await openCluster(clusterFolder(root), say)
  const client = new pg.Client({ connectionString: cluster.url })
  try {
    // Without the demo data: whether that was loaded is told by the backup.
    await migrate(root, cluster.url, say, { demo: false })
    await client.connect()
    const restored = await restore(client, linesOf(createReadStream(file)), readMigrations(root))
    for (const { table, added, changed, same } of restored)
      console.log(`${table}: ${added} new, ${changed} brought to a later state, ${same} left as they are`)
  } finally {
    await client.end()
    await cluster.close()
  }
} catch (error) {
  console.error(messageOf(error))
  process.exit(1)
}
