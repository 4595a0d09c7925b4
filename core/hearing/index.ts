export { findOnsets, type Onset } from './onsets'
export { firstPop } from './first-pop'
export { expectedHush, hushHeard, type HushHeard } from './hush-heard'
export { onsetsCsv } from './onsets-csv'
