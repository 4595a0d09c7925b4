<script lang="ts">
import type { FunctionalComponent } from 'vue'
import { inTurn } from '~/waking/turns'

/**
 * Part of a page that came drawn from the server is woken in its turn, not in one go with all others, for which a slow
 * device would hear nobody for seconds. What is drawn later, by a page that is awake, is there at once.
 *
 * For what stays as it came until then (a list, the head): words would follow a change, attributes would not.
 */
export default defineComponent({
  inheritAttrs: false,
  setup(_, { slots }) {
    // A part of a part is set up when the page as a whole has long been awake: what it takes over tells.
    const drawn = import.meta.server || getCurrentInstance()!.vnode.el !== null
    if (!drawn) return () => slots.default?.()
    // A boundary of its own on both sides: ids are counted from it.
    const Part = defineAsyncComponent({
      loader: () => Promise.resolve(((_props, { slots }) => slots.default?.()) satisfies FunctionalComponent),
      hydrate: inTurn,
    })
    return () => h(Part, null, slots)
  },
})
</script>
