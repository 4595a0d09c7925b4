/**
 * Every request of the server's tests by a connection of its own. One that is kept is closed by the server after five
 * idle seconds, and a test that computes for longer, or a machine that others use, does not hear of it before it asks
 * by it again.
 */
const ask = globalThis.fetch

globalThis.fetch = (input, init) => {
  const request = new Request(input, init)
  request.headers.set('connection', 'close')
  return ask(request)
}
