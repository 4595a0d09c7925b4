/** The day's backup beside the data, for whatever runs it once a day; those of the last fortnight are kept. */
import { join } from 'node:path'
import { keepDaily } from '../backup/daily'
import { clusterFolder, openCluster } from '../database/cluster'
import { messageOf, root } from '../root'

try {
  const folder = clusterFolder(root)
  const cluster = await openCluster(folder, line => console.error(line))
  try {
    console.log(`Kept: ${await keepDaily(cluster.url, join(folder, 'backups'))}`)
  } finally {
    await cluster.close()
  }
} catch (error) {
  console.error(messageOf(error))
  process.exit(1)
}
