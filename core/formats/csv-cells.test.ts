import { describe, expect, it } from 'vitest'
import { shelfItemSchema } from './shelf'
import { shelfCsv, readShelfCsv } from './shelf-csv'

const NAMES = [
  '=1+1',
  "'=1",
  '@sum',
  '-',
  '+49 30',
  '-5',
  '-.5',
  "it's",
  "'quoted",
  '\ttab',
  '=cmd|"/c calc"!A1',
  'jar, blue',
]

describe('a table that others open', () => {
  it.each(NAMES)('shows %j as text, and gives it back as it was', name => {
    const csv = shelfCsv([shelfItemSchema.parse({ kind: 'protection', name })])
    // No cell is left that a table program would run; a signed number is one.
    for (const cell of csv.split('\n')[1]!.split(','))
      expect(cell.replace(/^"/, '')).not.toMatch(/^(?:[=@\t]|[+-](?![.\d]))/)
    const read = readShelfCsv(csv)
    expect(read.items.map(i => i.document.name)).toEqual([name.trim()])
  })
})
