import { GAS_COLUMNS, defineDemonstration } from '../../../demonstration'
import { jarSizes } from '../pumped'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type LowPressureBoilRun } from './simulate'
import { check, inputs, type LowPressureBoilValues } from './inputs'
import { ledger, logged, outcomes, results } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, why } from './teaching'
import { GAUGE, pumpPractice, THERMOMETER } from '../practice'

export const lowPressureBoil = defineDemonstration<LowPressureBoilValues, LowPressureBoilRun>({
  id: 'low-pressure-boil',
  name: 'Boiling without a flame',
  summary: 'Warm, not boiling, water under a pump boils by itself and gets colder doing so.',
  noun: ['try', 'tries'],
  people: { performs: 14, watches: 9 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'vacuum',
    effect: 'Water that you could put your hand into starts to boil under the jar.',
    topics: ['boiling', 'vapour pressure', 'vacuum', 'altitude'],
    ages: [9, 18],
    needs: ['bell-jar', 'pump', 'hot-water'],
  },
  hushWords: { inside: 'gas left in the jar', strength: '' },
  subject: 'boiling',
  wanted: 'boils',
  columns: [...GAS_COLUMNS, ...COLUMNS],
  suspects: VACUUM_SUSPECTS,
  simulate,
  sizes: jarSizes,
  inputs,
  check,
  logged,
  results,
  outcomes,
  ledger,
  shelf,
  procedure,
  practice: { ...pumpPractice, instruments: [GAUGE, THERMOMETER] },
  kit,
  drawing,
  why,
  advice,
  explanation,
  teaching,
})
