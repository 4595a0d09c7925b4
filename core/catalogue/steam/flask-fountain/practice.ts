import { bathKnockedOver, driesOut, weakHeater, DRY_GLASS } from '../troubles'
import { steamSenses } from '../senses'
import type { FlaskFountain } from './simulate'

export const practice: FlaskFountain['practice'] = {
  senses: steamSenses,
  troubles: [weakHeater, driesOut('flask', DRY_GLASS), bathKnockedOver('flask')],
}
