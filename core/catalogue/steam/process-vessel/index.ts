import { defineDemonstration } from '../../../demonstration'
import { STEAM_SUSPECTS } from '../suspects'
import { COLUMNS } from '../trace-recorder'
import { afterFailure, cautions, gates } from './cautions'
import { simulate, type ProcessVesselRun } from './simulate'
import { check, inputs, type ProcessVesselValues } from './inputs'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { explanation, teaching, why } from './teaching'

export const processVessel = defineDemonstration<ProcessVesselValues, ProcessVesselRun>({
  id: 'process-vessel',
  name: 'Tank with its vent shut',
  summary: 'What if: a tank as large as a small room cleaned with steam, then cooled with its vent shut.',
  noun: ['tank', 'tanks'],
  people: { performs: 18, watches: 14 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'steam',
    effect: 'Where else this happens: why tanks need vents, and how wide.',
    topics: ['where else this happens', 'condensation', 'air pressure', 'engineering'],
    ages: [14, 18],
    needs: [],
    whatIf: true,
  },
  hushWords: { inside: 'air in the tank', strength: 'the shell gives way here' },
  suspects: STEAM_SUSPECTS,
  subject: 'tank',
  wanted: 'held',
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
  kit,
  drawing,
  teaching,
  why,
  explanation,
})
