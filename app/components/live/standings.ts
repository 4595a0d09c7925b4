/** Where an act can stand, in the order in which it goes. */
export const STANDINGS = [
  'waiting',
  'heating',
  'steaming',
  'off the heat',
  'hush',
  'to log',
  'logged',
  'skipped',
] as const
