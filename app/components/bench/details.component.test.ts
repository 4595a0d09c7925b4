/** What the Bench answers below its fold: numbers, what decides it, windows, what to do otherwise, files. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import {
  predictionDocument,
  readStaging,
  riskOf,
  traceCsv,
  type Demonstration,
  type Forecast,
  type Influence,
  type Values,
} from '~~/core'
import { DEMONSTRATIONS, findDemonstration } from '~~/core/catalogue/everything'
import { leanRun } from '~/stagings/lean-run'
import type { StagingEditor } from '~/composables/useStagingEditor'
import CoefficientList from './CoefficientList.vue'
import NotGoneList from './NotGoneList.vue'
import NumbersList from './NumbersList.vue'
import PastRuns from './PastRuns.vue'
import ReadyNote from './ReadyNote.vue'
import StagingFiles from './StagingFiles.vue'
import VariantTable from './VariantTable.vue'
import WaterWindowNote from './WaterWindowNote.vue'

const each = DEMONSTRATIONS.map(d => [d.id, d] as const)
const staged = (d: Demonstration) => {
  const read = readStaging({ demonstration: d.id, title: d.name, inputs: {} })
  return { read, values: read.values, simulation: d.simulate(read.values, 'trace') }
}
const spread = (low: number, high: number, count = 400) => ({ p10: low, p50: (low + high) / 2, p90: high, count })
async function asked(...given: Parameters<typeof mountSuspended>) {
  const part = await mountSuspended(...given)
  const question = part.get('h2 button')
  if (question.attributes('aria-expanded') === 'false') await question.trigger('click')
  return part
}
/** Units that no reader of customary ones is shown. */
const SI_ONLY = /\d\s?(kPa|hPa|Pa|°C|mL|L|mm|cm|kg|g|m|N|J|K|m\/s)(?![\w°])/

beforeEach(() => {
  localStorage.removeItem('hush-asked-parts')
  useUnitsStore().system = 'si'
})
afterEach(() => vi.restoreAllMocks())

describe('all numbers', () => {
  it.each(each)('%s: every result that there is, each once, in both unit systems', async (_, d) => {
    const { simulation } = staged(d)
    const there = d.results.filter(r => simulation.results[r.id] !== undefined)
    const list = await asked(NumbersList, { props: { demonstration: d, simulation, forecast: undefined } })
    expect(list.findAll('dt').map(t => t.text())).toEqual(there.map(r => useUnitsStore().told(r.name)))
    expect(list.findAll('dd').every(v => /\d|∞/.test(v.text()))).toBe(true)
    useUnitsStore().system = 'us'
    await nextTick()
    expect(list.findAll('dd').map(v => v.text())).not.toContainEqual(expect.stringMatching(SI_ONLY))
  })
  it('have a spread where enough draws vary, and none where they hardly do', async () => {
    const d = findDemonstration('can-plunge')!
    const { simulation } = staged(d)
    const of = async (quantiles: object) =>
      (
        await asked(NumbersList, {
          props: { demonstration: d, simulation, forecast: { quantiles } as unknown as Forecast },
        })
      ).findAll('[data-spread]')
    const [found] = await of({ timeToPlume: spread(20, 31) })
    expect(found!.text()).toMatch(/20\ss to 31\ss/)
    expect(await of({ timeToPlume: spread(20, 31, 12) })).toEqual([])
    expect(await of({ timeToPlume: spread(20, 20.01) })).toEqual([])
  })
})

