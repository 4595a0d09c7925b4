import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type BalloonInGlassRun } from './simulate'
import { check, inputs, type BalloonInGlassValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { explanation, teaching, why } from './teaching'

export const balloonInGlass = defineDemonstration<BalloonInGlassValues, BalloonInGlassRun>({
  id: 'balloon-in-glass',
  name: 'Balloon lifts a glass',
  summary: 'A balloon blown up inside a glass presses on its wall and lifts it.',
  noun: ['balloon', 'balloons'],
  people: { performs: 7, watches: 5 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'holding',
    effect: 'A glass hangs from a balloon, held by nothing but air.',
    topics: ['air pressure', 'friction'],
    ages: [5, 12],
    needs: ['balloons', 'tumbler'],
  },
  hushWords: { inside: 'air in the balloon', strength: '' },
  subject: 'balloon-in-tumbler',
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
  kit,
  drawing,
  why,
  explanation,
  teaching,
})
