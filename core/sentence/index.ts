/** Sentences that know quantities, and the renderer that knows their reader. */
export { inARow, joined, keyOf, say, type Part, type Said, type Sentence, type Told } from './sentence'
export * from './quantities'
export { MeasureError, requireMeasured } from './measured'
export { CUSTOMARY, METRIC, tell, tellQuantity, type Reader } from './rendering'