describe('what decides it', () => {
  const list = (d: Demonstration, influences: Influence[]) => {
    const { read, values } = staged(d)
    return asked(CoefficientList, {
      props: {
        demonstration: d,
        document: read.document,
        values,
        given: read.given,
        influences,
        editor: {} as StagingEditor,
      },
    })
  }
  it.each(each)('%s: each coefficient says where it is from', async (_, d) => {
    const shown = await list(d, [])
    const coefficients = d.inputs.filter(i => i.kind === 'quantity' && i.group === 'coefficient')
    await shown.get('[data-folded] button').trigger('click')
    const lines = shown.findAll('[data-folded] li')
    expect(lines).toHaveLength(coefficients.length)
    lines.forEach(l => expect(l.findAll('.soft').at(-1)!.text().length).toBeGreaterThan(8))
  })
  it('names what tells most first, and nothing that hardly does', async () => {
    const influences = [
      { input: 'purgeTime', name: 'boiling on', share: 0.61 },
      { input: 'bathTemperature', name: 'bath', share: 0.2 },
      { input: 'mouthDepth', name: 'depth', share: 0.01 },
    ] as Influence[]
    const shown = await list(findDemonstration('can-plunge')!, influences)
    const lines = shown.findAll('ul.mb-2 li').map(l => l.text())
    expect(lines).toEqual([expect.stringMatching(/boiling on.*61\s%/), expect.stringMatching(/bath.*20\s%/)])
    expect((await list(findDemonstration('can-plunge')!, [])).text()).toContain('No single unknown decides it')
  })
})

describe('another one, side by side', () => {
  it.each(each.filter(([, d]) => d.variants))('%s: each result that its table names, by row', async (_, d) => {
    const { values } = staged(d)
    const table = d.variants!(values)
    const shown = await asked(VariantTable, { props: { demonstration: d, values } })
    expect(shown.findAll('tbody tr')).toHaveLength(table.rows.length)
    expect(shown.findAll('thead th')).toHaveLength(table.results.length)
    shown.findAll('tbody tr').forEach((row, i) =>
      row.findAll('td').forEach((cell, k) => {
        const known = table.rows[i]!.results[table.results[k]!] !== undefined
        expect(cell.text()).toMatch(known ? /\d/ : /^never$/)
      }),
    )
    useUnitsStore().system = 'us'
    await nextTick()
    expect(shown.get('tbody').text()).not.toMatch(SI_ONLY)
  })
})

describe('when it is ready, and how much water', () => {
  it.each(each.filter(([, d]) => d.ready))('%s: signs to watch, each with what it is worth', async (_, d) => {
    const { values, simulation } = staged(d)
    const ready = d.ready!(values, simulation)
    if (!ready) return
    const shown = await mountSuspended(ReadyNote, { props: { ready, pressure: values.numbers.stationPressure! } })
    const signs = shown.findAll('ul li')
    expect(signs).toHaveLength(ready.watch.length)
    signs.forEach(s => expect(s.text()).toMatch(/Worth: .+\./))
    if (ready.earliest === undefined) expect(shown.text()).toContain('More than 5 % air is left')
  })
  it.each(each.filter(([, d]) => d.waterWindow))('%s: says too little, within and too much', async (_, d) => {
    const { values } = staged(d)
    const window = d.waterWindow!(values)!
    const told = async (kg: number, stale = false) => {
      const numbers = { ...values.numbers, waterCharge: kg / 1000 }
      const note = await mountSuspended(WaterWindowNote, {
        props: { window, stale, values: { ...values, numbers } as Values },
      })
      return note.text()
    }
    if (!(window.most > window.least)) return
    expect(await told(window.least * 0.7)).toContain(': too little')
    expect(await told(Math.sqrt(window.least * window.most))).not.toMatch(/too little|too much/)
    expect(await told(window.most * 1.2)).toContain(': too much')
    // Of another plan it says nothing about this one's water.
    const before = await told(window.most * 1.2, true)
    expect(before).toMatch(/^Of the plan before: water window/)
    expect(before).not.toContain('too much')
  })
  it('says that there is no such amount where there is none', async () => {
    const { values } = staged(findDemonstration('can-plunge')!)
    const window = { ...findDemonstration('can-plunge')!.waterWindow!(values)!, least: 0.02, most: 0.01 }
    const note = await mountSuspended(WaterWindowNote, { props: { window, values } })
    expect(note.text()).toContain('No amount of water both lasts and boils in time')
  })
})

