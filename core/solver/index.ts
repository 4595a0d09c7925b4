export { Integrator, type IntegrationOptions } from './integrator'
export type { Integration, Occurrence, OdeEvent, OdeSystem } from './system'
