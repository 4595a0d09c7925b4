import { driesOut, dentedBefore, bathKnockedOver, weakHeater, DRY_METAL } from '../troubles'
import { steamSenses } from '../senses'
import type { CanPlunge } from './simulate'

export const practice: CanPlunge['practice'] = {
  opaque: true,
  senses: steamSenses,
  troubles: [weakHeater, dentedBefore('can'), driesOut('can', DRY_METAL), bathKnockedOver('can')],
}
