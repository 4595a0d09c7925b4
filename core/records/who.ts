/** Who works here, and with which devices: a name or initials, and nothing else of a person. */
import * as z from 'zod'

export const MOST_NAME_LETTERS = 40

const name = z
  .string('a name or initials')
  .trim()
  .min(1, 'a name or initials')
  .max(MOST_NAME_LETTERS, `a name of at most ${MOST_NAME_LETTERS} characters`)

export const personSchema = z.object({ id: z.uuid(), name })
export type Person = z.output<typeof personSchema>

/** Adds a name under an id which the client made, or changes the one that has it. */
export const namedSchema = z.object({ name })

/** Whose this device is from now on; nobody's, if null. */
export const whoseSchema = z.object({ person: z.uuid().nullable() })

/** The names, by the alphabet, and whose the device is that asks. */
export interface Who {
  people: Person[]
  mine: string | null
}

export interface ListedDevice {
  id: string
  /** browser and system */ label: string
  person: string | null
  /** ISO 8601 */ seenAt: string
  signedIn: boolean
  /** the one that asks */ here: boolean
}
