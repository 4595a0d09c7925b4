/** What each countdown is called while it runs and once it has run out. */
export const COUNTDOWN_WORDS = {
  'plume': ['plume in', 'plume is late by'],
  'ready': ['ready in', 'ready for'],
  'dry': ['dry in', 'DRY for'],
  'give-up': ['give up in', 'GIVE UP: go by the steps'],
  'gone': ['', ''],
} as const
