/** The page that phones open to vote: small, by itself, with nothing else of the application in it. */
import type { H3Event } from 'h3'
import { escaped } from '../../core'
import { smallPage } from '../http/small-page'
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

/** @param body of the page, with the words that its script may have to say */
async function page(event: H3Event, title: string, body: string): Promise<string> {
  const words = say(event)
  const spoken = JSON.stringify(Object.fromEntries(SCRIPT_WORDS.map(w => [w, words(w)]))).replaceAll('<', '\\u003c')
  return smallPage(event, {
    language: languageOf(event),
    title,
    body,
    data: { words: spoken },
    script: (await useStorage<string>('assets').getItem('phone:phone.js')) ?? '',
  })
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
