import { nextTurn } from '~/waking/next-turn'

/** What others do comes in a task of its own, after the router: a click is heard between. */
export default defineNuxtPlugin({ order: -19, setup: nextTurn })
