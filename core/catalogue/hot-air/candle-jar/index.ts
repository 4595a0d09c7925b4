import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type CandleJarRun } from './simulate'
import { check, inputs, retired, type CandleJarValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, variants, why } from './teaching'
import { practice } from './practice'

export const candleJar = defineDemonstration<CandleJarValues, CandleJarRun>({
  id: 'candle-jar',
  name: 'Candle under a jar',
  summary: 'A candle in a dish of water, a jar over it: the flame dies, and the water rises.',
  noun: ['try', 'tries'],
  people: { performs: 11, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'hot-air',
    effect: 'The flame shrinks and dies, and water climbs into the jar.',
    topics: ['combustion', 'gas laws', 'air pressure', 'wrong ideas'],
    ages: [7, 18],
    needs: ['jar', 'candle', 'flame'],
  },
  hushWords: { inside: 'oxygen left of the air', strength: '' },
  subject: 'candle-under-jar',
  wanted: 'rises',
  columns: COLUMNS,
  simulate,
  inputs,
  retired,
  check,
  logged,
  results,
  outcomes,
  ledger,
  sizes,
  shelf,
  procedure,
  practice,
  kit,
  drawing,
  why,
  advice,
  explanation,
  teaching,
  variants,
})
