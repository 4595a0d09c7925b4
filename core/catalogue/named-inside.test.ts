/** What only the catalogue may name. */
import { readdirSync, readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { DEMONSTRATIONS } from './everything'
import { ROOM_INPUTS } from '../demonstration'
import { SHELF_FIELDS } from '../formats/shelf-fields'

/** Code that knows demonstrations by their face alone. */
const outside = ['core', 'app', 'server']
  .flatMap(room => readdirSync(room, { recursive: true, encoding: 'utf8' }).map(file => `${room}/${file}`))
  .filter(file => /\.(ts|vue)$/.test(file) && !/^core\/catalogue\/|\.test\.ts$/.test(file))
/** What the room is asked, and what the Shelf says, all know. */
const shared = new Set<string>([
  ...ROOM_INPUTS.map(i => i.id),
  ...DEMONSTRATIONS.flatMap(d => d.inputs.flatMap(i => i.onShelf ?? [])),
  ...Object.values(SHELF_FIELDS).flatMap(fields => fields.map(f => f.field)),
])
/** Of two words each, so that it is no common word. */
const ids = [...new Set(DEMONSTRATIONS.flatMap(d => d.inputs.map(i => i.id)))].filter(
  id => /[A-Z]/.test(id) && !shared.has(id),
)

it('names no input of a demonstration anywhere else', () => {
  expect(ids.length).toBeGreaterThan(100)
  // As an id or as what is looked up by it: mechanisms and files have words of their own.
  const any = ids.join('|')
  const named = new RegExp(String.raw`'(?:${any})'|\b(?:numbers|choices|inputs|given)[!?]*\.(?:${any})\b`)
  const found = outside.flatMap(file => {
    const [id] = named.exec(readFileSync(file, 'utf8')) ?? []
    return id === undefined ? [] : [`${file}: ${id}`]
  })
  expect(found).toEqual([])
})
