import { getQuery, sendRedirect } from 'h3'
import { codePage } from '../../join/page'

export default defineEventHandler(event => {
  const { code } = getQuery(event)
  if (typeof code !== 'string') return codePage(event)
  const plain = code.trim().toUpperCase()
  return /^[A-Z0-9]{3,8}$/.test(plain)
    ? sendRedirect(event, `/join/${plain}`, 303)
    : codePage(event, `Given "${code.slice(0, 20)}"; a code is five letters and figures.`)
})
