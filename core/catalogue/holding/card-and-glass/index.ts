import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type CardAndGlassRun } from './simulate'
import { check, inputs, type CardAndGlassValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const cardAndGlass = defineDemonstration<CardAndGlassValues, CardAndGlassRun>({
  id: 'card-and-glass',
  name: 'Card under a glass',
  summary: 'A glass of water, a card on it, turned over: the card stays.',
  noun: ['try', 'tries'],
  people: { performs: 6, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'holding',
    effect: 'A glass of water is turned over, and nothing comes out.',
    topics: ['air pressure', 'gas laws', 'surface tension'],
    ages: [7, 14],
    needs: ['tumbler'],
  },
  hushWords: { inside: 'air over the water', strength: '' },
  subject: 'card',
  wanted: 'holds',
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
