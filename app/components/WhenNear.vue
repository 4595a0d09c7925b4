<script lang="ts">
import { useEventListener, useIntersectionObserver } from '@vueuse/core'
import type { Component, PropType } from 'vue'
import { itsTurn } from '~/waking/turns'

/** Until a part is in sight, px: as far as one scrolls while it is fetched. */
const NEAR = 200

/** What can hold the focus or be pressed, told from others of its part by what it says. */
const HELD = 'a, button, input, select, textarea, [tabindex]'
const saying = (element: Element) =>
  [element.tagName, element.id, element.getAttribute('aria-label'), element.textContent].join('\n')

/** How a button stands, which a press changes. */
const standing = (button: Element) =>
  ['aria-expanded', 'aria-pressed', 'aria-checked'].map(name => button.getAttribute(name)).join()

/**
 * Part of a page that may lie below what is seen first. Drawn by the server it stays as it came, and its scripts are
 * not fetched, until it is nearly in sight, the focus is in it or, as soon as the browser has nothing else to do,
 * something is done on the page or it has become stale; then it is drawn anew in one go. What was pressed in it
 * meanwhile is pressed then, unless it stands otherwise by then (as it was left on this device, which the server does
 * not know: that is what was asked for), and the focus stays where it was. What is in sight from the beginning is taken
 * over in its turn, and on a page that is awake it is drawn at once.
 */
export default defineComponent({
  inheritAttrs: false,
  props: {
    /** what is drawn, where it is a part with scripts of its own: it is given the attributes; else the slot is */
    of: Function as PropType<() => Promise<{ default: Component }>>,
    /** its file in `app/`, by which the server knows the scripts that its page can do without */
    file: { type: String, default: '' },
    /** element that it stands in */
    as: { type: String, default: 'div' },
    /** what came is no longer so */
    stale: Boolean,
  },
  setup(props, { attrs, slots }) {
    const came = import.meta.client ? (getCurrentInstance()!.vnode.el as Element | null) : null
    const part = shallowRef<Component>()
    const drawn = ref(false)
    const place = shallowRef<HTMLElement>()
    const fetchPart = async () => {
      part.value = props.of && (await props.of()).default
    }
    const draw = () =>
      h(
        props.as,
        { ref: place, ...(props.of ? {} : attrs) },
        drawn.value ? (part.value ? [h(part.value, attrs)] : slots.default?.()) : undefined,
      )
    // The page is not told of its scripts, nor of styles of its own: such a part has none.
    if (import.meta.server && props.of)
      useNuxtApp().hook('app:rendered', ({ ssrContext }) => void ssrContext!.modules!.delete(props.file))
    // One that has to be fetched would hold up the page.
    const seen = !props.of && came !== null && came.getBoundingClientRect().top < innerHeight + NEAR
    if (!came || seen) {
      drawn.value = true
      // The server waits wherever the browser does: ids are counted from whatever waits.
      if (props.of) return fetchPart().then(() => draw)
      return seen || import.meta.server ? itsTurn().then(() => draw) : draw
    }

    const later: (() => void)[] = []
    const held = () => [...place.value!.querySelectorAll<HTMLElement>(HELD)]
    /** Does it with what takes this one's place: what says the same, or else stands where it stood, if that will do. */
    const again = (element: Element, act: (same: HTMLElement) => void, or: 'nothing' | 'inItsPlace') => {
      const said = saying(element)
      const index = held().indexOf(element as HTMLElement)
      later.push(() => {
        const same = held().find(e => saying(e) === said) ?? (or === 'inItsPlace' ? held()[index] : undefined)
        if (same) act(same)
      })
    }
    /** Resolves once nothing in it is being pressed: taken away under the pointer, it would hear no click. */
    let released: Promise<void> | undefined
    const press = () => {
      released = new Promise(resolve => {
        const letGo = () => setTimeout(resolve)
        for (const end of ['pointerup', 'pointercancel']) addEventListener(end, letGo, { once: true })
      })
    }
    let asked = false
    async function wake() {
      if (asked) return
      asked = true
      asked = await fetchPart().then(
        () => true,
        () => false,
      )
      await released
      // One that did not come is asked for again with what is done next.
      if (!asked || !place.value) return
      for (const stop of listening) stop()
      const focused = document.activeElement
      if (focused && place.value.contains(focused))
        again(focused, same => same.focus({ preventScroll: true }), 'inItsPlace')
      // Vue knows nothing of what came: it draws beside it.
      place.value.replaceChildren()
      drawn.value = true
      await nextTick()
      for (const act of later) act()
    }
    const soon = () => requestIdleCallback(() => void wake())
    const listening = [
      useIntersectionObserver(place, ([sight]) => sight!.isIntersecting && wake(), { rootMargin: `${NEAR}px` }).stop,
      useEventListener(place, 'pointerdown', press, { capture: true, passive: true }),
      useEventListener(place, 'focusin', wake),
      useEventListener(['keydown', 'pointerdown', 'input'], soon, { passive: true }),
      useEventListener(
        place,
        'click',
        event => {
          const pressed = (event.target as Element).closest('button')
          if (!pressed) return
          event.preventDefault()
          event.stopPropagation()
          const was = standing(pressed)
          again(
            pressed,
            same => {
              if (standing(same) === was) same.click()
            },
            'nothing',
          )
          void wake()
        },
        { capture: true },
      ),
      watch(() => props.stale, soon),
    ]
    return Promise.resolve(draw)
  },
})
</script>
