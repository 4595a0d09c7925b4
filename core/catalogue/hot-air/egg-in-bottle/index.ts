import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type EggInBottleRun } from './simulate'
import { check, inputs, type EggInBottleValues } from './inputs'
import { ledger, logged, outcomes, results, sizes, suspects } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const eggInBottle = defineDemonstration<EggInBottleValues, EggInBottleRun>({
  id: 'egg-in-bottle',
  name: 'Egg in a bottle',
  summary: 'Hot gas in a bottle, a boiled egg on its neck: the room pushes the egg in.',
  noun: ['egg', 'eggs'],
  people: { performs: 14, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'hot-air',
    effect: 'An egg dances on a bottle, stops, stretches and drops in with a plop.',
    topics: ['air pressure', 'gas laws', 'heating and cooling', 'combustion'],
    ages: [7, 16],
    needs: ['glass-bottle', 'eggs', 'flame'],
  },
  hushWords: { inside: 'oxygen left of the air', strength: 'egg gives way' },
  subject: 'egg-into-bottle',
  wanted: 'whole',
  columns: COLUMNS,
  simulate,
  inputs,
  check,
  logged,
  results,
  outcomes,
  suspects,
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
