/** Whether somebody asks for something that lives: to be told that it goes into no vacuum. */
import { animals } from 'unique-names-generator'

/** Groups, plants and words for living things that a list of animals does not have. */
const OTHERS = ['animal', 'living', 'alive', 'insect', 'creature', 'pet', 'plant', 'flower', 'seedling', 'larva', 'maggot', 'caterpillar', 'pupa', 'chick', 'kitten', 'puppy', 'mouse', 'mice', 'rat', 'gerbil', 'guinea pig', 'beetle', 'cricket', 'moth', 'fly', 'flies', 'ladybird', 'woodlouse', 'slug', 'snail', 'tadpole', 'daphnia', 'person', 'people', 'human', 'pupil', 'child', 'children', 'baby', 'hand', 'finger']
/** Names of things as well: a bell jar may hold a "crane" of wire. */
const MEANT_OTHERWISE = new Set(['crane', 'seal', 'mole', 'boa', 'orca', 'sole', 'bug', 'ray'])
const NAMES = [...animals.filter(a => !MEANT_OTHERWISE.has(a)), ...OTHERS].map(a => a.replace(/[_-]/g, ' '))
/** Singular and plural. */
const LIVING = new RegExp(`\\b(?:${NAMES.map(n => n.endsWith('y') ? `${n.slice(0, -1)}(?:y|ies)` : `${n}(?:s|es)?`).join('|')})\\b`, 'i')

export const namesLiving = (words: string): boolean => LIVING.test(words)
