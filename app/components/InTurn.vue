<script lang="ts">
import { itsTurn } from '~/waking/turns'

/**
 * Part of a page that came drawn from the server takes it over in its turn, not in one go with all others, for which a
 * slow device would hear nobody for seconds. Nothing on the page is mounted before its last part has had its turn, so
 * what `onMounted` changes changes all of it. What is drawn later, by a page that is awake, is there at once.
 */
export default defineComponent({
  inheritAttrs: false,
  setup(_, { slots }) {
    const draw = () => slots.default?.()
    // A part of a part is set up when the page as a whole has long been awake: what it takes over tells. The server
    // waits too: ids are counted from whatever waits.
    const drawn = import.meta.server || getCurrentInstance()!.vnode.el !== null
    return drawn ? itsTurn().then(() => draw) : draw
  },
})
</script>
