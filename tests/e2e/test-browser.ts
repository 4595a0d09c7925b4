/** How the browser of the tests is started. */
import { launchOptions } from '../../scripts/browser/chromium'

/** As the commands start it, for pages that live for seconds: an eighth less to compute by each of these. */
export const testBrowser = (...args: string[]) =>
  launchOptions(
    // What is drawn without a graphics card needs no process of its own.
    '--in-process-gpu',
    // The slowest of the compilers pays for itself only after a page has worked for longer than a test does.
    '--js-flags=--no-turbofan',
    ...args,
  )
