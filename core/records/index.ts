export * from './records'
export * from './writes'
