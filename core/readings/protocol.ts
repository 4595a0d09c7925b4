/**
 * The data logger's text protocol: lines of printable ASCII, one thing a line, fields apart by one space.
 *
 *     hush-logger 1
 *     channel pressure kPa
 *     channel temperature degC
 *     r 0 0.000 pressure 87.31
 *     r 1 0.000 temperature 18.4
 *     r 2 0.100 pressure -
 *     end
 *
 * `r`: number of the line (counting up, so that a lost one is noticed), s on the logger's clock, channel, value in
 * the channel's unit; `-` where the sensor gave none. Other lines are passed over and counted.
 */
import { QuantityError, toSi, type QuantityKind } from '../units'

export const LOGGER_GREETING = 'hush-logger 1'

/** Channels by the quantity that they measure. */
export const CHANNELS = { pressure: 'pressure', temperature: 'temperature' } as const satisfies Record<
  string,
  QuantityKind
>
export type Channel = keyof typeof CHANNELS
export const isChannel = (name: string): name is Channel => name in CHANNELS

export interface Reading {
  channel: Channel
  /** s on the logger's clock */ time: number
  /** SI */ value: number
}

/** Reads a logger's lines as they come, in pieces of any size. */
export class LoggerReader {
  /** line numbers that never came */ lost = 0
  /** values that the sensor did not give */ dropped = 0
  /** lines that are none of the protocol's */ strange = 0
  ended = false
  private rest = ''
  private units: Partial<Record<Channel, string>> = {}
  private next = 0

  /** @returns the readings that are complete with this piece */
  read(piece: string): Reading[] {
    const lines = (this.rest + piece).split('\n')
    this.rest = lines.pop()!
    return lines.flatMap(line => this.line(line.replace(/\r$/, '')))
  }

  private line(line: string): Reading[] {
    const [word, ...fields] = line.split(' ')
    if (line === LOGGER_GREETING) this.next = 0
    else if (line === 'end') this.ended = true
    else if (word === 'channel' && fields.length >= 2 && isChannel(fields[0])) this.units[fields[0]] = fields[1]!
    else if (word === 'r' && fields.length === 4) return this.reading(fields as [string, string, string, string])
    else if (line !== '') this.strange++
    return []
  }

  private reading([number, time, channel, value]: [string, string, string, string]): Reading[] {
    const [n, t, v] = [Number(number), Number(time), Number(value)]
    if (!Number.isInteger(n) || !Number.isFinite(t) || !isChannel(channel)) {
      this.strange++
      return []
    }
    if (n > this.next) this.lost += n - this.next
    this.next = Math.max(this.next, n + 1)
    const unit = this.units[channel]
    if (value === '-' || unit === undefined || !Number.isFinite(v)) {
      this.dropped++
      return []
    }
    try {
      return [{ channel, time: t, value: toSi(v, unit, CHANNELS[channel]) }]
    } catch (error) {
      if (!(error instanceof QuantityError)) throw error
      this.strange++
      return []
    }
  }
}
