import { defineDemonstration } from '../../../demonstration'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type PumpedCanRun } from './simulate'
import { check, inputs, type PumpedCanValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing, shell } from './drawing'
import { explanation, teaching, variants, why } from './teaching'
import { pumpPractice } from '../practice'

export const pumpedCan = defineDemonstration<PumpedCanValues, PumpedCanRun>({
  id: 'pumped-can',
  name: 'Pumped tin',
  summary: 'A cold, empty tin crushed by a pump, beside the same tin with steam.',
  noun: ['tin', 'tins'],
  people: { performs: 14, watches: 8 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'vacuum',
    effect: 'Nothing is heated, and the sides tick and cave in all the same.',
    topics: ['air pressure', 'vacuum', 'gas laws', 'particle model'],
    ages: [8, 18],
    needs: ['tin', 'pump'],
  },
  hushWords: { inside: 'air in the tin', strength: 'the sides give way here' },
  subject: 'can',
  wanted: 'crush',
  columns: COLUMNS,
  suspects: VACUUM_SUSPECTS,
  simulate,
  ledger,
  inputs,
  check,
  logged,
  results,
  outcomes,
  sizes,
  shelf,
  procedure,
  practice: { ...pumpPractice, opaque: true },
  kit,
  drawing,
  shell,
  why,
  explanation,
  teaching,
  variants,
})
