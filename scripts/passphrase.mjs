/** Sets a new passphrase; everybody has to sign in again. Asks in the terminal, or takes HUSH_PASSPHRASE. */
import { dirname } from 'node:path'
import { realpathSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { askPassphrase, setPassphrase } from './access/passphrase.mjs'
import { clusterFolder, openCluster } from './database/cluster.mjs'
import { migrate } from './database/migrate.mjs'

const root = realpathSync(dirname(dirname(fileURLToPath(import.meta.url))))
const say = line => console.log(line)
try {
  const cluster = await openCluster(clusterFolder(root), say)
  try {
    await migrate(root, cluster.url, say)
    const passphrase = await askPassphrase()
    if (passphrase === undefined) throw new Error('no terminal to ask in; give it as HUSH_PASSPHRASE')
    await setPassphrase(cluster.url, passphrase)
    say('The passphrase is set.')
  } finally {
    await cluster.close()
  }
} catch (error) {
  console.error(error.message)
  process.exitCode = 1
}
