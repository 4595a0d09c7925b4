import { howReached } from '../https/reached'

/** How a phone reaches this copy: by which names, and by a scheme that it needs no certificate for. */
export default defineEventHandler(() => {
  const reached = howReached()
  if (!reached) return { names: [] }
  const { names, port, secure, authority } = reached
  return { names, port, scheme: secure && !authority ? 'https' : 'http' }
})
