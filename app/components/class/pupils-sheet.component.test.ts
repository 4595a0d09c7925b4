/** The sheet for pupils as it is shown and as a document: lines to write on, answers apart. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { strFromU8, unzipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '~~/core/catalogue/everything'
import { CUSTOMARY, METRIC, pupilsSheet, resolve } from '~~/core'
import { sheetDocx } from '~/files/sheet-docx'
import PupilsSheet from './PupilsSheet.vue'
import { SHEET_RUNS, toldSheet } from './told-sheet'

const sheetOf = (id: string, reader = METRIC) => {
  const d = DEMONSTRATIONS.find(x => x.id === id)!
  const { values } = resolve(d, { numbers: {}, choices: {} })
  return toldSheet(pupilsSheet(d, values, d.simulate(values, 'summary')), d.name, reader)
}

const MARKS: Record<string, string> = { lt: '<', gt: '>', quot: '"', apos: "'", amp: '&' }

describe('a sheet for pupils', () => {
  it('has a line for each run and a column for each thing that is set or seen', async () => {
    const sheet = sheetOf('can-plunge')
    const shown = await mountSuspended(PupilsSheet, { props: { sheet } })
    expect(shown.findAll('tbody tr')).toHaveLength(SHEET_RUNS)
    expect(shown.findAll('thead th').map(h => h.text())).toEqual(['run', ...sheet.columns, 'what happened'])
  })
  it('keeps every answer off the pupils’ part', async () => {
    const sheet = sheetOf('egg-in-bottle')
    const shown = await mountSuspended(PupilsSheet, { props: { sheet } })
    const [answers] = shown.findAll('section').slice(-1)
    const pupils = shown.text().slice(0, shown.text().indexOf('For the teacher'))
    for (const { answer } of [sheet.question, ...sheet.before, ...sheet.sets.flatMap(s => s.questions)]) {
      expect(pupils).not.toContain(answer)
      expect(answers!.text().replace(/\s+/g, ' ')).toContain(answer.replace(/\s+/g, ' '))
    }
  })
  it('has one heading of the first order, or none where it stands on another page', async () => {
    const sheet = sheetOf('plates')
    expect((await mountSuspended(PupilsSheet, { props: { sheet } })).findAll('h1')).toHaveLength(1)
    expect((await mountSuspended(PupilsSheet, { props: { sheet, within: true } })).findAll('h1')).toHaveLength(0)
  })
  it.each(DEMONSTRATIONS.map(d => [d.id]))('of %s has axes with round, even steps in the reader’s units', id => {
    for (const reader of [METRIC, CUSTOMARY]) {
      const { axes, columns } = sheetOf(id, reader)
      for (const column of columns) expect(column).not.toMatch(/undefined|NaN/)
      for (const axis of axes ? [axes.across, axes.up] : []) {
        expect(columns).toContain(axis.name)
        const at = axis.ticks.map(Number)
        expect(at.length).toBeGreaterThan(2)
        const steps = at.slice(1).map((x, i) => x - at[i]!)
        for (const step of steps) expect(Math.abs(step / steps[0]! - 1)).toBeLessThan(0.02)
      }
    }
  })
  it('is a document with the same words, its tables and a second page', async () => {
    const sheet = sheetOf('can-plunge')
    const blob = await sheetDocx(sheet, 'en-GB', text => text)
    const files = unzipSync(new Uint8Array(await blob.arrayBuffer()))
    const xml = strFromU8(files['word/document.xml']!)
    const text = xml.replace(/<[^>]+>/g, '').replace(/&(lt|gt|quot|apos|amp);/g, (_, name: string) => MARKS[name]!)
    for (const words of [
      sheet.title,
      sheet.question.ask,
      ...sheet.ends,
      ...sheet.sets[2]!.questions.map(q => q.answer),
    ])
      expect(text).toContain(words)
    expect(xml).toContain('w:br w:type="page"')
    expect(xml.indexOf('w:br w:type="page"')).toBeLessThan(xml.indexOf('For the teacher'))
    // A heading and the runs; the grid between its numbers.
    expect(xml.match(/<w:tr>|<w:tr /g)).toHaveLength(1 + SHEET_RUNS + sheet.axes!.up.ticks.length)
  })
})
