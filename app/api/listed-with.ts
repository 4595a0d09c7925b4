import type { LocationQueryValue } from 'vue-router'

/** Asks for the list of stagings with one that was only begun, where the address names it. */
export const listedWith = (staging: LocationQueryValue | LocationQueryValue[] | undefined) =>
  typeof staging === 'string' && staging ? { query: { also: staging } } : {}
