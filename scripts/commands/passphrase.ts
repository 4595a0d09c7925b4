/** Sets a new passphrase; everybody has to sign in again. Asks in the terminal, or takes HUSH_PASSPHRASE. */
import { askPassphrase, setPassphrase } from '../access/passphrase'
import { clusterFolder, openCluster } from '../database/cluster'
import { migrate } from '../database/migrate'
import { messageOf, root } from '../root'

const say = (line: string) => console.log(line)
try {
  const cluster = await openCluster(clusterFolder(root), say)
  try {
    await migrate(root, cluster.url, say, { demo: false })
    const passphrase = await askPassphrase()
    if (passphrase === undefined) throw new Error('no terminal to ask in; give it as HUSH_PASSPHRASE')
    await setPassphrase(cluster.url, passphrase)
    say('The passphrase is set.')
  } finally {
    await cluster.close()
  }
} catch (error) {
  console.error(messageOf(error))
  process.exitCode = 1
}
