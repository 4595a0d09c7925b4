import { defineDemonstration } from '../../../demonstration'
import { VACUUM_SUSPECTS } from '../../vacuum/suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type PlatesRun } from './simulate'
import { check, inputs, type PlatesValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, variants, why } from './teaching'
import { practice } from './practice'

export const plates = defineDemonstration<PlatesValues, PlatesRun>({
  id: 'plates',
  name: 'Plates that won’t part',
  summary: 'Two discs or half-spheres, pumped out: pulled at, or hung from, they hold.',
  noun: ['try', 'tries'],
  people: { performs: 14, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'holding',
    effect: 'Two people tug at two plates and can’t part them; a valve opens, and they fall apart.',
    topics: ['air pressure', 'force and area', 'vacuum'],
    ages: [7, 18],
    needs: ['plates', 'pump'],
  },
  hushWords: { inside: 'air left between', strength: '' },
  subject: 'halves',
  wanted: 'holds',
  columns: COLUMNS,
  suspects: VACUUM_SUSPECTS,
  simulate,
  inputs,
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
