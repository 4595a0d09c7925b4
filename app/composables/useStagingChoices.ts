import type { ListedStaging } from '~~/core'

/**
 * Stagings as a list to choose from: two of one name are told apart by their day. Archived ones are left out.
 *
 * @param value of a choice, by the staging's id
 * @param kept shown although archived, because they are chosen
 */
export function useStagingChoices(
  stagings: () => readonly ListedStaging[] | undefined,
  value: (id: string) => string = id => id,
  kept: () => readonly string[] = () => [],
) {
  const units = useUnitsStore()
  return computed(() =>
    (stagings() ?? [])
      .filter(s => !s.archived || kept().includes(s.id))
      .map(s => ({
        value: value(s.id),
        label: s.document.title || s.document.demonstration,
        description: units.date(s.updatedAt, { day: 'numeric', month: 'long', year: 'numeric' }),
      })),
  )
}
