/**
 * What is said of the way it ended: every end has words of its own, or it does not compile, so that none is told of a
 * run that went another way.
 */
export const ofEnd = <O extends string, T>(simulation: { outcome: O }, words: Readonly<Record<O, T>>): T =>
  words[simulation.outcome]
