import { defineDemonstration } from '../../../demonstration'
import { STEAM_SUSPECTS } from '../suspects'
import { COLUMNS } from '../trace-recorder'
import { afterFailure, cautions, gates } from './cautions'
import { drawing } from './drawing'
import { check, inputs, type BalloonIntoFlaskValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, ready, shelf } from './procedure'
import { simulate, type BalloonIntoFlaskRun } from './simulate'
import { explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const balloonIntoFlask = defineDemonstration<BalloonIntoFlaskValues, BalloonIntoFlaskRun>({
  id: 'balloon-into-flask',
  name: 'Balloon into a flask',
  summary: 'A balloon over the neck of a boiled-out flask is pushed in, inside out, and swells there.',
  noun: ['flask', 'flasks'],
  people: { performs: 18, watches: 8 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'steam',
    effect: 'The balloon dips, slips through the neck inside out, and blows itself up in the flask.',
    topics: ['condensation', 'air pressure', 'change of state', 'particle model'],
    ages: [8, 16],
    needs: ['flask', 'balloons', 'heater'],
  },
  hushWords: { inside: 'air in the flask', strength: 'the skin gives way here' },
  results,
  suspects: STEAM_SUSPECTS,
  subject: 'balloon-into-flask',
  wanted: 'in',
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
  drawing,
  teaching,
  why,
  explanation,
})
