import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type BalloonLineRun } from './simulate'
import { check, inputs, type BalloonLineValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { explanation, teaching, why } from './teaching'

export const balloonLine = defineDemonstration<BalloonLineValues, BalloonLineRun>({
  id: 'balloon-line',
  name: 'Balloon on a line',
  summary: 'A balloon taped to a straw drives itself along a line across the room.',
  noun: ['run', 'runs'],
  people: { performs: 7, watches: 5 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'motion',
    effect: 'A balloon whizzes along a string over everybody’s heads.',
    topics: ['motion', 'air pressure', 'energy'],
    ages: [5, 14],
    needs: ['balloons', 'line'],
  },
  hushWords: { inside: 'air in the balloon', strength: '' },
  subject: 'along-a-line',
  wanted: 'arrives',
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
  explanation,
  teaching,
})
