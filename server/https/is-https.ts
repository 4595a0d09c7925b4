import { getRequestHeader, type H3Event } from 'h3'
import { trustedProxies } from '../access/address'

/** Whether a browser speaks https to this application, or to the proxy before it that is believed. */
export const isHttps = (event: H3Event): boolean =>
  trustedProxies() > 0
    ? getRequestHeader(event, 'x-forwarded-proto')?.split(',').at(-1)?.trim() === 'https'
    : 'encrypted' in event.node.req.socket
