/**
 * The port that people use where https is asked for: https and plain http alike, told apart by the first byte that a
 * connection sends, so that an address typed without "https" arrives as well.
 */
import { createServer as createPlain, type RequestListener, type Server } from 'node:http'
import { createServer as createSecure, type ServerOptions } from 'node:https'
import { createServer, type Socket } from 'node:net'

/** Certificate and key, PEM. */
export interface Shown {
  certificate: string
  key: string
}
/** First byte of a TLS record that begins a connection: "handshake" (RFC 8446, 5.1). */
const HANDSHAKE = 22
/** Until a connection has sent anything, ms. */
const SILENCE = 10_000

/** Connections that came to this port and are not encrypted. */
const plainly = new WeakSet<object>()
/** Whether a request's connection came to the port that speaks https, without it. */
export const cameInPlain = (socket: object): boolean => plainly.has(socket)

const secure = ({ certificate, key }: Shown): ServerOptions => ({ cert: certificate, key, minVersion: 'TLSv1.2' })

export interface Front {
  /** shows another certificate from the next connection on */ show: (shown: Shown) => void
  close: () => void
}

/** Opens the port. @returns once it listens @throws Error where it can't be listened on */
export async function openFront(listener: RequestListener, shown: Shown, host: string, port: number): Promise<Front> {
  const https = createSecure(secure(shown), listener)
  const http = createPlain(listener)
  // They take connections that are handed to them; with this they also end those that are slow on purpose.
  for (const server of [https, http] as Server[]) server.emit('listening')
  const open = new Set<Socket>()
  const front = createServer({ pauseOnConnect: true }, socket => {
    open.add(socket)
    socket.on('close', () => open.delete(socket))
    socket.on('error', () => socket.destroy())
    socket.setTimeout(SILENCE, () => socket.destroy())
    socket.once('readable', () => {
      const first = socket.read(1) as Buffer | null
      if (!first) return void socket.destroy()
      socket.setTimeout(0)
      socket.unshift(first)
      if (first[0] !== HANDSHAKE) plainly.add(socket)
      ;(first[0] === HANDSHAKE ? https : http).emit('connection', socket)
    })
  })
  await new Promise<void>((resolve, reject) => {
    front.once('error', reject)
    front.listen({ host, port, exclusive: true }, resolve)
  })
  return {
    show: next => https.setSecureContext(secure(next)),
    close() {
      front.close()
      https.close()
      http.close()
      for (const socket of open) socket.destroy()
    },
  }
}
