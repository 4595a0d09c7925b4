import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type VacuumCannonRun } from './simulate'
import { check, inputs, type VacuumCannonValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, variants, why } from './teaching'
import { practice } from './practice'

export const vacuumCannon = defineDemonstration<VacuumCannonValues, VacuumCannonRun>({
  id: 'vacuum-cannon',
  name: 'Vacuum ball cannon',
  summary: 'A table-tennis ball in a pumped-out tube: pierce the foil, and the room fires it.',
  noun: ['shot', 'shots'],
  people: { performs: 18, watches: 11 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'motion',
    effect: 'A light ball leaves a tube faster than a racing car and goes through a can.',
    topics: ['air pressure', 'motion', 'energy', 'speed of sound'],
    ages: [11, 18],
    needs: ['tube', 'pump'],
  },
  hushWords: { inside: 'air left ahead of the ball', strength: '' },
  subject: 'shot',
  wanted: 'fast',
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
  variants,
})
