import { useDebounceFn } from '@vueuse/core'
import { keepPage } from '~/files/keep-page'
import { FROM_KEPT } from '~/service-worker/kept'

/** Until a page is looked at rather than passed by, ms. */
const STAYS = 3000

/** Pages that are looked at open later without the server; where something came from what is kept, the page says so. */
export default defineNuxtPlugin(nuxt => {
  const keep = useDebounceFn(() => requestIdleCallback(() => void keepPage()), STAYS)
  nuxt.hook('page:finish', () => void keep())
  if ('serviceWorker' in navigator)
    navigator.serviceWorker.addEventListener('message', ({ data }) => {
      if (data === FROM_KEPT) document.documentElement.dataset.kept = ''
    })
})
