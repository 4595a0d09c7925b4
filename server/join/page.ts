/** The page that phones open to vote: small, by itself, with nothing else of the application in it. */
import { randomBytes } from 'node:crypto'
import { setResponseHeaders, type H3Event } from 'h3'
import { escaped } from '../../core'
import { languageOf, say } from './language'

/** What the script may have to say. */
const SCRIPT_WORDS = [
  'What the room expected:',
  'Your vote counts: {mine}. You can change it until the vote is closed.',
  'Choose one.',
  'Closed. You expected: {mine}. Watch!',
  'The vote is closed. Watch!',
  'No connection just now; your vote stays as it was. Trying again…',
  'That did not count: load this page again and choose once more.',
  'No connection: that did not count yet. Choose once more in a moment.',
]

/** What goes to every phone as it stands: the colours of the application, a style and a script of the page's own. */
async function parts(): Promise<{ style: string; script: string }> {
  const text = async (name: string) => (await useStorage<string>('assets').getItem(name)) ?? ''
  const [colours, style, script] = await Promise.all(
    ['style:colours.css', 'phone:phone.css', 'phone:phone.js'].map(text),
  )
  return { style: `${colours}${style}`, script }
}

async function page(event: H3Event, title: string, body: string): Promise<string> {
  const { style, script } = await parts()
  const words = say(event)
  const spoken = JSON.stringify(Object.fromEntries(SCRIPT_WORDS.map(w => [w, words(w)]))).replaceAll('<', '\\u003c')
  const nonce = randomBytes(16).toString('base64')
  setResponseHeaders(event, {
    'content-type': 'text/html; charset=utf-8',
    'cache-control': 'no-store',
    'content-security-policy':
      `default-src 'none'; script-src 'nonce-${nonce}'; style-src 'nonce-${nonce}'; connect-src 'self'; ` +
      `form-action 'self'; base-uri 'none'; frame-ancestors 'none'`,
  })
  return (
    `<!doctype html><html lang="${languageOf(event)}"><head><meta charset="utf-8"><meta name="viewport" ` +
    `content="width=device-width, initial-scale=1"><title>${escaped(title)}</title>` +
    `<style nonce="${nonce}">${style}</style></head><body><main>${body}</main>` +
    `<script id="words" type="application/json" nonce="${nonce}">${spoken}</script>` +
    `<script nonce="${nonce}">${script}</script></body></html>`
  )
}

export function codePage(event: H3Event, fault = ''): Promise<string> {
  const words = say(event)
  return page(
    event,
    words('Join the vote'),
    `<h1>${words('What will happen?')}</h1><form action="/join" method="get"><p><label for="code">` +
      `${words('Code from the screen')}</label></p><p><input type="text" id="code" name="code" maxlength="8" ` +
      'autocapitalize="characters" autocomplete="off" required></p>' +
      (fault && `<p class="fault" role="alert">${escaped(fault)}</p>`) +
      `<p><button>${words('Join')}</button></p></form>`,
  )
}

export function votePage(
  event: H3Event,
  code: string,
  question: { title: string; outcomes: { id: string; name: string; sentence: string }[] },
): Promise<string> {
  const words = say(event)
  const choices = question.outcomes
    .map(({ id, name, sentence }) => {
      const shown = escaped(words(name))
      return (
        `<label class="choice"><input type="radio" name="outcome" value="${escaped(id)}" data-name="${shown}" ` +
        `data-text="${shown}"><span>${escaped(words(sentence))}</span></label>`
      )
    })
    .join('')
  return page(
    event,
    question.title,
    `<h1>${escaped(question.title)}</h1><form data-code="${escaped(code)}"><fieldset><legend>` +
      `${words('What do you think will happen?')}</legend>${choices}</fieldset></form><p id="state" role="status"></p>`,
  )
}
