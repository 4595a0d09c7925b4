/** How a phone comes to trust this copy's own certificate, step by step; it looks whether it does. */
import { getRequestHeader, type H3Event } from 'h3'
import { toString as qrSvg } from 'qrcode'
import { escaped } from '../../core'
import { isLoopbackHost } from '../access/network'
import { fingerprintOf, type Reached } from '../https/reached'
import { smallPage } from '../http/small-page'

/** Where the settings of common systems have it; they move now and then, so that each says what to look for. */
const STEPS = {
  'iPhone, iPad': [
    'Get the certificate (above), in Safari. It says “Profile downloaded”.',
    'Settings, “Profile Downloaded” at the top: Install.',
    'Settings, General, About, at the very end “Certificate Trust Settings”: switch Zealous Hush on.',
    'Come back to this page: it checks again.',
  ],
  Android: [
    'Get the certificate (above).',
    'Settings: search for “CA certificate” (under Security, Encryption and credentials, Install a certificate).',
    'Compare the fingerprint first: the warning there is meant for certificates of strangers.',
    'Choose the file that was downloaded. A screen lock has to be set.',
    'Come back to this page: it checks again.',
  ],
  'A computer': [
    'Get the certificate (above).',
    'In the browser’s settings search for “certificates”, and under “Authorities” import the file, for websites.',
    'Come back to this page: it checks again.',
  ],
} as const

const WORDS = {
  checking: 'Checking…',
  trusted: 'This device trusts it: pages open over https here, also without a network once they were opened.',
  notYet: 'This device does not trust it yet.',
}

const steps = ([system, lines]: [string, readonly string[]]) =>
  `<h2>${escaped(system)}</h2><ol>${lines.map(line => `<li>${escaped(line)}</li>`).join('')}</ol>`

/** The host as it was asked for, and as another device asks for it. What is no host's name goes into no header. */
function hostsOf(event: H3Event, { names, port }: Reached): { here: string; there: string } {
  const asked = getRequestHeader(event, 'host') ?? ''
  const best = `${names[0] ?? 'localhost'}:${port}`
  if (!/^[\w.:[\]-]+$/.test(asked)) return { here: best, there: best }
  return { here: asked, there: isLoopbackHost(asked) ? best : asked }
}

/** The page's markup. */
export async function trustPage(event: H3Event, reached: Reached): Promise<string> {
  const { here, there } = hostsOf(event, reached)
  const { authority } = reached
  const own = authority
    ? '<p>This copy made a certificate authority of its own. It can vouch for nothing but this machine’s names and ' +
      'the addresses inside a building’s network, no other site. Trust it only on devices that you look after, and ' +
      'only if its fingerprint is the one that the machine showed when it started:</p>' +
      `<p class="fingerprint">${escaped(fingerprintOf(authority)).replaceAll(':', ':<wbr>')}</p>` +
      '<p><a class="button" href="/authority.crt">Get the certificate</a></p>'
    : '<p>The school’s own certificate is used here: where the school’s devices trust it, nothing is left to do.</p>'
  const qr = await qrSvg(`http://${there}/trust`, { type: 'svg', margin: 1, errorCorrectionLevel: 'M' })
  return smallPage(event, {
    language: 'en',
    title: 'Trust this copy · Zealous Hush',
    body:
      `<h1>Let this device trust Zealous Hush</h1><p id="state" role="status"></p>` +
      `<p><a id="open" class="button" href="https://${escaped(here)}/" hidden>Open it over https</a> ` +
      `<button id="check" type="button">Check again</button></p>${own}` +
      (authority ? Object.entries(STEPS).map(steps).join('') : '') +
      `<h2>Another device</h2><p>Open this page there: <b>http://${escaped(there)}/trust</b></p>` +
      `<div class="qr" role="img" aria-label="QR code of this page’s address">${qr}</div>`,
    data: { trust: JSON.stringify({ secure: `https://${here}`, words: WORDS }).replaceAll('<', '\\u003c') },
    script: (await useStorage<string>('assets').getItem('trust:trust.js')) ?? '',
    asks: `https://${here}`,
  })
}
