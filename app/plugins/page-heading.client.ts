/**
 * A page that is gone to begins at its heading: there the focus is, and it is read out. One that is opened afresh, and
 * one whose address only tells more of the same page, keep the focus where it is.
 */
export default defineNuxtPlugin(nuxtApp => {
  const router = useRouter()
  let from = router.currentRoute.value.path
  nuxtApp.hook('page:finish', () => {
    const { path } = router.currentRoute.value
    if (path === from || nuxtApp.isHydrating) return
    from = path
    requestAnimationFrame(() => {
      const main = document.getElementById('main')
      const heading = main?.querySelector('h1') ?? main
      const focused = document.activeElement
      // A page that has put the focus somewhere itself knows better.
      if (!heading || (focused !== main && main?.contains(focused))) return
      heading.tabIndex = -1
      heading.style.outline = 'none'
      heading.focus({ preventScroll: true })
    })
  })
})
