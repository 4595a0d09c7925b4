import { flameSenses } from '../practice'
import type { EggInBottle } from './simulate'

/** Wet paper gives this share of its heat; an egg so much wider looks alike. Assumptions. */
const [WET, WIDER] = [0.15, 0.006]
const withFlame = ({ choices }: { choices: Readonly<Partial<Record<string, string>>> }) =>
  choices.heating !== 'hot-water'

export const practice: EggInBottle['practice'] = {
  begins: 'light',
  moments: [{ id: 'lit', step: 'light', words: 'Light it', when: withFlame }],
  spans: [
    { input: 'litDelay', from: 'lit', to: 'light', when: withFlame },
    { input: 'eggDelay', from: 'light', to: 'sealed' },
  ],
  senses: flameSenses,
  troubles: [
    {
      id: 'wet-paper',
      words: 'The paper was damp: it smouldered, and hardly warmed the gas.',
      applies: v => v.choices.heating === 'paper',
      alters: v => ({ numbers: { flamePower: v.numbers.flamePower * WET } }),
    },
    {
      id: 'large-egg',
      words: 'The egg was a size larger than measured.',
      alters: v => ({ numbers: { eggDiameter: v.numbers.eggDiameter + WIDER } }),
    },
  ],
}
