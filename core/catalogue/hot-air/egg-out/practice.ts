import { flameSenses } from '../practice'
import type { EggOut } from './simulate'

const byBreath = ({ choices }: { choices: Readonly<Partial<Record<string, string>>> }) => choices.method === 'breath'

export const practice: EggOut['practice'] = {
  moments: [{ id: 'away', step: 'push', words: 'Mouth away', when: byBreath }],
  spans: [{ input: 'breathTime', from: 'sealed', to: 'away', when: byBreath }],
  senses: flameSenses,
}
