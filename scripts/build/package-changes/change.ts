/** A file of a package, and what is said otherwise in it. */
export interface Change {
  readonly file: string
  readonly from: string
  readonly to: string
  /** where the server draws pages, too */ drawing?: true
}
