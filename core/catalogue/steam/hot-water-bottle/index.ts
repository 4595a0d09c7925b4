import { softBottleFace } from '../soft-bottle-face'
import { afterFailure, cautions, gates } from './cautions'
import { simulate } from './simulate'
import { inputs, type HotWaterBottleValues } from './inputs'
import { logged } from './outcomes'
import { kit, procedure } from './procedure'
import { explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const hotWaterBottle = softBottleFace<HotWaterBottleValues>({
  id: 'hot-water-bottle',
  name: 'Hot-water bottle',
  summary: 'A soft fizzy-drink bottle with a little hot water, swirled, capped, into an ice bath: it folds.',
  people: { performs: 11, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'steam',
    effect: 'The bottle crackles and folds in a few seconds, with no flame in the room.',
    topics: ['air pressure', 'condensation', 'gas laws', 'particle model'],
    ages: [7, 16],
    needs: ['plastic-bottle', 'hot-water'],
  },
  simulate,
  inputs,
  logged,
  procedure,
  practice,
  kit,
  teaching,
  why,
  explanation,
})
