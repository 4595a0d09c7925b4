import { GAS_COLUMNS, defineDemonstration } from '../../../demonstration'
import { jarLedger, jarSizes } from '../pumped'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type BellInVacuumRun } from './simulate'
import { check, inputs, type BellInVacuumValues } from './inputs'
import { logged, outcomes, results } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, why } from './teaching'
import { pumpPractice } from '../practice'

export const bellInVacuum = defineDemonstration<BellInVacuumValues, BellInVacuumRun>({
  id: 'bell-in-vacuum',
  name: 'Bell in a vacuum',
  summary: 'A ringing clock under the jar fades as the air goes, and is still seen to hammer.',
  noun: ['try', 'tries'],
  people: { performs: 11, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'vacuum',
    effect: 'A ringing bell goes quiet before everybody’s eyes while its hammer goes on.',
    topics: ['sound', 'vacuum', 'particle model'],
    ages: [7, 18],
    needs: ['bell-jar', 'pump', 'bell'],
  },
  hushWords: { inside: 'air left in the jar', strength: '' },
  subject: 'bell',
  wanted: 'silent',
  columns: [...GAS_COLUMNS, ...COLUMNS],
  suspects: VACUUM_SUSPECTS,
  simulate,
  ledger: jarLedger,
  sizes: jarSizes,
  inputs,
  check,
  logged,
  results,
  outcomes,
  shelf,
  procedure,
  practice: pumpPractice,
  kit,
  drawing,
  why,
  advice,
  explanation,
  teaching,
})
