import { pruneDevices } from '../access/desk'
import { pruneDeleted } from '../database/put-away'
import { pruneReceipts } from '../database/receipts'
import { pruneBegun } from '../database/stagings'

const DAY = 24 * 3600 * 1000

/** Once at the start and once a day. A database that does not answer now is asked again tomorrow. */
export default defineNitroPlugin(nitro => {
  const prune = () => void Promise.all([pruneReceipts(), pruneDevices(), pruneDeleted(), pruneBegun()]).catch(() => {})
  prune()
  const daily = setInterval(prune, DAY)
  daily.unref()
  nitro.hooks.hook('close', () => clearInterval(daily))
})
