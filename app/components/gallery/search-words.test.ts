/** A demonstration is found by what people call it, what they have, and what they want to see. */
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '~~/core/catalogue/everything'
import { EQUIPMENT, METRIC, resolve, tell } from '~~/core'
import { finds } from './search-words'

const TEXTS = DEMONSTRATIONS.map(d => {
  const { values } = resolve(d, { numbers: {}, choices: {} })
  const kit = d.kit(values).map(k => tell(k, METRIC))
  const needs = d.gallery.needs.map(n => EQUIPMENT[n])
  return { id: d.id, text: [d.name, d.summary, d.gallery.effect, ...d.gallery.topics, ...needs, ...kit].join(' ') }
})
const found = (typed: string) => TEXTS.filter(t => finds(t.text, typed)).map(t => t.id)

describe('a search', () => {
  it.each([
    ['crush', ['can-plunge', 'sealed-tin', 'sealed-drum', 'pumped-can']],
    ['implode can', ['can-plunge', 'pumped-can']],
    ['imploding', ['can-plunge', 'sealed-drum']],
    ['hot plate', ['can-plunge', 'flask-fountain']],
    ['stove can', ['can-plunge']],
    ['barrel', ['sealed-drum', 'drum-reinflate']],
    ['magdeburg', ['plates']],
    ['ice bucket', ['can-plunge', 'sealed-drum']],
    ['fog', ['cloud-bottle']],
    ['submarine', ['diver']],
    ['egg', ['egg-in-bottle', 'egg-out']],
    ['sweets', ['soft-pack', 'syringe-marshmallow']],
    ['balloons', ['bell-jar-balloon', 'balloon-emptied', 'balloon-in-glass', 'balloon-line', 'balloon-into-flask']],
    ['loud bang', ['can-plunge', 'sealed-drum']],
  ] as const)('for “%s” finds %j', (typed, wanted) => {
    for (const id of wanted) expect(found(typed), typed).toContain(id)
  })
  it('finds all with nothing typed, nothing with what nobody has, and no part of a word for a short one', () => {
    expect(found('')).toHaveLength(DEMONSTRATIONS.length)
    expect(found('xylophone')).toEqual([])
    // "can" is a can, not what cannot be.
    expect(finds('it cannot be pulled apart', 'can')).toBe(false)
    expect(found('egg (boiled)!')).toContain('egg-in-bottle')
  })
  it('narrows with every word', () => {
    const [one, two] = [found('balloon'), found('balloon pump')]
    for (const id of two) expect(one).toContain(id)
    expect(two.length).toBeLessThan(one.length)
  })
})
