import { getQuery, sendRedirect } from 'h3'
import { say } from '../../join/language'
import { codePage } from '../../join/page'

export default defineEventHandler(event => {
  const { code } = getQuery(event)
  if (typeof code !== 'string') return codePage(event)
  const plain = code.trim().toUpperCase()
  return /^[A-Z0-9]{3,8}$/.test(plain)
    ? sendRedirect(event, `/join/${plain}`, 303)
    : codePage(event, say(event)('Given "{code}"; a code is five letters and figures.', { code: code.slice(0, 20) }))
})
