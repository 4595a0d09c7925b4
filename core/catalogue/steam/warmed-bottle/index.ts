import { softBottleFace } from '../soft-bottle-face'
import { afterFailure, cautions, gates } from './cautions'
import { simulate } from './simulate'
import { inputs, type WarmedBottleValues } from './inputs'
import { logged } from './outcomes'
import { kit, procedure } from './procedure'
import { explanation, teaching, why } from './teaching'
import { practice } from './practice'

export const warmedBottle = softBottleFace<WarmedBottleValues>({
  id: 'warmed-bottle',
  name: 'Warmed bottle',
  summary: 'A soft bottle warmed with hot tap water, emptied, capped, into an ice bath: mostly cooling air.',
  people: { performs: 9, watches: 7 },
  gates,
  cautions,
  afterFailure,
  gallery: {
    family: 'steam',
    effect: 'The bottle buckles gently: no steam to be seen, warm tap water is enough.',
    topics: ['gas laws', 'air pressure', 'heating and cooling'],
    ages: [7, 16],
    needs: ['plastic-bottle', 'hot-water'],
  },
  brimful: true,
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
