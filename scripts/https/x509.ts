/** Certificates by the package for them, which needs its polyfill before it is read, on Node's own cryptography. */
import 'reflect-metadata'
import { webcrypto } from 'node:crypto'
import * as x509 from '@peculiar/x509'

x509.cryptoProvider.set(webcrypto as Crypto)

export { x509 }
