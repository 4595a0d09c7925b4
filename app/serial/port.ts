/** A serial port, as browsers hand one out (Web Serial); the types are not in TypeScript's library yet. */

interface SerialPort {
  open: (options: { baudRate: number }) => Promise<void>
  close: () => Promise<void>
  readonly readable: ReadableStream<Uint8Array> | null
}
interface Serial {
  requestPort: () => Promise<SerialPort>
}
const serial = (): Serial | undefined => (navigator as Navigator & { serial?: Serial }).serial

/** Bits a second that loggers are set to; the first is offered. */
export const BIT_RATES = [115200, 57600, 38400, 19200, 9600] as const

/** Whether this browser has any. */
export const hasPorts = (): boolean => serial() !== undefined

/** Lets a person choose a port, and opens it. @returns undefined where none was chosen @throws if it can't be opened */
export async function choosePort(baudRate: number): Promise<SerialPort | undefined> {
  let port: SerialPort
  try {
    port = await serial()!.requestPort()
  } catch (error) {
    if (error instanceof DOMException && error.name === 'NotFoundError') return undefined
    throw error
  }
  await port.open({ baudRate })
  return port
}

/** What comes in at a port, until it is told to end; then the port is closed. */
export async function bytesOf(port: SerialPort, signal: AbortSignal): Promise<ReadableStream<Uint8Array>> {
  const { readable } = port
  if (!readable) {
    await port.close()
    throw new Error('The port gives nothing to read.')
  }
  const { readable: through, writable } = new TransformStream<Uint8Array, Uint8Array>()
  readable
    .pipeTo(writable, { signal })
    .catch(() => {})
    .finally(() => void port.close().catch(() => {}))
  return through
}
