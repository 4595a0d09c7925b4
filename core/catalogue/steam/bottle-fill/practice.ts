import { bathKnockedOver, driesOut, weakHeater, DRY_GLASS } from '../troubles'
import { steamSenses } from '../senses'
import type { BottleFill } from './simulate'

const byFlame = ({ choices }: { choices: Readonly<Partial<Record<string, string>>> }) => choices.fillMethod === 'flame'
const byOven = ({ choices }: { choices: Readonly<Partial<Record<string, string>>> }) =>
  choices.fillMethod === 'microwave'

export const practice: BottleFill['practice'] = {
  moments: [{ id: 'oven-off', step: 'fill', words: 'Oven off', when: byOven }],
  spans: [
    { input: 'ovenTime', from: 'heat-on', to: 'oven-off', when: byOven },
    { input: 'ovenWait', from: 'oven-off', to: 'lifted', when: byOven },
  ],
  senses: steamSenses,
  troubles: [
    { ...weakHeater, applies: byFlame },
    { ...driesOut('bottle', DRY_GLASS), applies: byFlame },
    bathKnockedOver('bottle'),
  ],
}
