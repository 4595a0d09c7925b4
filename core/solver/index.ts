import { Integrator } from './integrator'

export { firstReached, firstReachedOnCurve } from './first-reached'
export { Integrator, type IntegrationOptions } from './integrator'
export type { Integration, Occurrence, OdeEvent, OdePeak, OdeSystem, Peak } from './system'

const integrators = new Map<number, Integrator>()

/**
 * One integrator for each number of unknowns, since it owns its work space. A right-hand side must not integrate by
 * itself.
 */
export function integratorOf(size: number): Integrator {
  let integrator = integrators.get(size)
  if (!integrator) integrators.set(size, (integrator = new Integrator(size)))
  return integrator
}
