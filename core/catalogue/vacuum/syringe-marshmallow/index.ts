import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { drawing } from './drawing'
import { check, inputs, type SyringeMarshmallowValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { COLUMNS, simulate, type SyringeMarshmallowRun } from './simulate'
import { explanation, teaching, variants, why } from './teaching'
import { practice } from './practice'

export const syringeMarshmallow = defineDemonstration<SyringeMarshmallowValues, SyringeMarshmallowRun>({
  id: 'syringe-marshmallow',
  name: 'Marshmallow in a syringe',
  summary: 'A marshmallow in a stoppered syringe swells when the plunger is pulled and shrinks when it is pushed.',
  noun: ['marshmallow', 'marshmallows'],
  people: { performs: 7, watches: 6 },
  gallery: {
    family: 'vacuum',
    effect: 'A marshmallow with a face swells up, or shrivels, as the plunger goes.',
    topics: ['gas laws', 'air pressure', 'particle model'],
    ages: [6, 16],
    needs: ['syringe', 'marshmallows'],
  },
  hushWords: { inside: 'air round it', strength: '' },
  subject: 'marshmallow',
  wanted: 'changes',
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
  explanation,
  teaching,
  variants,
})
