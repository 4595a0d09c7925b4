/** A hazard that a staging's numbers bring, with the usual control. */
export interface Caution {
  id: string
  /** step of the procedure it belongs to */
  step: string
  severity: 'usual' | 'raised'
  hazard: string
  control: string
}
