import { GAS_COLUMNS, defineDemonstration } from '../../../demonstration'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate, type BalloonEmptiedRun } from './simulate'
import { check, inputs, type BalloonEmptiedValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { explanation, teaching, variants, why } from './teaching'
import { pumpPractice } from '../practice'

export const balloonEmptied = defineDemonstration<BalloonEmptiedValues, BalloonEmptiedRun>({
  id: 'balloon-emptied',
  name: 'Balloon pumped flat',
  summary: 'A balloon on the pump’s hose: the room presses it flat, and no pump presses harder than the room.',
  noun: ['balloon', 'balloons'],
  people: { performs: 11, watches: 9 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'vacuum',
    effect: 'A balloon on a hose shrivels and packs into a hard lump.',
    topics: ['air pressure', 'vacuum'],
    ages: [9, 18],
    needs: ['balloons', 'pump'],
  },
  hushWords: { inside: 'air left in the balloon', strength: '' },
  subject: 'flat-balloon',
  wanted: 'flat',
  columns: [...GAS_COLUMNS, ...COLUMNS],
  suspects: VACUUM_SUSPECTS,
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
  practice: pumpPractice,
  kit,
  drawing,
  why,
  explanation,
  teaching,
  variants,
})
