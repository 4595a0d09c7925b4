/** How the commands and the browser tests start Debian's Chromium. */
import { chromiumProgram } from '../install/debian-packages.mjs'

/** What Playwright turns off itself: of two such lists the browser heeds the last, so they stand in ours too. */
const OFF_ANYWAY = [
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsUpgrades',
  'HttpsFirstBalancedModeAutoEnable',
  'LensOverlay',
  'MediaRouter',
  'PaintHolding',
  'ThirdPartyStoragePartitioning',
  'AvoidCorsURLLoaderRestartOnRedirect',
  'OptimizationHints',
  'NetworkTimeServiceQuerying',
  'AimEnabled',
  'PreconnectToSearch',
]
/** Each window would load two pages of suggestions for an address bar that nobody sees: a processor second a window. */
const SUGGESTIONS = ['WebUIOmniboxPopup', 'WebUIOmniboxFullPopup', 'WebUIOmniboxAimPopup']

/** Options for Playwright's launch: the browser of Debian's package, without what no page here needs. */
export const launchOptions = (...args: string[]) => ({
  executablePath: chromiumProgram() ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    `--disable-features=${[...OFF_ANYWAY, ...SUGGESTIONS].join(',')}`,
    ...args,
  ],
})
