/** What practising with a pump needs: how long it runs, what is seen of it, what goes wrong on purpose. */
import {
  valueAt,
  type Has,
  type Instrument,
  type Practised,
  type Simulation,
  type Traced,
  type Trouble,
} from '../../demonstration'
import type { Sentence } from '../../sentence'

/** Shares of the room's pressure at which a pump sounds otherwise. Assumption. */
const [THIN, THINNER] = [0.6, 0.25]
/** A rim with a hair under it, m2. Assumption. */
const HAIR = 0.6e-6

/** The pump's note as the air in it gets thinner. */
export function pumpSenses(_values: Has<never>, { trace }: Traced<Simulation>, time: number): Sentence[] {
  const share = valueAt(trace, 'pressure', time) / trace.columns.pressure[0]
  const boils = trace.columns.boiling && valueAt(trace, 'boiling', time) > 0
  return [
    share > 0.98
      ? 'Air rushes in the hose.'
      : share > THIN
        ? 'The pump knocks.'
        : share > THINNER
          ? 'The pump runs more quietly.'
          : 'The pump hardly makes a sound.',
    ...(boils ? ['It bubbles.'] : []),
  ]
}

const leaks: Trouble<Has<'leakArea'>> = {
  id: 'leak',
  words: 'A hair lay under the rim, and it leaked.',
  alters: () => ({ numbers: { leakArea: HAIR } }),
}
const leaksIfAsked = (values: { numbers: Readonly<Partial<Record<string, number>>> }) =>
  values.numbers.leakArea !== undefined

/** A gauge at the plate: what is inside, not how far below the room. */
export const GAUGE: Instrument = { name: 'gauge', column: 'pressure', quantity: 'pressure', units: ['kPa', 'psi'] }
export const THERMOMETER: Instrument = {
  name: 'thermometer',
  column: 'waterTemperature',
  quantity: 'temperature',
  units: ['°C', '°F'],
}

/** The pump is stopped, and then what is shut off is held as long as somebody waits. */
export const pumpPractice: Practised = {
  moments: [{ id: 'stop', step: 'pump', words: 'Stop the pump' }],
  spans: [{ input: 'pumpTime', from: 'sealed', to: 'stop' }],
  senses: pumpSenses,
  instruments: [GAUGE],
  troubles: [{ ...leaks, applies: leaksIfAsked }],
}
