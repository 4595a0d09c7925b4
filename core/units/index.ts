export * from './quantity'
export { requireRange } from './require-range'
