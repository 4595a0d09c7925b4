import '~~/core/catalogue/everything'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import {
  cuesOf,
  findDemonstration,
  gatesFirst,
  keyOf,
  PLACES,
  refusalOfMark,
  resolve,
  sayWord,
  sentencesOf,
  storyOf,
  WHO_DECIDES,
  wordOf,
  type Sentence,
} from '../../core'
import { latinHypercube } from '../../core/forecast/latin-hypercube'
import { markNames, OTHER_KEYS, SEALED_WORDS } from '../components/live/mark-keys'
import { COUNTDOWN_WORDS } from '../components/live/countdown-words'
import { STANDINGS } from '../components/live/standings'
import { EMERGENCY } from '../components/order/emergency'
import demonstration from './de/can-plunge.json'
import words from './de/interface.json'

const GERMAN: Readonly<Record<string, string>> = { ...words, ...demonstration }
const can = findDemonstration('can-plunge')!
const root = join(import.meta.dirname, '..', '..')

/** A sentence's own key and those of the sentences in it; numbers and marks need no words. */
function* keysOf(sentence: Sentence): Generator<string> {
  const key = keyOf(sentence)
  if (/\p{L}/u.test(key.replace(/\{\d+\}/gu, ''))) yield key
  if (typeof sentence === 'string') return
  for (const part of sentence.parts)
    if (typeof part === 'string' || (typeof part === 'object' && 'words' in part)) yield* keysOf(part)
}

/** Everything the can says: as planned, every choice, and draws over all that is accepted. */
function said(): Set<string> {
  const keys = new Set<string>()
  const add = (sentence: Sentence) => {
    for (const key of keysOf(sentence)) keys.add(key)
  }
  const choices = [{}, ...can.inputs.flatMap(i => (i.kind === 'choice' ? i.choices.map(c => ({ [i.id]: c.id })) : []))]
  const DRAWS = 600
  const points = latinHypercube(DRAWS, can.inputs.length, 3)
  for (let i = 0; i < DRAWS; i++) {
    const numbers: Record<string, number> = {}
    can.inputs.forEach((input, column) => {
      if (input.kind !== 'quantity' || i < choices.length || (i + column) % 3 === 0) return
      const [low, high] = (i + column) % 5 ? input.usual : input.range
      numbers[input.id] = low + (high - low) * points[i * can.inputs.length + column]
    })
    const { values, faults } = resolve(can, { numbers, choices: choices[i % choices.length] })
    for (const f of faults) add(f.message)
    if (faults.length > 0) continue
    const simulation = can.simulate(values, 'trace')
    for (const [, sentence] of sentencesOf(can, values, simulation)) add(sentence)
    for (const stage of simulation.trace.stages) add(stage.name)
    if (i > 0) continue
    const cues = cuesOf(can, simulation, values)
    add(refusalOfMark(cues, storyOf([], ''), 'heat-on')!)
    add(refusalOfMark(cues, storyOf([], ''), 'gone')!)
  }
  for (const which of ['all', 'before-heat', 'after-heat'] as const)
    add(gatesFirst(can, which, resolve(can, { numbers: {}, choices: {} }).values))
  for (const place of PLACES)
    for (const kelvin of [280, 340, 362, 372, 378, 384, 395, 450]) add(sayWord(wordOf(place, kelvin, 101_325), kelvin))
  for (const word of [...can.noun, ...Object.values(can.hushWords), WHO_DECIDES]) add(word)
  return keys
}

const FOLDERS = ['bench', 'drawing', 'class', 'live', 'projector'].map(room => `app/components/${room}`)
const FILES = [
  'app/app.vue',
  'app/components/AppHeader.vue',
  'app/components/KeyList.vue',
  'app/components/LanguageNote.vue',
  'app/components/RoomConditions.vue',
  'app/components/ThermometerWord.vue',
  'app/components/order/SparesList.vue',
  'app/pages/bench/[id].vue',
  'app/pages/bench/plan.vue',
  'app/pages/bench/projector.vue',
  'app/pages/bench/sheet.vue',
  'app/pages/live/index.vue',
  'app/pages/live/[id]/index.vue',
  'app/pages/live/[id]/wall.vue',
  'app/pages/order/[id]/sheets.vue',
  ...FOLDERS.flatMap(folder => readdirSync(join(root, folder)).map(name => `${folder}/${name}`)),
].filter(file => file.endsWith('.vue'))

/** Texts in the first argument of `t(…)`. */
function* textsOf(source: string): Generator<string> {
  for (const call of source.matchAll(/(?<![\w.])\$?t\(/gu)) {
    let depth = 0
    let quote = ''
    let end = call.index + call[0].length
    for (; end < source.length; end++) {
      const c = source[end]
      if (quote) {
        if (c === '\\') end++
        else if (c === quote) quote = ''
      } else if (c === "'" || c === '`') quote = c
      else if ('([{'.includes(c)) depth++
      else if (')]}'.includes(c) && depth-- === 0) break
      else if (c === ',' && depth === 0) break
    }
    const argument = source.slice(call.index + call[0].length, end)
    // What is compared is no text.
    for (const [, text] of argument.replace(/[!=]== '[^']*'|\['[^']*'\]/gu, '').matchAll(/'((?:[^'\\]|\\.)*)'/gu))
      yield text.replaceAll("\\'", "'")
  }
}

const holes = (text: string): string[] => [...new Set(text.match(/\{\w+\}/gu))].sort()

describe('German', () => {
  it('has a word for everything that the can says', () => {
    expect([...said()].filter(key => GERMAN[key] === undefined)).toEqual([])
  })
  it('has a word for what stands in lists: marks, keys, first help, countdowns, where each act stands', () => {
    const lists = [
      ...SEALED_WORDS.flatMap(sealed => Object.values(markNames(sealed))),
      ...OTHER_KEYS.map(([, what]) => what),
      ...EMERGENCY,
      ...Object.values(COUNTDOWN_WORDS).flat().filter(Boolean),
      ...STANDINGS,
    ]
    expect(lists.filter(text => GERMAN[text] === undefined)).toEqual([])
  })
  it.each(FILES)('has a word for every text of %s', file => {
    const texts = [...textsOf(readFileSync(join(root, file), 'utf8'))].filter(text => /\p{L}/u.test(text))
    expect(texts.filter(text => GERMAN[text] === undefined)).toEqual([])
  })
  it('fills in what the English fills in, and leaves no text empty or untranslated', () => {
    // The same word in both languages.
    const same = new Set(['Live', 'Code', 'in', 'Thermometer', 'Aluminium'])
    for (const [english, german] of Object.entries(GERMAN)) {
      expect(holes(german), english).toEqual(holes(english))
      expect(german.trim(), english).not.toBe('')
      if (!same.has(german)) expect(german, english).not.toBe(english)
    }
  })
})
