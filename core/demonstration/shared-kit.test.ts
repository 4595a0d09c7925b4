import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '../catalogue/everything'
import { METRIC, tell } from '../sentence'
import { resolve } from './resolving'
import { SHARED_KIT } from './shared-kit'

/** Every line of every kit, whatever is chosen. */
const lines = new Set(
  DEMONSTRATIONS.flatMap(d =>
    [{}, ...d.inputs.flatMap(i => (i.kind === 'choice' ? i.choices.map(c => ({ [i.id]: c.id })) : []))].flatMap(
      choices => d.kit(resolve(d, { numbers: {}, choices }).values).map(line => tell(line, METRIC)),
    ),
  ),
)

describe('what acts share', () => {
  it.each(Object.keys(SHARED_KIT))('%s is in a kit', line => {
    expect(lines).toContain(line)
  })
  it('is called alike by all: no second word for what is worn, for the clock or for a heater', () => {
    const other = [...lines].filter(
      line =>
        /goggles|glasses|\bear\b|\beye\b|\bgloves?\b|clock|stopwatch|timer|\bheater\b|hot ?plate/i.test(line) &&
        !(line in SHARED_KIT),
    )
    // These are something else, with gloves as the other way.
    expect(other.sort()).toEqual([
      'clamp or heat-proof gloves',
      'stand that can be pulled away, or a lever and gloves to shift the drum',
    ])
  })
})
