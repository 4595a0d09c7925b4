import { nextTurn } from '~/waking/next-turn'

/** The page is taken over in a task of its own, after all that is set up for it. */
export default defineNuxtPlugin({ order: 100, setup: nextTurn })
