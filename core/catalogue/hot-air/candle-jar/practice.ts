import { flameSenses } from '../practice'
import type { CandleJar } from './simulate'

export const practice: CandleJar['practice'] = { senses: flameSenses }
