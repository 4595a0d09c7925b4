import { defineDemonstration } from '../../../demonstration'
import { DIPPED_RESULTS } from '../dipped-face'
import { GLASS_SUSPECTS } from '../suspects'
import { COLUMNS } from '../trace-recorder'
import { afterFailure, cautions, gates } from './cautions'
import { simulate, type FlaskFountainRun } from './simulate'
import { check, inputs, type FlaskFountainValues } from './inputs'
import { ledger, logged, outcomes, sizes } from './outcomes'
import { kit, procedure, ready, shelf } from './procedure'
import { drawing } from './drawing'
import { explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const flaskFountain = defineDemonstration<FlaskFountainValues, FlaskFountainRun>({
  id: 'flask-fountain',
  name: 'Flask fountain',
  summary: 'A boiling flask with a long stem, turned over into a bucket: nothing, nothing, then a fountain.',
  noun: ['flask', 'flasks'],
  people: { performs: 18, watches: 11 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'steam',
    effect: 'Water creeps up the tube, slower than anyone can bear; then a fountain fills the flask in a breath.',
    topics: ['condensation', 'air pressure', 'hydrostatic pressure', 'feedback'],
    ages: [11, 18],
    needs: ['flask', 'stopper-tube', 'heater'],
  },
  hushWords: { inside: 'air in the flask', strength: '' },
  results: DIPPED_RESULTS,
  subject: 'bottle',
  wanted: 'fill',
  columns: COLUMNS,
  suspects: GLASS_SUSPECTS,
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
  drawing,
  teaching,
  why,
  explanation,
})
