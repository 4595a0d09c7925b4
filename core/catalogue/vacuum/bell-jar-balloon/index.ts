import { GAS_COLUMNS, defineDemonstration } from '../../../demonstration'
import { jarLedger, jarSizes } from '../pumped'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type BellJarBalloonRun } from './simulate'
import { check, inputs, type BellJarBalloonValues } from './inputs'
import { logged, outcomes, results } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, why } from './teaching'
import { pumpPractice } from '../practice'

export const bellJarBalloon = defineDemonstration<BellJarBalloonValues, BellJarBalloonRun>({
  id: 'bell-jar-balloon',
  name: 'Balloon in a bell jar',
  summary: 'A knotted balloon with a little air, in a jar that is pumped out: it grows until it fills the jar.',
  noun: ['balloon', 'balloons'],
  people: { performs: 11, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'vacuum',
    effect: 'A limp balloon swells by itself under the jar, and shrinks back when the air is let in.',
    topics: ['air pressure', 'gas laws', 'vacuum'],
    ages: [7, 18],
    needs: ['bell-jar', 'pump', 'balloons'],
  },
  hushWords: { inside: 'air left in the jar', strength: '' },
  subject: 'balloon-in-jar',
  wanted: 'fills',
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
