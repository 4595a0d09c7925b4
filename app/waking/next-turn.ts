/**
 * Resolves in a task of its own: until then the browser paints, and hears a click. By a message, since a page that is
 * opened in the background would be given a timer a second.
 */
export const nextTurn = (): Promise<void> =>
  new Promise(resolve => {
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = () => {
      port1.close()
      resolve()
    }
    port2.postMessage(undefined)
  })
