/** Things of a kit that the acts of a show share: nobody carries one for each act. */

/**
 * How many are carried:
 * - `once`: one for the whole show
 * - `hands`: one for each who handles things
 * - `all`: everybody present has one
 * - `heaters`: as many as acts use, never more than there are
 */
export type Sharing = 'once' | 'hands' | 'all' | 'heaters'

/** By the words of the line. Whatever is not here is carried for each act. */
export const SHARED_KIT: Readonly<Record<string, Sharing>> = {
  'heater': 'heaters',
  'heat-proof gloves': 'hands',
  'cut-proof gloves': 'hands',
  'eye protection': 'hands',
  'ear protection': 'hands',
  'eye protection for all': 'all',
  'ear protection for all': 'all',
  'clock': 'once',
  'thermometer': 'once',
  'kettle': 'once',
  'funnel': 'once',
  'measuring cylinder': 'once',
  'lighter': 'once',
  'tape measure': 'once',
  'ruler': 'once',
  'barrier tape': 'once',
  'screen or guard': 'once',
  'fire blanket and extinguisher': 'once',
  'a way to shut the burner off from a distance': 'once',
}
/** Who already has what is for all needs no second one for those who handle things. */
export const FOR_ALL = ' for all'
