export * from './past-run'
export * from './put-away'
export * from './records'
export * from './writes'
