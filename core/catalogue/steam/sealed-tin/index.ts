import { defineDemonstration } from '../../../demonstration'
import { METAL_RESULTS } from '../metal-vessel'
import { STEAM_SUSPECTS } from '../suspects'
import { COLUMNS } from '../trace-recorder'
import { afterFailure, cautions, gates } from './cautions'
import { simulate, type SealedTinRun } from './simulate'
import { check, inputs, type SealedTinValues } from './inputs'
import { ledger, logged, outcomes, sizes } from './outcomes'
import { kit, procedure, ready, repeats, shelf, standsInBath, waterWindow } from './procedure'
import { drawing, shell } from './drawing'
import { explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const sealedTin = defineDemonstration<SealedTinValues, SealedTinRun>({
  id: 'sealed-tin',
  name: 'Sealed tin',
  summary: 'A tin boiled out, taken off the heat, capped and cooled: its sides talk, then cave in.',
  noun: ['tin', 'tins'],
  people: { performs: 18, watches: 8 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'steam',
    effect: 'Ticks and pops as the panels talk, then the sides cave in over some seconds.',
    topics: ['air pressure', 'condensation', 'change of state', 'particle model'],
    ages: [8, 18],
    needs: ['tin', 'heater'],
  },
  hushWords: { inside: 'air in the tin', strength: 'the sides give way here' },
  results: METAL_RESULTS,
  suspects: STEAM_SUSPECTS,
  subject: 'can',
  wanted: 'crush',
  columns: COLUMNS,
  simulate,
  inputs,
  check,
  logged,
  outcomes,
  ledger,
  sizes,
  shelf,
  procedure,
  practice,
  kit,
  ready,
  standsInBath,
  repeats,
  waterWindow,
  drawing,
  shell,
  teaching,
  why,
  explanation,
})
