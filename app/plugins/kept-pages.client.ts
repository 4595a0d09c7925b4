import { useDebounceFn } from '@vueuse/core'
import { keepPage } from '~/files/keep-page'

/** Until a page is looked at rather than passed by, ms. */
const STAYS = 3000

/** Pages that are looked at open later without the server. */
export default defineNuxtPlugin(nuxt => {
  const keep = useDebounceFn(() => requestIdleCallback(() => void keepPage()), STAYS)
  nuxt.hook('page:finish', () => void keep())
})
