/** The page that phones open to vote: small, by itself, with nothing else of the application in it. */
import { randomBytes } from 'node:crypto'
import { setResponseHeaders, type H3Event } from 'h3'
import { languageOf, say } from './language'

const escape = (text: string): string => text.replace(/[&<>"']/g, c => `&#${c.charCodeAt(0)};`)

/* eslint-disable @stylistic/max-len -- style and script go to every phone as they stand here, each byte of them */
const STYLE = `
:root { color-scheme: light dark; --paper: #f7f4ee; --ink: #1c2430; --line: #8d8778; --mine: #7a5aa6; --wash: #e6deef; --danger: #b3261e; }
@media (prefers-color-scheme: dark) { :root { --paper: #12161c; --ink: #f2efe8; --line: #737c89; --mine: #c3aee6; --wash: #33284a; --danger: #ff9a8f; } }
* { box-sizing: border-box; }
body { margin: 0 auto; padding: 1.2rem; max-width: 34rem; font: 1.15rem/1.4 system-ui, sans-serif; background: var(--paper); color: var(--ink); }
h1 { font-size: 1.5rem; line-height: 1.15; margin: 0 0 .6rem; }
fieldset { border: 0; padding: 0; margin: 0; }
h2 { font-size: 1.3rem; line-height: 1.2; margin: 0 0 .5rem; }
legend { padding: 0; margin-bottom: .6rem; }
label.choice { display: grid; grid-template-columns: 1.6rem 1fr; gap: .6rem; align-items: start; padding: .9rem; margin-bottom: .6rem; border: 2px solid var(--line); border-radius: .6rem; min-height: 3.4rem; }
label.choice:has(:checked) { border-color: var(--mine); background: var(--wash); }
input[type=radio] { width: 1.5rem; height: 1.5rem; accent-color: var(--mine); margin: 0; }
input[type=text] { font: inherit; font-size: 1.8rem; letter-spacing: .25em; text-transform: uppercase; padding: .4rem .6rem; width: 9em; border: 2px solid var(--line); border-radius: .5rem; background: var(--paper); color: var(--ink); }
button { font: inherit; font-weight: 650; padding: .7rem 1.4rem; border: 0; border-radius: .5rem; background: var(--ink); color: var(--paper); }
:focus-visible { outline: 3px solid var(--mine); outline-offset: 2px; }
.fault { color: var(--danger); font-weight: 600; }
table { border-collapse: collapse; width: 100%; }
th, td { text-align: left; padding: .35rem .5rem .35rem 0; border-top: 1px solid var(--line); font-weight: 400; }
svg { width: 100%; display: block; }
svg .label { font-size: 12.5px; paint-order: stroke; stroke: var(--paper); stroke-width: 3px; stroke-linejoin: round; }
td { text-align: right; font-variant-numeric: tabular-nums; font-weight: 650; }
`

/** Keeps the vote and the page's state in step; every three seconds it asks whether the vote is still open. */
const SCRIPT = `
if (matchMedia('(prefers-color-scheme: dark)').matches) document.documentElement.classList.add('dark');
const words = JSON.parse(document.querySelector('#words').textContent);
const say = (text, mine) => words[text].replace('{mine}', mine);
const form = document.querySelector('form[data-code]');
if (form) {
  const state = document.querySelector('#state');
  const ask = (method, body) => fetch('/api/join/' + form.dataset.code, { method, headers: { 'content-type': 'application/json' }, body: body && JSON.stringify(body) });
  const show = (round) => {
    for (const input of form.elements) input.disabled = !round.open;
    const mine = [...form.querySelectorAll('input')].find(i => i.value === round.mine);
    if (mine) mine.checked = true;
    state.className = '';
    form.hidden = round.revealed;
    if (round.revealed) {
      const rows = [...form.querySelectorAll('input')].map(i => '<tr><th>' + i.dataset.name + '</th><td>' + (round.counts[i.value] || 0) + '</td></tr>').join('');
      state.innerHTML = '<h2></h2><p></p><div></div><p>' + say('What the room expected:') + '</p><table>' + rows + '</table>';
      const [head, why, drawing] = ['h2', 'p', 'div'].map(tag => state.querySelector(tag));
      if (round.told) { head.textContent = round.told.happened; why.textContent = round.told.why || ''; drawing.innerHTML = round.told.drawing || ''; } else [head, why, drawing].forEach(part => part.remove());
    } else state.textContent = round.open ? (mine ? say('Your vote counts: {mine}. You can change it until the vote is closed.', mine.dataset.text) : say('Choose one.')) : (mine ? say('Closed. You expected: {mine}. Watch!', mine.dataset.text) : say('The vote is closed. Watch!'));
  };
  const look = async () => {
    try {
      const answer = await ask('GET');
      if (answer.ok) show(await answer.json());
    } catch { state.className = 'fault'; state.textContent = say('No connection just now; your vote stays as it was. Trying again…'); }
  };
  form.addEventListener('change', async (event) => {
    try {
      const answer = await ask('POST', { outcome: event.target.value });
      if (answer.ok) return show(await answer.json());
      await look();
      if (answer.status !== 409) { state.className = 'fault'; state.textContent = say('That did not count: load this page again and choose once more.'); }
    } catch { state.className = 'fault'; state.textContent = say('No connection: that did not count yet. Choose once more in a moment.'); event.target.checked = false; }
  });
  look();
  setInterval(look, 3000);
}
`

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

/** The colours of the drawing: those of the application. */
const colours = async (): Promise<string> => (await useStorage<string>('assets:style').getItem('colours.css')) ?? ''

async function page(event: H3Event, title: string, body: string): Promise<string> {
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
    `content="width=device-width, initial-scale=1"><title>${escape(title)}</title>` +
    `<style nonce="${nonce}">${await colours()}${STYLE}</style></head><body><main>${body}</main>` +
    `<script id="words" type="application/json" nonce="${nonce}">${spoken}</script>` +
    `<script nonce="${nonce}">${SCRIPT}</script></body></html>`
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
      `${fault ? `<p class="fault" role="alert">${escape(fault)}</p>` : ''}<p><button>${words('Join')}</button></p></form>`,
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
      const shown = escape(words(name))
      return (
        `<label class="choice"><input type="radio" name="outcome" value="${escape(id)}" data-name="${shown}" ` +
        `data-text="${shown}"><span>${escape(words(sentence))}</span></label>`
      )
    })
    .join('')
  return page(
    event,
    question.title,
    `<h1>${escape(question.title)}</h1><form data-code="${escape(code)}"><fieldset><legend>` +
      `${words('What do you think will happen?')}</legend>${choices}</fieldset></form><p id="state" role="status"></p>`,
  )
}
