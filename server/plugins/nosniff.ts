/** No browser guesses what an answer is, files included, which go past the guard. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('request', event => {
    event.node.res.setHeader('x-content-type-options', 'nosniff')
  })
})
