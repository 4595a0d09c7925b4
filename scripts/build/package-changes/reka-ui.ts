/** What each part asks the browser to measure as it wakes, which has the page laid out once for each. */
import type { Change } from './change'

export const REKA_UI: readonly Change[] = [
  // What is folded away has no height; to be told so, the browser would lay out the page for each.
  {
    file: '/reka-ui/dist/Collapsible/CollapsibleContent.js',
    from: `const rect = node.getBoundingClientRect();`,
    to: `const rect = isOpen.value || height.value > 0 ? node.getBoundingClientRect() : { height: 0, width: 0 };`,
  },
  // What is closed and was never open is measured as it opens: measured before, each would have the page laid out anew.
  {
    file: '/reka-ui/dist/Collapsible/CollapsibleContent.js',
    from: 'if (!node) return;',
    to: 'if (!node || (!isOpen.value && height.value === 0)) return;',
  },
  // What is ticked is named by its label, as the page says itself; read from there and said once more it may be empty.
  {
    file: '/reka-ui/dist/Checkbox/CheckboxRoot.js',
    from: 'if (attrs["aria-label"]) return void 0;',
    to: 'return void 0;',
  },
]
