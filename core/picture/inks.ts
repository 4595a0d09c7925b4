/** What each substance is drawn with: names of colours, to which a style sheet gives values for light and dark. */
import type { Stuff } from '../demonstration'

export const FILL: Readonly<Record<Stuff, string>> = {
  'outside-air': 'var(--outside-air)',
  'inside-air': 'var(--inside-air)',
  'vapour': 'var(--vapour-wash)',
  'water': 'var(--water)',
  'glass': 'var(--sheet)',
  'metal': 'var(--metal)',
  'rubber': 'var(--rubber)',
  'food': 'var(--food)',
  'card': 'var(--card)',
  'paper': 'var(--sheet)',
  'cloud': 'var(--cloud)',
  'flame': 'var(--flame)',
  'ink': 'var(--ink)',
  'danger': 'var(--danger)',
  'ice': 'var(--ice)',
  'iron': 'var(--iron)',
  'hot': 'var(--hot)',
}

export const LINE: Readonly<Record<Stuff, string>> = {
  ...FILL,
  'vapour': 'var(--vapour)',
  'glass': 'var(--vessel)',
  'metal': 'var(--vessel)',
  'rubber': 'var(--rubber-line)',
  'food': 'var(--food-line)',
  'card': 'var(--card-line)',
  'paper': 'var(--vessel)',
  'cloud': 'var(--cloud-line)',
  'ice': 'var(--water)',
}

/** Words are in the colour of what they name, where that can be read. */
const NAMED: Partial<Record<Stuff, string>> = {
  'outside-air': 'var(--outside-air)',
  'vapour': 'var(--vapour)',
  'water': 'var(--water)',
  'danger': 'var(--danger)',
}
export const inkOfWords = (stuff: Stuff = 'ink'): string => NAMED[stuff] ?? 'var(--ink)'
