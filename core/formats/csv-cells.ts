/**
 * Cells that a table program would run rather than show.
 *
 * @source OWASP, CSV Injection: a cell that begins with =, +, −, @, a tab or a return is taken for a formula; an
 *   apostrophe before it makes it text. A signed number is left alone, and an apostrophe that was there is doubled, so
 *   that reading gives back what was written.
 */

/** Cells that get an apostrophe. */
export const FORMULA = /^(?:['=@\t\r]|[+-](?!\d|[.,]\d))/

/** A cell as it was before it got one. */
export const plainCell = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell
