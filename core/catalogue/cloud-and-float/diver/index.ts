import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type DiverRun } from './simulate'
import { check, inputs, type DiverValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, why } from './teaching'

export const diver = defineDemonstration<DiverValues, DiverRun>({
  id: 'diver',
  name: 'Diver in a bottle',
  summary: 'A trimmed float sinks when the bottle is squeezed, and comes back.',
  noun: ['float', 'floats'],
  people: { performs: 7, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'cloud-and-float',
    effect: 'A little diver sinks and rises at a command that nobody sees.',
    topics: ['buoyancy', 'gas laws', 'pressure in liquids'],
    ages: [7, 16],
    needs: ['plastic-bottle', 'dropper'],
  },
  hushWords: { inside: 'pressure in the bottle', strength: '' },
  subject: 'diver',
  wanted: 'dives',
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
  kit,
  drawing,
  why,
  advice,
  explanation,
  teaching,
})
