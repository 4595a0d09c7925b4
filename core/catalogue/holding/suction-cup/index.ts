import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type SuctionCupRun } from './simulate'
import { check, inputs, type SuctionCupValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const suctionCup = defineDemonstration<SuctionCupValues, SuctionCupRun>({
  id: 'suction-cup',
  name: 'Lift it by a cup',
  summary: 'A plunger or a rubber sheet pressed on a seat or a table lifts it.',
  noun: ['try', 'tries'],
  people: { performs: 8, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'holding',
    effect: 'A plunger lifts a stool; somebody lets a corner in, and it drops.',
    topics: ['air pressure', 'force and area'],
    ages: [7, 14],
    needs: ['plunger'],
  },
  hushWords: { inside: 'air under the cup', strength: '' },
  subject: 'cup',
  wanted: 'lifts',
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
