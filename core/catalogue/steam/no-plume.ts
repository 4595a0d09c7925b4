import type { Ran } from '../../demonstration'

/** What is told first where no steady plume ever shows; nothing where one does. @param noun "can", "flask" */
export function noPlume(
  { results: r, details }: Ran<never, never, 'timeToPlume', 'boiledDry'>,
  noun: string,
): string[] {
  if (r.timeToPlume !== undefined) return []
  return [
    details.boiledDry === 1
      ? `The water is gone before any steady plume shows: the ${noun} never fills with steam.`
      : `No steady plume within an hour: the heat that gets in only makes up for what the ${noun} loses.`,
  ]
}
