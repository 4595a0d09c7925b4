export * from './quantity'
export { QuantityError } from './quantity-error'
export { readNumber, usesDecimalComma } from './written-number'
export { requireRange } from './require-range'
