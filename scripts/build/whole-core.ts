/** The computation with every demonstration at hand, as the command line uses it. */
export * from '../../core'
export * from '../../core/catalogue/everything'
export { demonstrationsMarkdown } from '../../core/formats/demonstrations-markdown'
export { safetyMarkdown } from '../../core/formats/safety-markdown'
