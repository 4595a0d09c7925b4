import { useEventListener } from '@vueuse/core'

/**
 * Calls `act` for a plain key, unless it is typed into a field or belongs to an open dialog, or single keys are off.
 *
 * @param always also with single keys off: on stage they are what one works with
 */
export function useShortcut(act: (key: string, event: KeyboardEvent) => void, always = false) {
  const single = useSingleKeys()
  useEventListener('keydown', (event: KeyboardEvent) => {
    if (!always && !single.value) return
    const target = event.target as HTMLElement
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
    if (
      target.closest(
        'input:not([type=range]), textarea, select, [contenteditable], [role=combobox], [role=listbox], [role=dialog]',
      )
    )
      return
    act(event.key, event)
  })
}
