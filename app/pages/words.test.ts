/** Words of pages and documentation: those of a native teacher, like those of the demonstrations. */
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { AVOIDED } from '../../tests/avoided-words'

const root = join(import.meta.dirname, '..', '..')
const filesIn = (folder: string, ending: string): string[] =>
  readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter(name => name.endsWith(ending))
    .map(name => `${folder}/${name}`)

/** What a reader sees of a page: its template without what binds, and texts of its script. */
function textOf(file: string): string {
  const source = readFileSync(join(root, file), 'utf8')
  if (file.endsWith('.md')) return source.replace(/```[\s\S]*?```|`[^`\n]*`/g, '')
  const template = source.slice(source.indexOf('<template>')).replace(/<style[\s\S]*/, '')
  const shown = template.replace(/\{\{|\}\}/g, ' ').replace(/\s[:@#v][\w:.-]*="[^"]*"/g, ' ')
  const script = source.slice(0, source.indexOf('<template>'))
  // A text has a space; a name has none.
  const texts = [...script.matchAll(/'([^'\n]* [^'\n]*)'/g)].map(m => m[1])
  return `${shown} ${texts.join('. ')}`
}

describe.each([...filesIn('app', '.vue'), ...filesIn('docs', '.md'), 'README.md', 'CONTRIBUTING.md'])('%s', file => {
  it('has no word that a native teacher would not say', () => {
    const text = textOf(file).replace(/[“"][^”"]*[”"]/g, '“…”')
    for (const [word, instead] of AVOIDED) {
      // That nothing sucks may be said.
      if (word.source.includes('suck')) continue
      expect(text.match(word)?.[0], `say "${instead}"`).toBeUndefined()
    }
  })
})
