import { openApplication } from '../application'

/** One application with the demo data for all browser tests. */
export default async function setup() {
  const app = await openApplication('browser')
  process.env.HUSH_TEST_URL = app.url
  return () => app.close()
}
