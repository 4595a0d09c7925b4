import { isOpenToNetwork } from '../access/network'

/** Whether people sign in here at all: a copy that only its own machine reaches asks nobody. */
export default defineEventHandler(() => ({ needed: isOpenToNetwork() }))
