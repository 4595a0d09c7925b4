/** What a failure is put down to. */

/** Something that can go wrong. */
export interface Suspect {
  id: string
  words: string
  /** what to do about it next time */ remedy: string
  /** which inputs belong to it */ inputs: readonly string[]
  /** those of them that can be far from plan, anywhere in their usual range; all of them if left out */
  slips?: readonly string[]
  /** SI: how far, where that is beyond the usual range */ reach?: Readonly<Record<string, number>>
}
