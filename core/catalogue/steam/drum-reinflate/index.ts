import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { COLUMNS, simulate, type DrumReinflateRun } from './simulate'
import { check, inputs, type DrumReinflateValues } from './inputs'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const drumReinflate = defineDemonstration<DrumReinflateValues, DrumReinflateRun>({
  id: 'drum-reinflate',
  name: 'Drum that pops back',
  summary: 'A crushed vessel that still holds water, heated with a way out for the steam.',
  noun: ['drum', 'drums'],
  people: { performs: 18, watches: 12 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'steam',
    effect: 'Groans and thumps as the folds come out again, if they do.',
    topics: ['vapour pressure', 'air pressure', 'strength of shells'],
    ages: [12, 18],
    needs: ['drum', 'heater'],
  },
  hushWords: { inside: 'air in the gas', strength: '' },
  subject: 'crushed-drum',
  wanted: 'pop',
  columns: COLUMNS,
  simulate,
  ledger,
  inputs,
  check,
  logged,
  results,
  outcomes,
  sizes,
  shelf,
  procedure,
  practice,
  kit,
  drawing,
  teaching,
  why,
  explanation,
})
