/** Finding a demonstration by what people call things and effects: a word stands for all that mean the same. */

/** Words that mean the same to whoever looks for something; each finds all of its row. */
const ALIKE: readonly (readonly string[])[] = [
  ['crush', 'implode', 'implosion', 'crumple', 'squash', 'collapse', 'buckle', 'cave', 'fold', 'flat', 'dent'],
  ['explode', 'explosion', 'bang', 'pop', 'burst', 'loud'],
  ['boil', 'boiling', 'bubbles', 'simmer'],
  ['hot plate', 'hotplate', 'heater', 'burner', 'stove', 'hob', 'bunsen', 'cooker'],
  ['kettle', 'hot water', 'hot tap', 'warm water'],
  ['bucket', 'tub', 'bowl', 'bath', 'pool', 'basin', 'tray'],
  ['ice', 'cold', 'cool', 'freeze'],
  ['flame', 'fire', 'match', 'lighter', 'burn', 'combustion'],
  ['can', 'soda', 'tin', 'drinks can', 'coke can', 'beer can'],
  ['drum', 'barrel', 'oil drum', 'keg'],
  ['bottle', 'pet bottle', 'plastic bottle', 'water bottle'],
  ['jar', 'bell jar', 'glass', 'dome'],
  ['flask', 'beaker', 'round-bottomed'],
  ['pump', 'vacuum', 'suck', 'suction', 'evacuate'],
  ['balloon', 'rubber', 'inflate', 'swell'],
  ['egg', 'eggs'],
  ['marshmallow', 'sweet', 'candy', 'food', 'packet', 'crisps'],
  ['cloud', 'fog', 'mist', 'weather'],
  ['diver', 'float', 'sink', 'submarine', 'buoyancy', 'cartesian'],
  ['cannon', 'gun', 'launch', 'shoot', 'fast'],
  ['fountain', 'jet', 'spray'],
  ['plates', 'hemispheres', 'half-spheres', 'magdeburg'],
  ['plunger', 'suction cup', 'sucker'],
  ['sound', 'bell', 'ring', 'hear', 'noise', 'quiet'],
  ['barometer', 'straw', 'weather glass'],
  ['candle', 'wax', 'oxygen'],
  ['syringe', 'plunger'],
  ['rocket', 'balloon line', 'string', 'race'],
]

/** Short words match whole, so that "can" does not find "cannot". */
const SHORT = 4

const has = (text: string, word: string): boolean =>
  word.length < SHORT ? new RegExp(`\\b${word}s?\\b`).test(text) : text.includes(word)

/** Plural and other endings that a search leaves away. */
const stem = (word: string): string => (word.length > SHORT ? word.replace(/(ies|es|s|ing|ed|e)$/, '') : word)

/** @returns true where every word that was typed, or one that means the same, is in the text */
export function finds(text: string, typed: string): boolean {
  const within = text.toLowerCase()
  let rest = ` ${typed.toLowerCase().replace(/[^\p{L}\p{N} -]/gu, ' ')} `
  const wanted: (readonly string[])[] = []
  // Names of several words are looked for first, as one.
  for (const row of ALIKE)
    for (const phrase of row)
      if (phrase.includes(' ') && rest.includes(` ${phrase} `)) {
        rest = rest.replace(` ${phrase} `, ' ')
        wanted.push(row)
      }
  for (const word of rest.split(/\s+/).filter(Boolean)) {
    const rows = ALIKE.filter(row => row.some(other => other === word || stem(other) === stem(word)))
    wanted.push([word, stem(word), ...rows.flat()])
  }
  return wanted.every(alike => alike.some(word => has(within, word)))
}
