import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '../catalogue/everything'
import { StagingSample } from '../forecast'
import { readStaging, withRoom, type RoomDocument } from '.'

/** Corners of what a room may be: a hall in the Himalaya in winter, a cellar at the Dead Sea in summer. */
const ROOMS: RoomDocument[] = [450, 460, 700, 1090].flatMap(pressure =>
  [-10, 45].flatMap(temperature =>
    [0, 1].map(humidity => ({
      stationPressure: { value: pressure, unit: 'hPa' },
      airTemperature: { value: temperature, unit: 'degC' },
      relativeHumidity: { value: humidity, unit: '1' },
    })),
  ),
)

describe.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('%s', (id, demonstration) => {
  it('can be staged with its usual values, drawn and forecast in every accepted room', () => {
    for (const room of ROOMS) {
      const blank = { format: 'zealous-hush/staging', version: 1, demonstration: id, title: '', inputs: {} } as const
      const { given, values } = readStaging(withRoom(blank, room, demonstration))
      expect(demonstration.simulate(values, 'trace').trace!.time.length).toBeGreaterThan(1)
      const sample = new StagingSample(demonstration, given, 4)
      sample.advance(4)
      expect(Object.values(sample.nominal.numbers).every(v => v === undefined || Number.isFinite(v))).toBe(true)
    }
  })
})
