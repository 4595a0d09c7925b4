import { defineDemonstration } from '../../../demonstration'
import { FUEL_TEACHING } from '../planned-only'
import { afterFailure, cautions, gates } from './cautions'
import { check, inputs, type CanisterPopValues } from './inputs'
import { COLUMNS, simulate, type CanisterPopRun } from './simulate'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, why } from './teaching'

export const canisterPop = defineDemonstration<CanisterPopValues, CanisterPopRun>({
  id: 'canister-pop',
  name: 'Popping canister',
  summary: 'Burning vapour drives the lid off a small canister. Planned here: places, limits, distances; no recipe.',
  noun: ['canister', 'canisters'],
  people: { performs: 18, watches: 11 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'motion',
    effect: 'A lid flies off a little can with a bang.',
    topics: ['combustion', 'gas laws', 'energy', 'motion'],
    ages: [11, 18],
    needs: ['fuel'],
  },
  hushWords: { inside: 'gas in the canister', strength: '' },
  subject: 'lid',
  wanted: 'clear',
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
