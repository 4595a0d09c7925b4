import { toNodeListener } from 'h3'
import * as z from 'zod'
import { openFront, type Front } from '../https/front'
import { setReached } from '../https/reached'

/** What the start command says: where to listen, with which certificate, and anew when that is renewed. */
const frontSchema = z.object({
  host: z.string(),
  port: z.number().int().min(1).max(65535),
  certificate: z.string(),
  key: z.string(),
  authority: z.string().optional(),
  names: z.array(z.string()),
})

/** Opens the port for https as the start command asks for it; the key comes by its channel and lies in no file here. */
export default defineNitroPlugin(nitro => {
  if (!process.send || process.env.HUSH_HTTPS !== '1') return
  let front: Front | undefined
  const listener = toNodeListener(nitro.h3App)
  const listen = async (message: unknown) => {
    const asked = frontSchema.parse(message)
    setReached(asked)
    if (front) front.show(asked)
    else front = await openFront(listener, asked, asked.host, asked.port)
  }
  process.on('message', (message: unknown) => {
    listen(message).then(
      () => process.send?.({ front: 'open' }),
      (error: unknown) =>
        process.send?.({ front: 'failed', why: error instanceof Error ? error.message : String(error) }),
    )
  })
  nitro.hooks.hook('close', () => front?.close())
})
