import { tv } from '#ui/utils/tv'
import { nextTurn } from '~/waking/next-turn'
import { fromSi } from '~~/core'

/**
 * The page is taken over in a task of its own, after all that is set up for it. So is reading the rules by which one
 * class takes the place of another, which the first look that is worked out asks for, and what is known of units, which
 * the first number does.
 */
export default defineNuxtPlugin({
  order: 100,
  async setup() {
    await nextTurn()
    tv({ base: 'p-0 p-1' })()
    await nextTurn()
    fromSi(1e5, 'hPa', 'pressure')
    await nextTurn()
  },
})
