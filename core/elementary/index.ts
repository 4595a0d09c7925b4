/**
 * Elementary functions that give the same bits on every machine.
 *
 * JavaScript leaves the last digits of `Math.exp`, `Math.log` and `Math.pow` to the engine, so a browser and a
 * server may disagree. A forecast promises the same numbers for the same seed everywhere; core therefore uses these
 * (ports of FreeBSD's msun) and plain arithmetic with `Math.sqrt`, which IEEE 754 fixes exactly. Lint holds the rule.
 */
import cos from '@stdlib/math-base-special-cos'
import exp from '@stdlib/math-base-special-exp'
import ln from '@stdlib/math-base-special-ln'
import pow from '@stdlib/math-base-special-pow'
import sin from '@stdlib/math-base-special-sin'

export { cos, exp, ln, pow, sin }
export { integerPower } from './integer-power'
export { falsePosition, halving } from './root'
export { CubicTable } from './cubic-table'
export { cubeRoot } from './cube-root'
