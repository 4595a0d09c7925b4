/** What a test has mounted is taken away after it: left in the document, each one would slow all that come after it. */
import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { afterEach } from 'vitest'

// Once a file: they share their modules.
disableAutoUnmount()
enableAutoUnmount(afterEach)
