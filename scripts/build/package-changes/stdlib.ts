/** What stands in for what every browser has. */
import type { Change } from './change'

export const STDLIB: readonly Change[] = [
  // What tells an unwritable property of a function has every browser; what stands in for it brings texts of errors.
  {
    file: '/@stdlib/utils-define-property/lib/index.js',
    from: `var polyfill = require( './polyfill.js' );`,
    to: 'var polyfill = builtin;',
  },
]
