/** Whether somebody asks for something that lives: to be told that it goes into no vacuum. */
import { animals } from 'unique-names-generator'

/** Groups, plants and words for living things that a list of animals does not have. */
const OTHERS = [
  'animal',
  'living',
  'alive',
  'insect',
  'creature',
  'plant',
  'flower',
  'seedling',
  'larva',
  'maggot',
  'caterpillar',
  'pupa',
  'chick',
  'kitten',
  'puppy',
  'mouse',
  'mice',
  'rat',
  'gerbil',
  'guinea pig',
  'beetle',
  'cricket',
  'moth',
  'housefly',
  'ladybird',
  'woodlouse',
  'slug',
  'snail',
  'tadpole',
  'daphnia',
  'person',
  'human',
  'child',
  'children',
  'baby',
]
/** Names of things as well: a tight seal, a hand pump that is swift, PET bottles. */
const MEANT_OTHERWISE = new Set([
  'crane',
  'seal',
  'mole',
  'boa',
  'orca',
  'sole',
  'bug',
  'ray',
  'swift',
  'perch',
  'skate',
  'kite',
  'lark',
  'bass',
  'clam',
  'krill',
])
const patternOf = () => {
  const names = [...animals.filter(a => !MEANT_OTHERWISE.has(a)), ...OTHERS].map(a => a.replace(/[_-]/g, ' '))
  const singularAndPlural = names.map(n => (n.endsWith('y') ? `${n.slice(0, -1)}(?:y|ies)` : `${n}(?:s|es)?`))
  return new RegExp(`\\b(?:${singularAndPlural.join('|')})\\b`, 'i')
}
let living: RegExp | undefined

export const namesLiving = (words: string): boolean => words.trim() !== '' && (living ??= patternOf()).test(words)
