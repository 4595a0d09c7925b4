export { CHANNELS, LOGGER_GREETING, LoggerReader, isChannel, type Channel, type Reading } from './protocol'
export { SimulatedLogger } from './simulated-logger'
export { readColumns, guessMatches, readReadings, readingsCsv, type CsvColumns, type Match } from './readings-csv'
export { saidByReadings, type SaidByReadings } from './what-they-say'