describe('if it ends otherwise', () => {
  it.each(each)('%s: what to do is numbered, for every end that is not wanted', async (_, d) => {
    const { values, simulation } = staged(d)
    const failures = d.outcomes
      .filter(o => o.id !== d.wanted)
      .map(o => ({
        outcome: o.id,
        sentence: o.sentence,
        acts: d.afterFailure(values, simulation, riskOf(simulation), o.id),
      }))
    const list = await mountSuspended(NotGoneList, { props: { failures } })
    const parts = list.findAll('[data-folded]')
    expect(parts).toHaveLength(failures.length)
    parts.forEach((p, i) => {
      expect(p.find('button').text()).toBe(useUnitsStore().told(failures[i]!.sentence))
      expect(p.findAll('ol li')).toHaveLength(failures[i]!.acts.length)
      expect(failures[i]!.acts.length).toBeGreaterThan(0)
    })
  })
})

describe('what past runs taught', () => {
  const lesson = (before: readonly number[], after: readonly number[]) => ({
    input: findDemonstration('can-plunge')!.inputs.find(i => i.id === 'heatingEfficiency')!,
    ...{ before, after },
  })
  it('is nothing where there were none, and can be left out', async () => {
    const none = await mountSuspended(PastRuns, { props: { on: true, runs: 0, unlike: 0, lessons: [] } })
    expect(none.text()).toBe('')
    const some = await mountSuspended(PastRuns, {
      props: { on: true, runs: 5, unlike: 1, lessons: [lesson([0.15, 0.2, 0.3], [0.16, 0.18, 0.2])] as never },
    })
    expect(some.text()).toMatch(/uses 5 past runs of this/)
    expect(some.text()).toMatch(/1 other was unlike any forecast/)
    expect(some.get('tbody tr').text()).toMatch(/15\s% to 30\s%.*16\s% to 20\s%/)
    await some.get('[role=checkbox]').trigger('click')
    expect(some.emitted('update:on')).toEqual([[false]])
  })
  it('says that they fit where nothing moved', async () => {
    const fit = await mountSuspended(PastRuns, { props: { on: true, runs: 1, unlike: 0, lessons: [] } })
    expect(fit.text()).toContain('nothing moved')
  })
})

describe('files of a staging', () => {
  it.each(each)('%s: what is handed over can be read again as the same', async (_, d) => {
    const given: { name: string; text: Promise<string> }[] = []
    let blob: Blob | undefined
    vi.spyOn(URL, 'createObjectURL').mockImplementation(of => {
      blob = of as Blob
      return 'blob:here'
    })
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
      given.push({ name: this.download, text: blob!.text() })
    })
    const { read, simulation } = staged(d)
    // As it comes with a page: what is handed over has its last digits all the same.
    const shown = leanRun(simulation)
    const props = { id: 'x', read, simulation: shown, representative: undefined, forecast: undefined }
    const files = await mountSuspended(StagingFiles, { props })
    for (const button of files.findAll('p button').slice(0, 3)) await button.trigger('click')
    expect(given.map(g => g.name.split('.').slice(-2).join('.'))).toEqual([
      'staging.json',
      'prediction.json',
      expect.stringMatching(/csv$/),
    ])
    const [staging, prediction, trace] = await Promise.all(given.map(g => g.text))
    expect(readStaging(JSON.parse(staging!)).document).toEqual(read.document)
    const { model } = useRuntimeConfig().public
    const whole = predictionDocument(read, simulation, d.ledger(simulation), undefined, model)
    expect(JSON.parse(prediction!)).toEqual(JSON.parse(JSON.stringify(whole)))
    expect(trace).toBe(traceCsv(d, simulation.trace))
    const [head, ...rows] = trace!.trim().split(/\r?\n/)
    expect(rows.length).toBeGreaterThan(5)
    expect(new Set(rows.map(r => r.split(',').length))).toEqual(new Set([head!.split(',').length]))
  })
})
