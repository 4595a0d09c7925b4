export { DEMONSTRATION_IDS } from './directory'
export { listDemonstrations, type ListedDemonstration } from './listing'
export { findDemonstration, knownDemonstrations, loadDemonstrations } from './known'
export { REFUSALS, type Refusal } from './refusals'
