/** Of a school's document, what pages that only show it ask. */
import type { SchoolDocument } from './school'

/** 110 kB of picture: printed at the head of a sheet, no more. */
export const MOST_LOGO_LETTERS = 150_000

/** As it is before anybody said anything. */
export const NO_SCHOOL: SchoolDocument = {
  format: 'zealous-hush/school',
  version: 1,
  ...{ name: '', emergency: [], rules: [], cautions: [], typical: [] },
}

/** The school's own cautions for a demonstration: those for all of them first. */
export const cautionsOfSchool = (school: Pick<SchoolDocument, 'cautions'>, demonstration: string): string[] =>
  [undefined, demonstration].flatMap(of => school.cautions.filter(c => c.demonstration === of).map(c => c.text))
