import { v4 } from 'uuid'

/**
 * Id of something made on this device. Browsers have `crypto.randomUUID` over https and on this machine's own address
 * only; from the school network, over plain http, the package makes one all the same.
 */
export const newId = (): string => v4()
