import { defineDemonstration } from '../../../demonstration'
import { afterFailure, cautions, gates } from './cautions'
import { check, inputs, type CloudBottleValues } from './inputs'
import { COLUMNS, simulate, type CloudBottleRun } from './simulate'
import { ledger, logged, outcomes, results, sizes } from './outcomes'
import { kit, procedure, shelf } from './procedure'
import { drawing } from './drawing'
import { advice, explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const cloudBottle = defineDemonstration<CloudBottleValues, CloudBottleRun>({
  id: 'cloud-bottle',
  name: 'Cloud in a bottle',
  summary: 'Damp air under pressure, let go: a cloud. Pressed again: clear.',
  noun: ['try', 'tries'],
  people: { performs: 14, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'cloud-and-float',
    effect: 'A clear bottle turns white at a pop, and clear again when pumped.',
    topics: ['weather', 'vapour', 'gas laws', 'heating and cooling'],
    ages: [7, 18],
    needs: ['plastic-bottle', 'bottle-pump', 'flame'],
  },
  hushWords: { inside: 'gas in the bottle', strength: '' },
  subject: 'cloud',
  wanted: 'cloud',
  columns: COLUMNS,
  check,
  simulate,
  inputs,
  logged,
  results,
  outcomes,
  ledger,
  sizes,
  shelf,
  procedure,
  practice,
  kit,
  drawing,
  why,
  advice,
  explanation,
  teaching,
})
