import { v4 } from 'uuid'

/**
 * Browsers have `crypto.randomUUID` over https and on this machine's own address only; from the school network, over
 * plain http, ids are made with the package.
 */
export default defineNuxtPlugin(() => {
  // Asked without options, the package would look for randomUUID itself and find this one.
  if (typeof crypto.randomUUID !== 'function') Object.defineProperty(crypto, 'randomUUID', { value: () => v4({}) })
})
