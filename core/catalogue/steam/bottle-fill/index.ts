import { defineDemonstration } from '../../../demonstration'
import { GLASS_SUSPECTS } from '../suspects'
import { COLUMNS } from '../trace-recorder'
import { afterFailure, cautions, gates } from './cautions'
import { simulate, type BottleFillRun } from './simulate'
import { check, inputs, type BottleFillValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, ready, shelf } from './procedure'
import { drawing } from './drawing'
import { explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const bottleFill = defineDemonstration<BottleFillValues, BottleFillRun>({
  id: 'bottle-fill',
  name: 'Bottle that drinks',
  summary: 'A glass bottle full of steam, mouth down in cold water: it fills in a blink.',
  noun: ['bottle', 'bottles'],
  people: { performs: 18, watches: 9 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'steam',
    effect: 'The bottle is full before the eye can follow, with a thud in the hand.',
    topics: ['condensation', 'air pressure', 'particle model', 'change of state'],
    ages: [9, 18],
    needs: ['glass-bottle', 'heater'],
  },
  hushWords: { inside: 'air in the bottle', strength: '' },
  suspects: GLASS_SUSPECTS,
  subject: 'bottle',
  wanted: 'fill',
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
  ready,
  drawing,
  teaching,
  why,
  explanation,
})
