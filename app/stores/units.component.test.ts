/** Times as they are read. */
import { expect, it } from 'vitest'
import { useUnitsStore } from './units'

it('a time never has sixty seconds, nor half of one', () => {
  const units = useUnitsStore()
  expect([119.4, 119.6, 239.7, 240, 3599.6].map(units.clock)).toEqual([
    '1 min 59 s',
    '2 min',
    '4 min',
    '4 min',
    '60 min',
  ])
})
