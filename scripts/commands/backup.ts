/** `npm run backup -- FILE`: everything that this copy keeps, in one file. */
import { existsSync } from 'node:fs'
import { writeBackup } from '../backup/write-backup'
import { clusterFolder, openCluster } from '../database/cluster'
import { messageOf, root } from '../root'

const [file, ...rest] = process.argv.slice(2)
try {
  if (!file || rest.length > 0) throw new Error('file: give one name, such as prep-room.jsonl.gz')
  if (existsSync(file)) throw new Error(`file: "${file}" is there already; accepted: a name that is not taken`)
  const cluster = await openCluster(clusterFolder(root), line => console.error(line))
  try {
    await writeBackup(cluster.url, file)
    console.log(`Everything is in ${file}. It has names, photos and votes of your lessons: keep it as you keep those.`)
  } finally {
    await cluster.close()
  }
} catch (error) {
  console.error(messageOf(error))
  process.exit(1)
}
