/** The part of psychrolib that the checks of humid air use; it ships no types. */
declare module 'psychrolib' {
  const psychrolib: Readonly<Record<string, (...numbers: number[]) => number>> & {
    SI: number
    SetUnitSystem(system: number): void
  }
  export default psychrolib
}
