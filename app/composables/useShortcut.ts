import { useEventListener } from '@vueuse/core'

/** Calls `act` for a plain key, unless it is typed into a field or belongs to an open dialog. */
export function useShortcut(act: (key: string, event: KeyboardEvent) => void) {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
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
