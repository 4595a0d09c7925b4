import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { drawing } from './drawing'
import { check, inputs, type SyringeBoilValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { COLUMNS, simulate, type SyringeBoilRun } from './simulate'
import { advice, explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const syringeBoil = defineDemonstration<SyringeBoilValues, SyringeBoilRun>({
  id: 'syringe-boil',
  name: 'Boiling in a syringe',
  summary: 'Warm water in a stoppered syringe boils when the plunger is pulled.',
  noun: ['pull', 'pulls'],
  people: { performs: 11, watches: 7 },
  gallery: {
    family: 'vacuum',
    effect: 'Warm water boils in the hand, and stops when the plunger goes back.',
    topics: ['boiling', 'vapour pressure', 'gas laws', 'air pressure'],
    ages: [8, 18],
    needs: ['syringe', 'hot-water'],
  },
  hushWords: { inside: 'air left in', strength: '' },
  subject: 'boiling',
  wanted: 'boils',
  columns: COLUMNS,
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
  gates,
  cautions,
  afterFailure,
  drawing,
  why,
  advice,
  explanation,
  teaching,
})
