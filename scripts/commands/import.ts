/** `npm run import -- FOLDER`: takes in every document of a folder: stagings, running orders, shelves, logbooks. */
import { existsSync, statSync } from 'node:fs'
import { clusterFolder, openCluster } from '../database/cluster'
import { migrate } from '../database/migrate'
import { takeFolder } from '../import/take-folder'
import { messageOf, root } from '../root'

const say = (line: string) => console.error(line)
const [folder, ...rest] = process.argv.slice(2)
try {
  if (!folder || rest.length > 0) throw new Error('folder: give the name of one folder')
  if (!existsSync(folder) || !statSync(folder).isDirectory()) throw new Error(`folder: there is no folder "${folder}"`)
  const cluster = await openCluster(clusterFolder(root), say)
  try {
    await migrate(root, cluster.url, say, { demo: false })
    process.env.HUSH_DATABASE_URL = cluster.url
    const { taken, faults } = await takeFolder(folder)
    for (const { file, what } of taken) console.log(`${file}: ${what}`)
    for (const { file, message } of faults) console.error(`${file}: ${message}`)
    if (faults.length > 0) process.exitCode = 2
  } finally {
    await cluster.close()
  }
} catch (error) {
  console.error(messageOf(error))
  process.exitCode = 1
}
