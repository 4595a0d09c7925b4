import { defineDemonstration } from '../../../demonstration'
import { FUEL_TEACHING } from '../planned-only'
import { afterFailure, cautions, gates } from './cautions'
import { check, inputs, type BottleLineValues } from './inputs'
import { COLUMNS, simulate, type BottleLineRun } from './simulate'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, why } from './teaching'

export const bottleLine = defineDemonstration<BottleLineValues, BottleLineRun>({
  id: 'bottle-line',
  name: 'Bottle on a line',
  summary: 'Burning vapour drives a bottle along a line. Planned here: places, limits, distances; no recipe.',
  noun: ['bottle', 'bottles'],
  people: { performs: 18, watches: 11 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'motion',
    effect: 'A bottle shoots along a line with a blue flash and a whoosh.',
    topics: ['combustion', 'motion', 'energy'],
    ages: [11, 18],
    needs: ['fuel', 'line'],
  },
  hushWords: { inside: 'gas in the bottle', strength: '' },
  subject: 'along-a-line',
  wanted: 'arrives',
  columns: COLUMNS,
  check,
  simulate,
  teaching: FUEL_TEACHING,
  inputs,
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
})
