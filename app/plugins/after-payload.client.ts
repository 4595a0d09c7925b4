import { nextTurn } from '~/waking/next-turn'

/** The router begins in a task of its own, after what came with the page is read: a click is heard between. */
export default defineNuxtPlugin({ order: -29, setup: nextTurn })
