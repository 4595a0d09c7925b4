/** Why a demonstration is not in a lesson, for whoever plans it. */
import { EQUIPMENT, type LeftOut } from '~~/core'

const WHY: Record<Exclude<LeftOut['why'], 'things'>, string> = {
  'age': 'for another age',
  'topic': 'of another topic',
  'left-out': 'left out by you',
  'time': 'takes longer than the lesson',
}

export const whyLeftOut = (left: LeftOut): string =>
  left.why === 'things' ? `needs ${left.missing.map(m => EQUIPMENT[m]).join(', ')}` : WHY[left.why]
