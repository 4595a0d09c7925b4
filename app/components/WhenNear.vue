<script lang="ts">
import { useEventListener, useIntersectionObserver } from '@vueuse/core'
import type { Component, PropType } from 'vue'

/** Until a part is in sight, px: as far as one scrolls while it is fetched. */
const NEAR = 200

/** What can hold the focus or be pressed, told from others of its part by what it says. */
const HELD = 'a, button, input, select, textarea, [tabindex]'
const saying = (element: Element) =>
  [element.tagName, element.id, element.getAttribute('aria-label'), element.textContent].join('\n')

/**
 * Part of a page that lies below what is seen first. Drawn by the server it stays as it came, and its scripts are not
 * fetched, until it is nearly in sight, the focus is in it or, as soon as the browser has nothing else to do, something
 * is done on the page; then it is drawn anew in one go. What was pressed in it meanwhile is pressed then, and the focus
 * stays where it was. On a page that is awake it is drawn at once. What is given to it is given to the part.
 */
export default defineComponent({
  inheritAttrs: false,
  props: {
    of: { type: Function as PropType<() => Promise<{ default: Component }>>, required: true },
    /** file of the part in `app/`, by which the server knows the scripts that its page can do without */
    file: { type: String, required: true },
  },
  async setup(props, { attrs }) {
    const came = import.meta.client && getCurrentInstance()!.vnode.el !== null
    const part = shallowRef<Component>()
    const place = shallowRef<HTMLElement>()
    const draw = () => h('div', { ref: place }, part.value && [h(part.value, attrs)])
    if (!came) {
      // The page is not told of its scripts, nor of styles of its own: such a part has none.
      if (import.meta.server)
        useNuxtApp().hook('app:rendered', ({ ssrContext }) => void ssrContext!.modules!.delete(props.file))
      part.value = (await props.of()).default
      return draw
    }

    const later: (() => void)[] = []
    /** Does it with what takes this one's place. */
    const again = (element: Element, act: (same: HTMLElement) => void) => {
      const said = saying(element)
      later.push(() => {
        const same = [...place.value!.querySelectorAll<HTMLElement>(HELD)].find(e => saying(e) === said)
        if (same) act(same)
      })
    }
    let asked = false
    async function wake() {
      if (asked) return
      asked = true
      const fetched = await props.of().catch(() => undefined)
      // One that did not come is asked for again with what is done next.
      asked = fetched !== undefined
      if (!fetched || !place.value) return
      for (const stop of listening) stop()
      const focused = document.activeElement
      if (focused && place.value.contains(focused)) again(focused, same => same.focus({ preventScroll: true }))
      // Vue knows nothing of what came: it draws beside it.
      place.value.replaceChildren()
      part.value = fetched.default
      await nextTick()
      for (const act of later) act()
    }
    const listening = [
      useIntersectionObserver(place, ([seen]) => seen!.isIntersecting && wake(), { rootMargin: `${NEAR}px` }).stop,
      useEventListener(place, 'focusin', wake),
      useEventListener(['keydown', 'pointerdown', 'input'], () => requestIdleCallback(wake), { passive: true }),
      useEventListener(
        place,
        'click',
        event => {
          const pressed = (event.target as Element).closest('button')
          if (!pressed) return
          event.preventDefault()
          event.stopPropagation()
          again(pressed, same => same.click())
          void wake()
        },
        { capture: true },
      ),
    ]
    return draw
  },
})
</script>
