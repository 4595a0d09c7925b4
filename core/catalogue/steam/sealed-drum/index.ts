import { defineDemonstration } from '../../../demonstration'
import { METAL_RESULTS } from '../metal-vessel'
import { STEAM_SUSPECTS } from '../suspects'
import { COLUMNS } from '../trace-recorder'
import { afterFailure, cautions, gates } from './cautions'
import { simulate, type SealedDrumRun } from './simulate'
import { explanation, why, teaching } from './teaching'
import { check, inputs, type SealedDrumValues } from './inputs'
import { ledger, logged, outcomes, sizes } from './outcomes'
import { kit, procedure, ready, repeats, shelf, standsInBath, waterWindow } from './procedure'
import { drawing, shell } from './drawing'
import { practice } from './practice'

export const sealedDrum = defineDemonstration<SealedDrumValues, SealedDrumRun>({
  id: 'sealed-drum',
  name: 'Sealed drum',
  summary: 'A steel drum boiled out, bunged and cooled: the outside air folds it up.',
  noun: ['drum', 'drums'],
  people: { performs: 18, watches: 9 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'steam',
    effect: 'A long hush, groans, then one enormous bang.',
    topics: ['air pressure', 'condensation', 'strength of shells', 'change of state'],
    ages: [9, 18],
    needs: ['drum', 'heater'],
  },
  hushWords: { inside: 'air in the drum', strength: 'the shell gives way here' },
  results: METAL_RESULTS,
  suspects: STEAM_SUSPECTS,
  subject: 'can',
  wanted: 'crush',
  columns: COLUMNS,
  simulate,
  why,
  explanation,
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
})
