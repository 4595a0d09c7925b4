/** What is used here of odex, which ships its TypeScript as source that our compiler settings do not accept. */
export class Solver {
  constructor(size: number)
  absoluteTolerance: number | number[]
  relativeTolerance: number | number[]
  initialStepSize: number
  maxSteps: number
  solve(slope: (t: number, state: number[]) => number[], start: number, state: number[], end: number): { y: number[] }
}
