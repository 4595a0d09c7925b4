/** Odds as people say them, of a hundred. @param share 0 to 1 */
export const inHundred = (share: number): string =>
  share > 0 && share < 0.005 ? 'fewer than 1' : String(Math.round(share * 100))
