import { defineDemonstration } from '../../../demonstration'
import { STEAM_SUSPECTS } from '../suspects'
import { COLUMNS } from '../trace-recorder'
import { afterFailure, cautions, gates } from './cautions'
import { drawing, shell } from './drawing'
import { inputs, check, type CanPlungeValues } from './inputs'
import { outcomes, ledger, logged, results, sizes } from './outcomes'
import { procedure, kit, ready, shelf, waterWindow } from './procedure'
import { repeats, simulate, type CanPlungeRun } from './simulate'
import { explanation, why, teaching } from './teaching'
import { practice } from './practice'

export const canPlunge = defineDemonstration<CanPlungeValues, CanPlungeRun>({
  id: 'can-plunge',
  name: 'Can plunge',
  summary: 'A drinks can with a little boiling water, turned over into cold water.',
  noun: ['can', 'cans'],
  people: { performs: 14, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'steam',
    effect: 'A bang, and the can is flat before anyone has seen it move.',
    topics: ['air pressure', 'condensation', 'change of state', 'particle model'],
    ages: [7, 18],
    needs: ['can', 'heater'],
  },
  hushWords: { inside: 'air in the can', strength: 'the wall gives way here' },
  inputs,
  outcomes,
  suspects: STEAM_SUSPECTS,
  subject: 'can',
  wanted: 'crush',
  columns: COLUMNS,
  procedure,
  practice,
  simulate,
  drawing,
  shell,
  why,
  explanation,
  repeats,
  check,
  logged,
  results,
  ledger,
  sizes,
  shelf,
  kit,
  ready,
  waterWindow,
  teaching,
})
