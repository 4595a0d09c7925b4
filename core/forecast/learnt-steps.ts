/** What was learnt after each run, so that neither one run more nor another staging has it all learnt anew. */

/** More are of stagings that nobody has looked at for long. */
const MOST = 300

/** A step: a run that was learnt from, after those before it. */
export interface LearntStep<T> {
  /** tells it from others */ id: number
  learnt: T
}

/** Steps by what they hang on: the one before, and what is said of the run. The oldest are forgotten. */
export class LearntSteps<T> {
  private readonly kept = new Map<string, LearntStep<T>>()
  private count = 0

  /**
   * @param before id of the step before; 0 where there is none
   * @param about all that the step hangs on beside that one
   * @param work learns it, where it was not learnt yet; what it throws is thrown, and nothing is kept
   */
  async after(before: number, about: string, work: () => Promise<T>): Promise<LearntStep<T>> {
    const key = `${before} ${about}`
    const step = this.kept.get(key) ?? { id: ++this.count, learnt: await work() }
    // Those used last stand last.
    this.kept.delete(key)
    this.kept.set(key, step)
    for (const oldest of [...this.kept.keys()].slice(0, Math.max(0, this.kept.size - MOST))) this.kept.delete(oldest)
    return step
  }
}
