import { listStagings } from '../database/stagings'
import { oddsOfStaging } from '../computing/of-staging'

/** ms after the start, in which the server has others to answer */
const SOON = 1500

/** The first page of the Bench has its odds with it, too: those of the staging that was changed last, most likely. */
export default defineNitroPlugin(() => {
  const warm = async () => {
    const [newest] = await listStagings()
    if (newest) await oddsOfStaging(newest.document)
  }
  // What goes wrong here, a page that asks will say.
  setTimeout(() => void warm().catch(() => undefined), SOON).unref()
})
