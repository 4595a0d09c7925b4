export * from './past-run'
export * from './records'
export * from './writes'
