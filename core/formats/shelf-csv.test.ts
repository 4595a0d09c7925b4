import { describe, expect, it } from 'vitest'
import { readFileSync } from 'node:fs'
import {
  fitShelf,
  suitedTo,
  inputsFromItem,
  itemWords,
  readShelfCsv,
  readStaging,
  shelfCsv,
  shelfItemSchema,
  vesselValues,
  checkShelfItem,
  type ShelfItemDocument,
  type VesselDocument,
} from '..'
import { DEMONSTRATIONS, findDemonstration } from '../catalogue/everything'

const shelf: ShelfItemDocument[] = JSON.parse(readFileSync('db/demo/shelf.json', 'utf8')).map(
  (i: { document: unknown }) => shelfItemSchema.parse(i.document),
)

describe('rows of a shelf', () => {
  it('go out and come back with the same measures', () => {
    const { items, faults } = readShelfCsv(shelfCsv(shelf))
    expect(faults).toEqual([])
    expect(items.map(i => itemWords(i.document))).toEqual(shelf.map(itemWords))
    expect(items.map(i => i.document)).toEqual(shelf)
    expect(itemWords({ ...shelf[0], name: 'Another' })).not.toBe(itemWords(shelf[0]))
    const vessels = (list: ShelfItemDocument[]) =>
      list.filter((d): d is VesselDocument => d.kind === 'vessel').map(d => vesselValues(d).capacity)
    vessels(items.map(i => i.document)).forEach((v, i) => expect(v / vessels(shelf)[i]).toBeCloseTo(1, 5))
  })
  it('take units from the header or the cell, decimal commas, quotes and line breaks, and count lines rightly', () => {
    const { items, faults } = readShelfCsv(
      '\uFEFFkind,name,note,ratedPower (BTU/h),efficiency (%)\nheater,"Ring, ' +
        'old","two\nlines",9000,"31,5"\nheater,Second,,1.2 kW,\nheater,Third,,much,\n',
    )
    expect(items.map(i => i.line)).toEqual([2, 4])
    expect(items[0].document).toMatchObject({
      name: 'Ring, old',
      note: 'two\nlines',
      ratedPower: { value: 9000, unit: 'BTU/h' },
      efficiency: { value: 31.5, unit: '%' },
    })
    expect(items[1].document).toMatchObject({ ratedPower: { value: 1.2, unit: 'kW' } })
    expect(faults).toEqual([
      { line: 5, column: 'ratedPower (BTU/h)', message: 'given "much"; accepted: a number in BTU/h' },
    ])
  })
  it('tell every kind of fault by line and column', () => {
    const told = (text: string) => readShelfCsv(text).faults.map(f => `${f.line} ${f.column} ${f.message}`)
    expect(told('')).toEqual(['1  the file has no header; accepted: kind, name and the fields of the items'])
    expect(told('kind,name,colour\nheater,a,red')[0]).toMatch(
      /^1 colour "colour" is not a column; accepted: kind, name/,
    )
    expect(told('kind,name\nkettle,a\nvessel,')).toEqual([
      expect.stringMatching(/^2 kind given "kettle"; accepted: vessel, heater/),
      expect.stringMatching(/^3 name is missing/),
    ])
    expect(told('kind,name,ratedPower (kW),ice (kg)\nheater,a,1,3')).toEqual([
      '2 ice a heater has no ice; leave it empty',
    ])
    expect(told('kind,name,ratedPower (kW)\nheater,a,500')).toEqual([
      expect.stringMatching(/^2 ratedPower given 500 kW; accepted: 0.02 kW to 100 kW/),
    ])
    expect(told('kind,name\nheater,a,b,c')).toEqual(['2  has 4 cells; accepted: at most 2, as many as the header'])
    expect(told('kind,name,ratedPower (kW)\nheater,a,"1,013"')).toEqual([
      expect.stringMatching(/^2 ratedPower.*"1,013".*two ways/),
    ])
    expect(told('kind,name,count\nconsumable,a,-3')).toEqual([
      '2 count given "-3"; accepted: a whole number, 0 or more',
    ])
  })
})

describe('what fits where', () => {
  it('every demonstration but the thought experiment can be staged from the demo shelf, and takes its measures', () => {
    const items = shelf
    for (const { demonstration, places, missing } of fitShelf(items)) {
      expect(missing, demonstration.id).toEqual([])
      for (const { items: fitting } of places) {
        for (const i of fitting) {
          const inputs = inputsFromItem(items[i], demonstration)
          expect(Object.keys(inputs).length, items[i].name).toBeGreaterThan(0)
          for (const id of Object.keys(inputs)) expect(demonstration.inputs.some(x => x.id === id)).toBe(true)
        }
      }
    }
    const bottle = items.find(d => d.name.startsWith('Swing-top'))!
    const { values } = readStaging({
      demonstration: 'bottle-fill',
      inputs: inputsFromItem(bottle, findDemonstration('bottle-fill')!),
    })
    expect(values.numbers.vesselVolume! * 1e6).toBeCloseTo(709, 0)
    expect(values.numbers.neckLength).toBeCloseTo(0.06, 9)
  })
  it('a share measured with a can is not taken for a drum', () => {
    const burner = shelf.find(d => d.name === 'Camp burner')!
    expect(inputsFromItem(burner, findDemonstration('can-plunge')!).heatingEfficiency).toBeDefined()
    expect(inputsFromItem(burner, findDemonstration('sealed-drum')!)).toEqual({
      heaterPower: { value: 9000, unit: 'BTU/h' },
    })
  })
  it('nothing unfit, scratched glass, or of the wrong kind is offered', () => {
    const flask = shelf.find(d => d.name.includes('long tube')) as VesselDocument
    const ids = (d: ShelfItemDocument) => suitedTo(d, DEMONSTRATIONS).map(x => x.id)
    expect(ids(flask)).toEqual(['flask-fountain', 'balloon-into-flask'])
    expect(ids({ ...flask, condition: 'unfit' })).toEqual([])
    expect(ids({ ...flask, condition: 'scratched' })).toEqual([])
    expect(ids(shelf.find(d => d.kind === 'consumable')!)).toEqual([])
  })
  it('a vessel of each shape names what it lacks', () => {
    const fault = (d: unknown) => () => checkShelfItem(shelfItemSchema.parse(d))
    expect(fault({ kind: 'vessel', name: 'x', shape: 'box', capacity: { value: 5, unit: 'L' } })).toThrow(
      /width: is missing\ndepth: is missing\nheight: is missing/,
    )
    expect(
      fault({ kind: 'vessel', name: 'x', shape: 'flask', wallMaterial: 'glass', capacity: { value: 1, unit: 'L' } }),
    ).toThrow(/^wallThickness: is missing/)
    expect(
      fault({
        kind: 'vessel',
        name: 'x',
        shape: 'flask',
        wallMaterial: 'glass',
        capacity: { value: 1, unit: 'L' },
        wallThickness: { value: 1.8, unit: 'mm' },
      }),
    ).not.toThrow()
  })
})
