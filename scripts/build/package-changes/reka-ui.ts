/** What is closed is not measured, as each measure would have the page laid out anew. */
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
]
