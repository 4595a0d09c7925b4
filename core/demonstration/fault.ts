import { METRIC, tell, type Sentence } from '../sentence'

/** What is wrong with an input, as "given 3 L; accepted: at most 2 L". */
export interface Fault {
  /** id of the input */ input: string
  message: Sentence
}

/** For logs and for whoever sends files: a line each. */
export const inLines = (faults: readonly Fault[]): string =>
  faults.map(f => (f.input ? `${f.input}: ` : '') + tell(f.message, METRIC)).join('\n')
