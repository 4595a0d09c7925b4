import { warmUp } from '../odds/first-odds'

/** ms after the start, in which the server has others to answer */
const SOON = 1500

/** The first page of the Bench has its odds with it, too. */
export default defineNitroPlugin(() => {
  setTimeout(warmUp, SOON).unref()
})
