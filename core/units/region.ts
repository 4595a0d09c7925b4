/** Where customary units are what people measure with. */
const CUSTOMARY_REGIONS = new Set(['US', 'LR', 'MM'])

/** @param locale BCP 47; what is none belongs to no region */
export function isCustomaryRegion(locale: string): boolean {
  try {
    return CUSTOMARY_REGIONS.has(new Intl.Locale(locale).region ?? '')
  } catch {
    return false
  }
}
