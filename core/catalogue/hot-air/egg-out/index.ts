import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type EggOutRun } from './simulate'
import { check, inputs, type EggOutValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const eggOut = defineDemonstration<EggOutValues, EggOutRun>({
  id: 'egg-out',
  name: 'Egg out again',
  summary: 'Bottle upside down, egg in its neck: breath or warmth inside pushes it out. Or cut it up.',
  noun: ['try', 'tries'],
  people: { performs: 11, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'hot-air',
    effect: 'An egg in a bottle slides out of the neck again, as if pushed by nothing.',
    topics: ['air pressure', 'gas laws'],
    ages: [7, 16],
    needs: ['glass-bottle', 'eggs'],
  },
  hushWords: { inside: 'air in the bottle', strength: 'egg gives way' },
  subject: 'egg-out-of-bottle',
  wanted: 'whole',
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
  drawing,
  why,
  advice,
  explanation,
  teaching,
})
