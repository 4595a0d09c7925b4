/** Says which demonstration a page is about, as long as it is open: its texts are all in one language. */
export function useSubject(demonstration: () => string | undefined) {
  const units = useUnitsStore()
  watchEffect(() => {
    units.subject = demonstration()
  })
  onScopeDispose(() => {
    units.subject = undefined
  })
}
