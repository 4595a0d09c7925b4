/** What a list says of a demonstration, for pages that show many and work out none. */
import { knownDemonstrations } from './known'

export const listDemonstrations = () =>
  knownDemonstrations().map(({ id, name, summary, noun, wanted, outcomes, subject, shelf }) => ({
    id,
    name,
    summary,
    noun,
    wanted,
    subject,
    shelf,
    outcomes: outcomes.map(({ id, name, look }) => ({ id, name, look })),
  }))
export type ListedDemonstration = ReturnType<typeof listDemonstrations>[number]
