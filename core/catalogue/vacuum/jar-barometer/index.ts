import { GAS_COLUMNS, defineDemonstration } from '../../../demonstration'
import { jarLedger, jarSizes } from '../pumped'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type JarBarometerRun } from './simulate'
import { check, inputs, type JarBarometerValues } from './inputs'
import { logged, outcomes, results } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, why } from './teaching'
import { pumpPractice } from '../practice'

export const jarBarometer = defineDemonstration<JarBarometerValues, JarBarometerRun>({
  id: 'jar-barometer',
  name: 'Barometer in the jar',
  summary: 'Air trapped over coloured water lifts it up a tube as the jar round it is pumped.',
  noun: ['try', 'tries'],
  people: { performs: 11, watches: 11 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'vacuum',
    effect: 'Coloured water climbs a tube by itself while the pump works, and sinks back with the air.',
    topics: ['air pressure', 'barometer', 'gas laws'],
    ages: [11, 18],
    needs: ['bell-jar', 'pump', 'stopper-tube'],
  },
  hushWords: { inside: 'air left in the jar', strength: '' },
  subject: 'column',
  wanted: 'climbs',
  columns: [...GAS_COLUMNS, ...COLUMNS],
  suspects: VACUUM_SUSPECTS,
  simulate,
  ledger: jarLedger,
  sizes: jarSizes,
  inputs,
  check,
  logged,
  results,
  outcomes,
  shelf,
  procedure,
  practice: pumpPractice,
  kit,
  drawing,
  why,
  advice,
  explanation,
  teaching,
})
