/** Made as the application is built, see nuxt.config. */
declare module '#page-scripts' {
  /** files of the client, each after all that it imports */
  export const order: readonly string[]
  /** app/early/turns.js */
  export const reading: string
}
